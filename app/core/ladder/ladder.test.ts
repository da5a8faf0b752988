import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, Child, Observation, plainDate } from "../model";
import { readinessOf } from "../readiness";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { changesBetween, placeOnLadder, stepsFrom } from "./ladder";
import { MOST_USES, sittingFor, usesOf } from "./sitting";

const BIRTH = plainDate("2024-01-01");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const child = Child.parse({ ...stamp, id: anId("c"), name: "C", birth: BIRTH });
const readyAt = (months: number, notes: Observation[] = []) =>
  readinessOf(FIXTURE, child, notes, [], addDays(BIRTH, Math.round(months * 30.4375)));
const activity = (id: string) => {
  const found = FIXTURE.activities.find((one) => one.id === id);
  if (!found) throw new Error(`no activity ${id}`);
  return found;
};

describe("a place on the ladder", () => {
  it("is the hardest rung that is more likely than not, or the first", () => {
    const towers = activity("towers");
    expect(placeOnLadder(towers, readyAt(3)).at).toBe(0);
    const placed = placeOnLadder(towers, readyAt(20));
    expect(placed.rungs[placed.at]?.chance.chance).toBeGreaterThanOrEqual(0.5);
    for (const later of placed.rungs.slice(placed.at + 1)) expect(later.chance.chance).toBeLessThan(0.5);
    expect(placeOnLadder(towers, readyAt(66)).at).toBe(towers.rungs.length - 1);
  });

  it("never falls as the child grows older", () => {
    for (const one of FIXTURE.activities) {
      const at = [6, 12, 18, 24, 36, 48, 60].map((months) => placeOnLadder(one, readyAt(months)).at);
      expect({ id: one.id, at }).toEqual({ id: one.id, at: [...at].sort((a, b) => a - b) });
    }
  });

  it("moves with what was noted", () => {
    const towers = activity("towers");
    const before = placeOnLadder(towers, readyAt(15)).at;
    const notes = Array.from({ length: 4 }, (_, i) =>
      Observation.parse({
        ...stamp,
        id: anId(`o${i}`),
        child: anId("c"),
        activity: anId("towers"),
        rung: anId("tower"),
        on: addDays(BIRTH, 440 + i),
        help: "alone",
      }),
    );
    expect(placeOnLadder(towers, readyAt(15, notes)).at).toBeGreaterThan(before);
  });
});

const anyRung = fc
  .constantFrom(...FIXTURE.activities)
  .chain((one) => fc.tuple(fc.constant(one), fc.constantFrom(...one.rungs)));

describe("one step easier or harder", () => {
  it.each([
    ["harder", 1, 1, 24, 40],
    ["easier", -1, 1, 18, 10],
  ] as const)("takes of two steps alike the one that is nearer in age: %s", (_, direction, by, near, far) => {
    const [base] = activity("towers").rungs;
    if (!base) throw new Error("no rung");
    const at = (id: string, median: number, choices: number) => ({
      ...base,
      id: id as typeof base.id,
      axes: { choices },
      window: { p10: median * 0.8, median, p90: median * 1.25 },
    });
    const from = at("from", 20, 3);
    const rungs = [at("far", far, 3 + by * direction), at("near", near, 3 + by * direction), from];
    const [step] = stepsFrom({ ...activity("towers"), rungs }, from, direction);
    expect(step?.rung.id).toBe("near");
  });

  it("goes the way asked, on the axis named, to a rung of the same ladder", () => {
    fc.assert(
      fc.property(anyRung, fc.constantFrom<1 | -1>(1, -1), ([of, rung], direction) => {
        for (const step of stepsFrom(of, rung, direction)) {
          expect(of.rungs).toContain(step.rung);
          expect(Math.sign((step.rung.axes[step.axis] ?? 0) - (rung.axes[step.axis] ?? 0))).toBe(direction);
          const nearer = of.rungs.filter((other) => {
            const by = ((other.axes[step.axis] ?? 0) - (rung.axes[step.axis] ?? 0)) * direction;
            return by > 0 && by < Math.abs(step.by);
          });
          expect(nearer).toEqual([]);
        }
      }),
    );
  });

  it("is there from every rung but the last", () => {
    for (const one of FIXTURE.activities) {
      for (const rung of one.rungs.slice(0, -1)) {
        expect(stepsFrom(one, rung, 1).length, `${one.id}/${rung.id}`).toBeGreaterThan(0);
      }
    }
  });

  it("there and back changes nothing", () => {
    fc.assert(
      fc.property(anyRung, ([of, rung]) => {
        for (const other of of.rungs) {
          const there = changesBetween(rung, other);
          const back = changesBetween(other, rung);
          expect(back.map(({ axis, by }) => [axis, -by]).sort()).toEqual(
            there.map(({ axis, by }) => [axis, by]).sort(),
          );
        }
      }),
    );
  });
});

describe("a sitting from one material", () => {
  const months = fc.integer({ min: 4, max: 60 });
  const material = fc.constantFrom(...FIXTURE.materials.map((one) => one.id));

  it("rises from easy to hard, uses the thing each time, and is no longer than six", () => {
    fc.assert(
      fc.property(material, months, months, (id, elder, younger) => {
        const readiness = new Map([
          ["a", readyAt(elder)],
          ["b", readyAt(younger)],
        ]);
        const { uses } = sittingFor(FIXTURE, id, readiness, () => true);
        expect(uses.length).toBeLessThanOrEqual(MOST_USES);
        const all = usesOf(FIXTURE, id).map((use) => `${use.activity.id}/${use.rung.id}`);
        for (const use of uses) expect(all).toContain(`${use.activity.id}/${use.rung.id}`);
        const means = uses.map((use) => [...use.chances.values()].reduce((sum, one) => sum + one.chance, 0));
        expect(means).toEqual([...means].sort((a, b) => b - a));
        const forms = uses.map((use) => use.activity.form);
        for (const form of forms) expect(forms.filter((one) => one === form).length).toBeLessThanOrEqual(2);
      }),
      { numRuns: 60 },
    );
  });

  it("offers nothing that may not be set out in this home", () => {
    const readiness = new Map([["a", readyAt(26)]]);
    const { uses } = sittingFor(FIXTURE, anId("muffin-tin"), readiness, () => true);
    const [first] = uses;
    const without = sittingFor(
      FIXTURE,
      anId("muffin-tin"),
      readiness,
      (activity) => activity.id !== first?.activity.id,
    );
    expect(first).toBeDefined();
    expect(without.uses.map((use) => use.activity.id)).not.toContain(first?.activity.id);
    expect(sittingFor(FIXTURE, anId("muffin-tin"), readiness, () => false)).toEqual({ uses: [], later: 0 });
  });

  it("finds several uses of common things at common ages", () => {
    for (const [id, age] of [
      ["muffin-tin", 26],
      ["ball-soft", 14],
      ["scarf", 26],
      ["paper", 40],
    ] as const) {
      const { uses } = sittingFor(FIXTURE, anId(id), new Map([["a", readyAt(age)]]), () => true);
      expect(uses.length, id).toBeGreaterThanOrEqual(3);
    }
  });
});
