import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demandOf, neededFor } from "../materials";
import { activityOf, addDays, Holding, PrepState, plainDate, type Tables, Tray } from "../model";
import { assess } from "../safety";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { lanesOfMoments } from "./moments";
import { rearrangeTray } from "./rearrangeTray";
import { standingRotation } from "./rotations";
import { type Situation, situationOf } from "./situation";
import { thingsOn, usersOf } from "./standing";
import { heirsOf, laidReady, stepsOf } from "./steps";

const ON = plainDate("2026-05-11");
const home = (change: (tables: Tables) => Tables = (tables) => tables) => {
  const tables = change(fixtureHome().tables as Tables);
  const s = situationOf(FIXTURE, tables, ON);
  const rotation = standingRotation(tables, s.site, ON);
  return { tables, s, trays: tables.trays.filter((one) => one.rotation === rotation?.id) };
};

/** Is more of anything in use at an hour than there is? Worked out from the rows alone. */
function overUsed(tables: Tables, s: Situation, changed: Tray): string[] {
  const trays = tables.trays.flatMap((one) => {
    if (one.rotation !== changed.rotation || one.downOn !== undefined) return [];
    return [one.id === changed.id ? changed : one];
  });
  const tracks = lanesOfMoments(tables.moments);
  return tables.holdings.flatMap((holding) => {
    const material = s.materials.get(holding.material);
    if (!material) return [];
    const uses = trays.flatMap((tray) =>
      tray.allotted.flatMap((one) => {
        const into = s.materials.get(one.material);
        const parts = (one.mixed ?? []).filter((part) => part.holding === holding.id);
        if (one.holding === holding.id) return [demandOf(tray, one, material)];
        return into ? parts.map(({ quantity }) => demandOf(tray, { ...one, quantity }, into)) : [];
      }),
    );
    return neededFor(uses, tracks) > holding.quantity + 1e-9 ? [holding.id] : [];
  });
}

function faultsOf(tables: Tables, s: Situation, made: Tray): string[] {
  const activity = activityOf(s.catalogue, made.activity);
  const rung = activity?.rungs.find((one) => one.id === made.rung);
  const place = s.places.find((one) => one.id === made.place);
  if (!activity || !rung || !place) return ["gone"];
  const faults = overUsed(tables, s, made).map((id) => `too little of ${id}`);
  for (const need of rung.materials) {
    const served = made.allotted.filter((one) => one.need === need.id);
    if (served.length !== 1 || served[0]?.quantity !== need.quantity) faults.push(`${need.id} not served`);
  }
  const things = thingsOn(s, tables, made);
  for (let day = ON; day < addDays(ON, 7); day = addDays(day, 1)) {
    const users = usersOf(tables, made);
    const { state } = assess({ activity, rung, things, place, users, people: s.people }, day);
    if (state === "blocked") faults.push(`blocked on ${day}`);
    if (day === ON && made.when === undefined && state !== made.state)
      faults.push(`${state}, not ${made.state}`);
  }
  return faults;
}

