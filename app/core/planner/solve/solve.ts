import type { Highs } from "highs";
import { elementAt, present } from "../../collections";
import { GAP, PROVEN_GAP } from "../candidates/weights";
import type { MipModel } from "../model/mipBuilder";
import {
  arraysOf,
  type ModelArrays,
  type Relaxed,
  relax,
  type Search,
  type SolveLimits,
  search,
  type TimeBudget,
} from "./solver";

export type SolveStatus = "optimal" | "within-gap" | "time-limit";

export interface Solved {
  status: SolveStatus;
  /** Proven distance to the best possible value, as a share of it. */
  gap: number;
  objective: number;
  values: Float64Array;
}

export const DEFAULT_LIMIT_SECONDS = 10;

/** Values this close to a whole number count as whole; HiGHS's own tolerance for integers. */
const WHOLE = 1e-6;
/**
 * Columns that the relaxation would lose more than this by (in points) are left out of the first searches: what is best
 * is nearly always among the few that it hardly loses by, and a search among these takes a tenth of the time.
 */
const FIRST_SEARCH_LOSSES = [0.25, 2] as const;
/** The relaxation gets this share of the time at most; without it the search does with what is left. */
const RELAXATION_SHARE = 0.6;
/** The first searches over several rotations only have to find a good plan: each gets this share of the time. */
const FIRST_SEARCH_SHARE = 0.15;

/** A plan to begin with that is so near the bound is hardly bettered by the first searches: what is left is its proof. */
const NEAR_GAP = 0.01;

/** Finds a plan to begin with, by what the relaxation tells. */
export type StartFrom = (relaxed: Relaxed) => Float64Array | undefined;

const isWhole = (model: MipModel, values: Float64Array): boolean =>
  model.columns.every((column, i) => {
    const value = present(values[i], "value of a column");
    return !column.integer || Math.abs(value - Math.round(value)) <= WHOLE;
  });

const statusOf = (gap: number): SolveStatus => {
  if (gap <= GAP * 10) return "optimal";
  return gap <= PROVEN_GAP ? "within-gap" : "time-limit";
};

const solvedWith = (values: Float64Array, objective: number, gap: number): Solved => ({
  status: statusOf(gap),
  gap,
  objective,
  values,
});

/** How far a value is from the best possible, as a share of it; all of it where nothing is known of the best. */
export const gapTo = (bound: number, objective: number): number =>
  Math.min(1, Math.max(0, bound - objective) / Math.max(1e-9, Math.abs(objective)));

/** What no solution is better than. */
export const boundOf = ({ objective, gap }: Solved): number => objective + gap * Math.abs(objective);

/**
 * Solves the model with HiGHS to a proven optimum, or to the best found when the time is up.
 * The linear relaxation comes first: its value is an upper bound, and a column whose reduced cost
 * exceeds the distance between a plan found and that bound is in no better plan (reduced-cost
 * fixing), so branch and bound has to look at few columns only. Deterministic: one thread, fixed
 * seed. Undefined where there is no solution at all, or where not even the relaxation had the time: to
 * search without it would lead nowhere.
 */
export function solveMip(
  highs: Highs,
  model: MipModel,
  limits: SolveLimits,
  startFrom?: StartFrom,
): Solved | undefined {
  if (model.columns.length === 0) {
    return { status: "optimal", gap: 0, objective: 0, values: new Float64Array() };
  }
  const arrays = arraysOf(highs, model);
  const { seconds, gap = GAP, light, budget = { secondsLeft: seconds } } = limits;
  const relaxed = relax(highs, arrays, { seconds: seconds * RELAXATION_SHARE, budget });
  if (!relaxed) return undefined;
  if (isWhole(model, relaxed.values)) return solvedWith(relaxed.values, relaxed.objective, 0);
  const found = searched(highs, arrays, relaxed, { gap, seconds, light, budget }, startFrom);
  return found && polished(highs, model, arrays, found, budget);
}

/**
 * Branch and bound among few columns first, with what the relaxation tells. A wider search follows only where what was
 * found is short of the bound by more than the columns left out would lose; the last leaves out only what is in no
 * better plan.
 */
