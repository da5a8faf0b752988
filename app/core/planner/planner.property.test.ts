import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { situationOf } from "../household";
import type { Tables } from "../model";
import { FIXTURE } from "../testing/fixtures";
import { runs } from "../testing/runs";
import { buildProblem } from "./candidates/buildProblem";
import { singleWeek } from "./candidates/horizon";
import {
  type AllocationProblem,
  type Assignment,
  type Candidate,
  type TrayOption,
  withCandidates,
} from "./candidates/problem";
import { firstBreach } from "./explain/empties";
import { makeRotation, planOf, solveHorizon } from "./plan";
import { planValue } from "./solve/value";
import { checkPlan } from "./testing/checkPlan";
import { ON, partFor, randomTables } from "./testing/households";
import { withMoments } from "./testing/moments";

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const BATCHES = runs(1, 10);
const BATCH = runs(10, 50);

/** What a household can have used at most: its places, those with moments once for each of them. */
const places = (tables: Tables) =>
  tables.places.filter((place) => tables.moments.every((one) => one.place !== place.id)).length;

describe(`${BATCHES * BATCH} random households`, () => {
  it.each(Array.from({ length: BATCHES }, (_, i) => i * BATCH))(
    "no plan breaks a hard rule, and each is proven best: seeds from %i",
    (from) => {
      for (let seed = from; seed < from + BATCH; seed++) {
        const tables = seed % 2 === 0 ? randomTables(seed) : withMoments(randomTables(seed), seed);
        const situation = situationOf(partFor(tables, seed, 3), tables, ON);
        const problem = buildProblem(situation);
        const horizon = singleWeek(situation, problem);
        const solved = solveHorizon(highs, horizon, { seconds: 20 });
        if (!solved) throw new Error(`seed ${seed}: no solution`);
        const plan = planOf(horizon, solved.chosen, solved.packs, solved);
        const [rotation] = plan.rotations;
        if (!rotation) throw new Error(`seed ${seed}: no rotation`);
        expect({ seed, faults: checkPlan(tables, rotation) }).toEqual({ seed, faults: [] });
        expect({ seed, status: plan.status }).toEqual({ seed, status: "optimal" });
        const value = planValue(problem, solved.chosen[0] ?? []);
        expect(Math.abs(value - solved.objective), `seed ${seed}`).toBeLessThan(0.1);
        const standing = [
          ...rotation.trays.filter((one) => !one.when),
          ...rotation.empty.filter((one) => !one.moment),
        ];
        expect({ seed, used: standing.length }).toEqual({ seed, used: places(tables) });
      }
    },
    240_000,
  );
});

/** All ways to serve the needs of a candidate. */
function optionChoices(candidate: Candidate): TrayOption[][] {
  return candidate.needs.reduce<TrayOption[][]>(
    (so, need) => so.flatMap((head) => need.options.map((option) => [...head, option])),
    [[]],
  );
}

/** The best value over every set of candidates and every way to make them, by plain enumeration. */
function exhaustiveBest(problem: AllocationProblem): number {
  let best = planValue(problem, []);
  const go = (index: number, chosen: Assignment[]) => {
    const candidate = problem.candidates[index];
    if (!candidate) {
      best = Math.max(best, planValue(problem, chosen));
      return;
    }
    go(index + 1, chosen);
    for (const options of optionChoices(candidate)) {
      const { least, most } = candidate.times ?? { least: 1, most: 1 };
      for (let again = 0; again <= most - least; again++) {
        const more = [...chosen, { candidate, options, again }];
        // Every hard rule is an upper bound on a sum, so a broken one stays broken.
        if (firstBreach(problem, more) === undefined) go(index + 1, more);
      }
    }
  };
  go(0, []);
  return best;
}

/** A small problem: the first few candidates of a household, spread over its activities. */
function cutDown(problem: AllocationProblem, seed: number): AllocationProblem {
  const step = Math.max(1, Math.floor(problem.candidates.length / 9));
  const kept = problem.candidates.filter((_, i) => i % step === seed % step).slice(0, 9);
  return withCandidates(problem, kept);
}

describe("50 small households", () => {
  it.each(Array.from({ length: 50 }, (_, i) => 9000 + i))(
    "the plan equals the best found by trying everything: seed %i",
    (seed) => {
      const small = randomTables(seed, "small");
      const situation = situationOf(FIXTURE, seed % 2 === 0 ? small : withMoments(small, seed), ON);
      const problem = cutDown(buildProblem(situation), seed);
      const solved = solveHorizon(highs, singleWeek(situation, problem), { seconds: 20 });
      if (!solved) throw new Error("no solution");
      expect(firstBreach(problem, solved.chosen[0] ?? [])).toBeUndefined();
      expect(Math.abs(solved.objective - exhaustiveBest(problem))).toBeLessThan(1e-5);
    },
  );
});

describe("the same input", () => {
  it("gives the same plan, also when rows come in another order", () => {
    const tables = randomTables(7);
    const plan = (of: typeof tables) => makeRotation(highs, situationOf(FIXTURE, of, ON));
    expect(plan(tables)).toEqual(plan(structuredClone(tables)));
    const shuffled = {
      ...tables,
      observations: tables.observations.toReversed(),
      places: tables.places.toReversed(),
    };
    expect(plan(shuffled).objective).toBeCloseTo(plan(tables).objective, 3);
  });
});