describe("a tray set out otherwise", () => {
  it("is a step of the ladder with its own things, judged like every tray", () => {
    const { tables, s, trays } = home();
    let able = 0;
    for (const tray of trays) {
      const activity = activityOf(s.catalogue, tray.activity);
      if (!activity) throw new Error("an activity was expected");
      for (const { rung, result } of stepsOf(s, tables, tray, activity)) {
        if ("fault" in result) continue;
        able += 1;
        expect(result.change.tray.rung).toBe(rung.id);
        expect(faultsOf(tables, s, result.change.tray)).toEqual([]);
      }
    }
    expect(able).toBeGreaterThan(3);
  });

  it("never takes what is in use beside it, in homes with little of everything", () => {
    let able = 0;
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 12, maxLength: 12 }), (spare) => {
        // Of each thing there is what the trays take, and a little more.
        const { tables, s, trays } = home((all) => ({
          ...all,
          holdings: all.holdings.map((row, i) => {
            const standing = all.trays.filter((one) => one.downOn === undefined);
            const used = standing
              .flatMap((one) => one.allotted)
              .filter((one) => one.holding === row.id)
              .reduce((sum, one) => sum + one.quantity, 0);
            return Holding.parse({ ...row, quantity: used + (spare[i % 12] ?? 0) });
          }),
        }));
        for (const tray of trays) {
          const activity = activityOf(s.catalogue, tray.activity);
          if (!activity) continue;
          for (const { result } of stepsOf(s, tables, tray, activity)) {
            if ("fault" in result) continue;
            able += 1;
            expect(faultsOf(tables, s, result.change.tray)).toEqual([]);
          }
        }
      }),
      { numRuns: 12 },
    );
    expect(able).toBeGreaterThan(0);
  });

  it("says what goes on and off, so that on and off make the other", () => {
    const { tables, s, trays } = home();
    const sum = (tray: Tray, material: string) =>
      tray.allotted.reduce((total, one) => total + (one.material === material ? one.quantity : 0), 0);
    for (const tray of trays) {
      const activity = activityOf(s.catalogue, tray.activity);
      for (const { result } of activity ? stepsOf(s, tables, tray, activity) : []) {
        if ("fault" in result) continue;
        const { tray: made, more, less } = result.change;
        for (const id of new Set([...tray.allotted, ...made.allotted].map((one) => one.material))) {
          const added = more.find((one) => one.material === id)?.quantity ?? 0;
          const off = less.find((one) => one.material === id)?.quantity ?? 0;
          expect(sum(tray, id) + added - off).toBeCloseTo(sum(made, id));
        }
      }
    }
  });

  it("mixes more of what was mixed for it, as far as its parts reach", () => {
    const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
    const held = (material: string, quantity: number) =>
      Holding.parse({ ...stamp, id: `h-${material}`, site: "home", material, quantity });
    const [flour, cornflour] = [held("flour", 100), held("cornflour", 8)];
    const board = held("tray-rim", 1);
    const stepUp = (flourLeft: number) => {
      const { tables, s } = home((all) => {
        const bay = all.trays.find((one) => one.when === undefined && one.downOn === undefined);
        if (!bay) throw new Error("a tray was expected");
        const dough = Tray.parse({
          ...bay,
          ...{ id: "t-dough", activity: "dough", rung: "poke", also: [] },
          allotted: [
            {
              ...{ need: "dough", material: "dough", quantity: 200 },
              mixed: [flour, cornflour].map(({ id, quantity }) => ({ holding: id, quantity })),
            },
            { need: "board", material: "tray-rim", holding: board.id, quantity: 1 },
          ],
        });
        const prepared = { ...stamp, id: "prep-x", rotation: bay.rotation, before: [] };
        return {
          ...all,
          holdings: [held("flour", flourLeft), held("cornflour", 30), board],
          trays: [dough],
          prepStates: [PrepState.parse(prepared)],
        };
      });
      const [tray] = tables.trays;
      if (!tray) throw new Error("a tray was expected");
      return rearrangeTray(s, tables, tray, { rung: anId("snake") });
    };
    // 250 g take 125 g of flour: the tray has 100 in it already.
    const result = stepUp(25);
    if (!("change" in result)) throw new Error(JSON.stringify(result.fault));
    const { tray, takes } = result.change;
    expect(tray.allotted[0]).toMatchObject({ material: "dough", quantity: 250 });
    expect(tray.allotted[0]?.mixed).toContainEqual({ holding: flour.id, quantity: 125 });
    expect(takes).toContainEqual({ holding: flour.id, quantity: 25 });
    expect(stepUp(24)).toMatchObject({ fault: { code: "missing" } });
  });

  it("tells what is missing, and lends nothing from a tray beside it", () => {
    const { tables, s, trays } = home((all) => ({ ...all, holdings: [] }));
    const step = trays
      .flatMap((tray) => {
        const activity = activityOf(s.catalogue, tray.activity);
        return activity ? stepsOf(s, tables, tray, activity) : [];
      })
      .find(({ rung }) => rung.materials.length > 0);
    expect(step && "fault" in step.result && step.result.fault.code).toMatch(/missing|barred/);
  });

  it("is nothing for a rung, a child or an activity that is not there", () => {
    const { tables, s, trays } = home();
    const [tray] = trays;
    if (!tray) throw new Error("a tray was expected");
    expect(rearrangeTray(s, tables, tray, { rung: anId("no-such-rung") })).toEqual({
      fault: { code: "gone" },
    });
    expect(rearrangeTray(s, tables, tray, { child: anId("nobody") })).toEqual({ fault: { code: "gone" } });
  });
});

describe("handing on", () => {
  it("is judged for the other child, at a place where that child gets at it", () => {
    const { tables, s, trays } = home();
    let told = 0;
    for (const tray of trays) {
      const activity = activityOf(s.catalogue, tray.activity);
      if (!activity) continue;
      for (const { child, rungs } of heirsOf(s, tables, tray, activity)) {
        expect(child.id).not.toBe(tray.child);
        for (const { result } of rungs) {
          told += 1;
          if ("fault" in result) continue;
          expect(result.change.tray.child).toBe(child.id);
          expect(faultsOf(tables, s, result.change.tray)).toEqual([]);
        }
      }
    }
    expect(told).toBeGreaterThan(0);
  });
});

describe("what lies ready behind the trays", () => {
  it("is there for all of them at once", () => {
    const { tables, s, trays } = home();
    const ready = laidReady(s, tables);
    expect(ready.length).toBeGreaterThan(0);
    const taken = new Map<string, number>();
    for (const { steps } of ready) {
      const most = new Map<string, number>();
      for (const one of steps.flatMap((step) => step.more)) {
        most.set(one.material, Math.max(most.get(one.material) ?? 0, one.quantity));
      }
      for (const [id, quantity] of most) taken.set(id, (taken.get(id) ?? 0) + quantity);
    }
    const tracks = lanesOfMoments(tables.moments);
    for (const [id, quantity] of taken) {
      const material = s.materials.get(id);
      if (!material) throw new Error("a material was expected");
      const there = tables.holdings
        .filter((one) => one.material === id && one.site === s.site)
        .reduce((sum, one) => sum + one.quantity, 0);
      const uses = trays.flatMap((tray) =>
        tray.allotted.filter((one) => one.material === id).map((one) => demandOf(tray, one, material)),
      );
      expect(quantity + neededFor(uses, tracks)).toBeLessThanOrEqual(there + 1e-9);
    }
  });
});