function searched(
  highs: Highs,
  arrays: ModelArrays,
  relaxed: Relaxed,
  limits: SolveLimits & { gap: number; budget: TimeBudget },
  startFrom?: StartFrom,
): Solved | undefined {
  /** Left out in a search: stands at 0 in the relaxation, and would lose more than `loss` points. */
  const losingMoreThan = (loss: number) => (column: number) =>
    elementAt(relaxed.values, column) <= WHOLE && elementAt(relaxed.reducedCosts, column) > loss;
  const shortOf = (found: Search) => Math.max(0, relaxed.objective - found.objective);
  const several = limits.gap > GAP;
  const begin = several ? startFrom?.(relaxed) : undefined;
  const { budget } = limits;
  let best: Search | undefined;
  if (begin) {
    const objective = begin.reduce(
      (sum, value, column) => sum + value * elementAt(arrays.colCost, column),
      0,
    );
    const gap = gapTo(relaxed.objective, objective);
    if (gap <= limits.gap) return solvedWith(begin, objective, gap);
    if (gap <= NEAR_GAP) best = { objective, values: begin, gap, seconds: 0 };
  }
  for (const loss of best ? [] : FIRST_SEARCH_LOSSES) {
    if (best && shortOf(best) <= loss) break;
    const start = best?.values ?? begin;
    const seconds = several ? limits.seconds * FIRST_SEARCH_SHARE : limits.seconds;
    const leftOut = (column: number) =>
      losingMoreThan(loss)(column) && (!start || elementAt(start, column) <= WHOLE);
    const found = search(highs, arrays, { ...limits, seconds }, leftOut, start);
    if (!found) continue;
    best = found;
    // What was left out loses more than the plan found is short of the bound: it can't be better.
    const toBound = gapTo(relaxed.objective, found.objective);
    const gap = shortOf(found) <= loss ? Math.min(found.gap, toBound) : toBound;
    if (gap <= limits.gap || budget.secondsLeft <= 0) return solvedWith(found.values, found.objective, gap);
  }
  const short = best ? shortOf(best) : Number.POSITIVE_INFINITY;
  const last = search(highs, arrays, limits, losingMoreThan(short + WHOLE), best?.values ?? begin);
  // Where its own bound was not found in the time, that of the relaxation still holds.
  if (last) {
    const gap = Math.min(last.gap, gapTo(relaxed.objective, last.objective));
    return solvedWith(last.values, last.objective, gap);
  }
  return best && solvedWith(best.values, best.objective, gapTo(relaxed.objective, best.objective));
}

/**
 * A solution that is not proven best may hold more than it needs (a pack too many, a step not filled):
 * the same trays once more, with all else at its best.
 */
function polished(
  highs: Highs,
  model: MipModel,
  arrays: ModelArrays,
  found: Solved,
  budget: TimeBudget,
): Solved {
  if (found.gap <= GAP * 10) return found;
  const fixed = (i: number) => model.columns[i]?.integer && model.columns[i]?.upper === 1;
  const held = (bounds: Float64Array) =>
    bounds.map((bound, i) => (fixed(i) ? Math.round(elementAt(found.values, i)) : bound));
  const better = search(
    highs,
    { ...arrays, colLower: held(arrays.colLower), colUpper: held(arrays.colUpper) },
    { seconds: 1, budget },
    () => false,
  );
  if (!better || better.objective <= found.objective) return found;
  return solvedWith(better.values, better.objective, gapTo(boundOf(found), better.objective));
}

/** A model with some columns held at 1 and some at 0. */
export interface Variant {
  inside: readonly number[];
  outside: readonly number[];
}

/**
 * Solves variants of one model, one after the other. The relaxation of each starts from where the one before
 * ended, which takes a few steps only; where it is not whole, branch and bound follows.
 */
export function solveVariants(
  highs: Highs,
  model: MipModel,
  variants: readonly Variant[],
  limits: SolveLimits,
): (Solved | undefined)[] {
  const arrays = arraysOf(highs, model);
  const { integrality: _, ...continuous } = arrays;
  return highs.withModel(continuous, (native) => {
    native.options.set({ output_flag: false, time_limit: limits.seconds, random_seed: 1 });
    const hold = ({ inside, outside }: Variant, free: boolean) => {
      for (const i of inside)
        native.changeColBounds(i, free ? elementAt(arrays.colLower, i) : 1, elementAt(arrays.colUpper, i));
      for (const i of outside)
        native.changeColBounds(i, elementAt(arrays.colLower, i), free ? elementAt(arrays.colUpper, i) : 0);
    };
    native.run();
    // From here on presolve would throw away where the last one ended.
    native.options.set({ presolve: "off" });
    return variants.map((variant) => {
      hold(variant, false);
      native.run();
      const proven = native.getModelStatus() === highs.constants.modelStatus.optimal;
      const solution = proven ? native.getSolution() : undefined;
      const objective = proven ? native.getObjectiveValue() : 0;
      hold(variant, true);
      if (!solution) return undefined;
      const values = solution.colValue;
      if (isWhole(model, values)) return solvedWith(values, objective, 0);
      const [colLower, colUpper] = [arrays.colLower.slice(), arrays.colUpper.slice()];
      for (const i of variant.inside) colLower[i] = 1;
      for (const i of variant.outside) colUpper[i] = 0;
      const relaxed = { objective, values, reducedCosts: solution.colDual.map(Math.abs) };
      const { seconds, gap = GAP, light } = limits;
      const limited = { gap, seconds, light, budget: { secondsLeft: seconds } };
      return searched(highs, { ...arrays, colLower, colUpper }, relaxed, limited);
    });
  });
}

/** Solves by branch and bound over the whole model at once: what the way above is measured against. */
export function solveWhole(highs: Highs, model: MipModel, limits: SolveLimits): Solved | undefined {
  const found = search(highs, arraysOf(highs, model), limits, () => false);
  return found && solvedWith(found.values, found.objective, found.gap);
}
