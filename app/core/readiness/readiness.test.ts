import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, Child, type Help, Observation, plainDate, SkillNote } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { processorMs } from "../testing/processorTime";
import { ageTermOf } from "./ageTerm";
import { assumedDensityUpdate, type Offsets } from "./offsets";
import { isEvidence } from "./posterior";
import { readinessOf, wordOf } from "./readiness";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const BIRTH = plainDate("2024-11-10");
const child = Child.parse({ ...stamp, id: anId("c"), name: "C", birth: BIRTH });
const ON = plainDate("2026-05-10");

const slots = FIXTURE.activities.find((one) => one.id === "discs-in-a-slot");
const discs = slots?.rungs.find((one) => one.id === "discs");
if (!slots || !discs) throw new Error("the catalogue has changed");

let count = 0;
const seen = (help: Help, on = ON, more: object = {}) =>
  Observation.parse({
    ...stamp,
    id: anId(`o${count++}`),
    child: anId("c"),
    activity: anId("discs-in-a-slot"),
    rung: anId("discs"),
    on,
    help,
    ...more,
  });

const chanceWith = (observations: Observation[], notes: SkillNote[] = [], on = ON) =>
  readinessOf(FIXTURE, child, observations, notes, on).rung(slots, discs).chance;

describe("readiness", () => {
  it("starts from the window: 10, 50 and 90 % at its three ages", () => {
    const window = { p10: 12, median: 15, p90: 19 };
    const middle = Math.log(15);
    const sigma = (Math.log(19) - Math.log(12)) / (2 * 1.2815515655446004);
    expect(ageTermOf(window, 15)).toBeCloseTo(0, 12);
    expect(ageTermOf(window, 19)).toBeCloseTo((Math.log(19) - middle) / sigma, 12);
    const median = addDays(BIRTH, Math.round(18.4 * 30.4375));
    const bare = { ...discs, needs: [] };
    const at = (on: typeof ON) => readinessOf(FIXTURE, child, [], [], on).rung(slots, bare).chance;
    expect(at(median)).toBeCloseTo(0.5, 2);
    expect(at(addDays(BIRTH, Math.round(24 * 30.4375)))).toBeGreaterThan(0.85);
  });

  it("rises with every step of less help", () => {
    const chances = (["not-yet", "hand", "word", "look", "alone"] as const).map((help) =>
      chanceWith([seen(help), seen(help)]),
    );
    expect(chances).toEqual([...chances].sort((a, b) => a - b));
    expect(new Set(chances).size).toBe(5);
  });

  it("settles after several times alone, and comes down after several not yet", () => {
    const days = [20, 15, 10, 5, 1].map((ago) => addDays(ON, -ago));
    expect(chanceWith(days.map((on) => seen("alone", on)))).toBeGreaterThan(0.8);
    expect(chanceWith(days.map((on) => seen("not-yet", on)))).toBeLessThan(0.2);
  });

  it("learns from one rung about others of the same skills", () => {
    const easier = slots.rungs[1];
    if (!easier) throw new Error("a rung was expected");
    const days = [12, 8, 4].map((ago) => addDays(ON, -ago));
    const notes = days.map((on) => ({ ...seen("alone", on), rung: easier.id }));
    expect(chanceWith(notes)).toBeGreaterThan(chanceWith([]));
  });

  it("takes no interest, tired and ill days as no evidence of ability", () => {
    const before = chanceWith([]);
    expect(chanceWith([seen("not-yet", ON, { interest: "none" })])).toBe(before);
    expect(chanceWith([seen("not-yet", ON, { condition: "tired" })])).toBe(before);
    expect(chanceWith([seen("hand", ON, { condition: "ill" })])).toBe(before);
    expect(isEvidence(seen("alone", ON, { interest: "none" }))).toBe(true);
  });

  it("weighs a failed first try less than the same failure of a rung tried before", () => {
    const drop = (weight: number) => {
      const offsets: Offsets = new Map();
      const failure = { ageTerm: 0, from: Number.NEGATIVE_INFINITY, to: -1.2, noise: 0.15, lapse: 0, day: 0 };
      assumedDensityUpdate(offsets, { ...failure, loadings: [{ key: "k", share: 0.9 }], weight });
      return offsets.get("k")?.mean ?? 0;
    };
    expect(drop(0.5)).toBeGreaterThan(0);
    expect(drop(0.5)).toBeLessThan(drop(1));
    // The same two failures, of which only the first of each rung is a first try.
    const other = { ...seen("not-yet", addDays(ON, -1)), rung: anId("two-ways") };
    const again = seen("not-yet", addDays(ON, -1));
    expect(chanceWith([again, seen("not-yet")])).toBeLessThan(chanceWith([other, seen("not-yet")]));
  });

  it("does not look into the future, nor at other children", () => {
    const before = chanceWith([]);
    expect(chanceWith([seen("alone", addDays(ON, 1))])).toBe(before);
    expect(chanceWith([{ ...seen("alone"), child: anId("other") }])).toBe(before);
  });

  it("moves with ticks of skills, both ways", () => {
    const tick = (yes: boolean) =>
      SkillNote.parse({
        ...stamp,
        id: anId(`t${yes}`),
        child: anId("c"),
        skill: anId("turns-wrist"),
        on: ON,
        seen: yes,
      });
    const before = chanceWith([]);
    expect(chanceWith([], [tick(true)])).toBeGreaterThan(before);
    expect(chanceWith([], [tick(false)])).toBeLessThan(before);
  });

  it("says how sure it is, by the formulas worked by hand, where nothing is known", () => {
    // At the median a = 0, the variance without the day is 0.7 and the day's noise 0.3, so that
    // low = Φ(−1.28155·√0.7 ÷ √0.3) and within = Φ(1.28155·√0.3 ÷ √0.7) − Φ(−0.38532·√0.3 ÷ √0.7).
    const months = ageTermOf({ p10: 12, median: 17.97, p90: 27 }, 17.97);
    expect(months).toBeCloseTo(0, 9);
    const plain = { ...discs, needs: [], window: { p10: 12, median: 17.97, p90: 27 } };
    const on = addDays(BIRTH, Math.round(17.97 * 30.4375));
    const found = readinessOf(FIXTURE, child, [], [], on).rung(slots, plain);
    expect(found.chance).toBeCloseTo(0.5, 2);
    expect(found.low).toBeCloseTo(0.0251, 3);
    expect(found.high).toBeCloseTo(0.9749, 3);
    expect(found.within).toBeCloseTo(0.7993 - 0.4004, 2);
    // A needed skill that pulls to three quarters pulls the interval's ends as well.
    const pulled = readinessOf(FIXTURE, child, [], [], on).rung(slots, {
      ...plain,
      needs: [{ skill: anId("hops"), weight: 0.25, forSafety: false }],
    } as typeof discs);
    expect(pulled.high / found.high).toBeCloseTo(pulled.chance / found.chance, 9);
    expect(pulled.low / found.low).toBeCloseTo(pulled.chance / found.chance, 9);
  });

  it("reads a rung done alone as a sign of what it needs, and one that took help as none", () => {
    // A skill of another area that comes much later: nothing but the need leads to it.
    const late = FIXTURE.skills.find((one) => one.window.median > 30 && one.area !== slots.area);
    if (!late) throw new Error("the catalogue has changed");
    const needing = { ...discs, needs: [{ skill: late.id, weight: 0.5, forSafety: false }] };
    const catalogue = { ...FIXTURE, activities: [{ ...slots, rungs: [needing] }] };
    const of = (...help: Help[]) =>
      readinessOf(
        catalogue,
        child,
        help.map((one, i) => seen(one, addDays(ON, -help.length + i))),
        [],
        ON,
      ).skill(late.id)?.chance ?? 0;
    expect(of("alone", "alone")).toBeGreaterThan(of() * 1.5);
    expect(of("hand", "hand")).toBeCloseTo(of(), 9);
  });

  it("is pulled down less by what it needs, the more the rung itself was seen", () => {
    const need = FIXTURE.skills.find((one) => one.window.median > 30 && one.area !== slots.area);
    const needing = {
      ...discs,
      needs: [{ skill: need?.id ?? "", weight: 0.8, forSafety: false }],
    } as typeof discs;
    const pull = (times: number) => {
      const notes = Array.from({ length: times }, (_, i) => seen("look", addDays(ON, i - times)));
      const chance = (rung: typeof discs) =>
        readinessOf({ ...FIXTURE, activities: [{ ...slots, rungs: [rung] }] }, child, notes, [], ON).rung(
          slots,
          rung,
        ).chance;
      return chance(needing) / chance(discs);
    };
    expect(pull(0)).toBeLessThan(0.5);
    expect(1 - pull(1)).toBeCloseTo((1 - pull(0)) / 2, 6);
    expect(1 - pull(3)).toBeCloseTo((1 - pull(0)) / 4, 6);
  });

  it("is pulled down by a needed skill that is not settled, by its weight", () => {
    const young = addDays(BIRTH, 300);
    const ready = readinessOf(FIXTURE, child, [], [], young);
    const need = (weight: number) => ({
      ...discs,
      needs: [{ skill: anId("pours"), weight, forSafety: false }],
    });
    const chances = [0, 0.5, 1].map((weight) => ready.rung(slots, need(weight)).chance);
    expect(chances[0]).toBeGreaterThan(chances[1] ?? 1);
    expect(chances[1]).toBeGreaterThan(chances[2] ?? 1);
  });

  it("bars only where safety hangs on the missing skill", () => {
    const young = readinessOf(FIXTURE, child, [], [], addDays(BIRTH, 120));
    const needs = (forSafety: boolean) => ({
      ...discs,
      needs: [{ skill: anId("sits"), weight: 0.5, forSafety }],
    });
    expect(young.barred(needs(true))).toBe(true);
    expect(young.barred(needs(false))).toBe(false);
    expect(readinessOf(FIXTURE, child, [], [], ON).barred(needs(true))).toBe(false);
  });

  it("keeps every chance and interval in order for any history (property)", () => {
    const help = fc.constantFrom<Help>("alone", "look", "word", "hand", "not-yet");
    fc.assert(
      fc.property(
        fc.array(fc.tuple(help, fc.integer({ min: 0, max: 120 })), { maxLength: 40 }),
        (history) => {
          const notes = history.map(([level, ago]) => seen(level, addDays(ON, -ago)));
          const ready = readinessOf(FIXTURE, child, notes, [], ON);
          for (const activity of FIXTURE.activities) {
            for (const rung of activity.rungs) {
              const { chance, low, high, word } = ready.rung(activity, rung);
              expect(low).toBeLessThanOrEqual(high);
              expect(chance).toBeGreaterThanOrEqual(0);
              expect(chance).toBeLessThanOrEqual(1);
              expect(word).toBe(wordOf(chance));
            }
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it("folds many observations in a time that grows no faster than they do", () => {
    const history = (count: number) =>
      Array.from({ length: count }, (_, i) => seen("word", addDays(ON, -(i % 500))));
    const best = (count: number) =>
      Math.min(
        ...Array.from({ length: 3 }, () => {
          const notes = history(count);
          const start = processorMs();
          chanceWith(notes);
          return processorMs() - start;
        }),
      );
    expect(best(20_000)).toBeLessThan(Math.max(best(2000), 2) * 40);
  });
});
