import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { type Situation, situationOf } from "../household";
import { type Catalogue, Holding, type Tables } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { runs } from "../testing/runs";
import { buildProblem } from "./candidates/buildProblem";
import { horizonOf } from "./candidates/horizon";
import { makePlan, makeRotation, type Plan } from "./plan";
import { greedyChoice } from "./solve/greedy";
import { planValue } from "./solve/value";
import { checkPlan } from "./testing/checkPlan";
import { checkWeeks } from "./testing/checkWeeks";
import { ON, partFor, randomTables } from "./testing/households";
import { withMoments } from "./testing/moments";

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const holding = (material: string, quantity: number) =>
  Holding.parse({ ...stamp, id: `h-${material}`, site: "home", material, quantity });

const MIXED = ["dough", "foam-taste-safe", "ice-large"];
const STAND_INS = new Set<string>(
  FIXTURE.materials.flatMap(({ id, standIns }) =>
    MIXED.includes(id) ? standIns.map((one) => one.material) : [],
  ),
);

const KITCHEN = new Set(
  FIXTURE.activities.filter((one) =>
    one.rungs.some((rung) =>
      rung.materials.some(({ material }) => [...MIXED, "flour", "cornflour"].includes(material)),
    ),
  ),
);

/** Only what has to do with dough, foam, ice, flour and cornflour, and what the household has to do with. */
function kitchenFor(tables: Tables): Catalogue {
  const named = new Set(partFor(tables, 0, FIXTURE.activities.length + 1).activities);
  return {
    ...FIXTURE,
    activities: FIXTURE.activities.filter((one) => named.has(one) || KITCHEN.has(one)),
  };
}

/** A household that keeps none of what is mixed nor what stands in for it, but so much flour and cornflour, and has time for it. */
function baking(seed: number, [flour, cornflour]: readonly [number, number]): Tables {
  const random = randomTables(seed);
  const tables = seed % 2 === 0 ? random : withMoments(random, seed);
  return {
    ...tables,
    holdings: FIXTURE.materials.flatMap(({ id, usual }) => {
      if (MIXED.includes(id) || STAND_INS.has(id)) return [];
      const quantity = id === "flour" ? flour : id === "cornflour" ? cornflour : usual || 4;
      return quantity > 0 ? [holding(id, quantity)] : [];
    }),
    children: tables.children.map((child) => ({ ...child, allergies: [] })),
    household: tables.household.map((one) => ({
      ...one,
      limits: { ...one.limits, messy: 3, adultBeside: 3, prepMinutes: 90 },
    })),
  };
}

const PANTRIES = [
  [1000, 400],
  [130, 400],
  [1000, 12],
  [260, 60],
] as const;
const pantryOf = (seed: number) => PANTRIES[seed % PANTRIES.length] ?? PANTRIES[0];

const mixedIn = (plan: Plan) =>
  plan.rotations.flatMap(({ trays }) => trays.flatMap((tray) => tray.allotted.filter((one) => one.mixed)));

/** The same without what could be mixed. */
const unmixed = (s: Situation): Situation => ({ ...s, stock: s.stock.filter((one) => !one.mixedFrom) });

const HOUSEHOLDS = runs(8, 240);
const OVER_WEEKS = runs(4, 60);

describe(`what is mixed from what is there, in ${HOUSEHOLDS} random households`, () => {
  it("shares its parts with everything else, and no plan is worse for it", () => {
    let [mixed, better] = [0, 0];
    for (let seed = 0; seed < HOUSEHOLDS; seed++) {
      const tables = baking(seed, pantryOf(seed));
      const catalogue = seed % 3 > 0 ? kitchenFor(tables) : partFor(tables, seed, 3);
      const s = situationOf(catalogue, tables, ON);
      const plan = makeRotation(highs, s, { seconds: 20 });
      const [rotation] = plan.rotations;
      if (!rotation) throw new Error(`seed ${seed}: no rotation`);
      expect({ seed, faults: checkPlan(tables, rotation) }).toEqual({ seed, faults: [] });
      expect(plan.status, `seed ${seed}`).toBe("optimal");
      const problem = buildProblem(s);
      expect(planValue(problem, greedyChoice(problem)), `seed ${seed}`).toBeLessThanOrEqual(
        plan.objective + 0.1,
      );
      const without = makeRotation(highs, unmixed(s), { seconds: 20 });
      const kept = (one: Plan) => one.rotations.flatMap(({ trays }) => trays.filter((t) => t.locked)).length;
      // A lock that can be kept now takes its place from what is worth more; and where what stands may stay, few things change.
      const fewChange = tables.household[0]?.planning.rhythm === "few-at-a-time";
      if (!fewChange && kept(plan) <= kept(without)) {
        expect(plan.objective, `seed ${seed}`).toBeGreaterThanOrEqual(without.objective - 0.02);
      }
      const found = mixedIn(plan).length;
      mixed += found;
      if (found > 0 && plan.objective > without.objective + 0.1) better++;
    }
    expect(mixed).toBeGreaterThan(HOUSEHOLDS / 10);
    expect(better).toBeGreaterThan(HOUSEHOLDS / 12);
  }, 240_000);

  it("takes from one bag of flour over all weeks", () => {
    let mixed = 0;
    for (let seed = 0; seed < OVER_WEEKS; seed++) {
      const tables = baking(seed, pantryOf(seed + 3));
      const horizon = horizonOf(kitchenFor(tables), tables, ON, 2 + (seed % 2));
      const plan = makePlan(highs, horizon, { seconds: 20 });
      expect({ seed, faults: checkWeeks(tables, plan) }).toEqual({ seed, faults: [] });
      mixed += mixedIn(plan).length;
    }
    expect(mixed).toBeGreaterThan(0);
  }, 240_000);

  it("is not mixed without one of its parts", () => {
    for (let seed = 0; seed < 4; seed++) {
      const tables = baking(seed, [1000, 0]);
      const s = situationOf(kitchenFor(tables), tables, ON);
      const options = buildProblem(s).candidates.flatMap((c) => c.needs.flatMap((need) => need.options));
      expect(options.filter((one) => one.stock === "mix dough")).toEqual([]);
    }
  });
});
