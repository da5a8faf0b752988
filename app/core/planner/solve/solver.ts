import type { Highs, Model as NativeModel } from "highs";
import { GAP } from "../candidates/weights";
import type { MipModel } from "../model/mipBuilder";

/** The time that is left of what one answer may take; each solve takes off it what it took. */
export interface TimeBudget {
  secondsLeft: number;
}

export interface SolveLimits {
  seconds: number;
  /** What this solve shares its time with. */
  budget?: TimeBudget;
  gap?: number;
  /** Without the solver's heuristics: quicker where the relaxation is nearly whole, as it is for one rotation. */
  light?: boolean;
}

const LIGHT = { mip_heuristic_effort: 0, mip_heuristic_run_feasibility_jump: false } as const;

/** A solve that comes when the time is up still gets so long: a beginning may have been found just then. */
const LEAST_SECONDS = 0.1;

/** Runs the solver for its time, or for what is left of the budget. */
function run(native: NativeModel, { seconds, budget }: Pick<SolveLimits, "seconds" | "budget">): void {
  const most = Math.max(LEAST_SECONDS, Math.min(seconds, budget?.secondsLeft ?? seconds));
  native.options.set({ output_flag: false, time_limit: most, random_seed: 1 });
  native.run();
  if (budget) budget.secondsLeft -= native.getRunTime();
}

export type ModelArrays = ReturnType<typeof arraysOf>;

/** The model as the solver takes it. */
export function arraysOf(highs: Highs, model: MipModel) {
  const starts = [0];
  const indices: number[] = [];
  const values: number[] = [];
  for (const row of model.rows) {
    for (const [column, value] of row.entries) {
      indices.push(column);
      values.push(value);
    }
    starts.push(indices.length);
  }
  const bound = (x: number) => (Number.isFinite(x) ? x : Math.sign(x) * highs.infinity);
  return {
    numCols: model.columns.length,
    numRows: model.rows.length,
    sense: highs.constants.objectiveSense.maximize,
    colCost: Float64Array.from(model.columns, (c) => c.cost),
    colLower: Float64Array.from(model.columns, (c) => c.lower),
    colUpper: Float64Array.from(model.columns, (c) => c.upper),
    rowLower: Float64Array.from(model.rows, (r) => bound(r.lower)),
    rowUpper: Float64Array.from(model.rows, (r) => bound(r.upper)),
    integrality: Int32Array.from(model.columns, (c) => (c.integer ? 1 : 0)),
    matrix: {
      format: "csr" as const,
      numRows: model.rows.length,
      numCols: model.columns.length,
      starts: Int32Array.from(starts),
      indices: Int32Array.from(indices),
      values: Float64Array.from(values),
    },
  };
}

/** The optimum of the linear relaxation. */
export interface Relaxed {
  objective: number;
  values: Float64Array;
  /** Points lost by each column that stands at 0, if it were taken nevertheless. */
  reducedCosts: Float64Array;
}

/** Solves the relaxation; undefined where the time ran out. */
export function relax(
  highs: Highs,
  arrays: ModelArrays,
  limits: Pick<SolveLimits, "seconds" | "budget">,
): Relaxed | undefined {
  const { integrality: _, ...continuous } = arrays;
  return highs.withModel(continuous, (native) => {
    run(native, limits);
    if (native.getModelStatus() !== highs.constants.modelStatus.optimal) return undefined;
    const { colValue, colDual } = native.getSolution();
    return {
      objective: native.getObjectiveValue(),
      values: colValue,
      reducedCosts: colDual.map(Math.abs),
    };
  });
}

/** What branch and bound found. */
export interface Search {
  objective: number;
  values: Float64Array;
  /** Distance to the best within the columns searched, as a share. */
  gap: number;
  seconds: number;
}

/** Branch and bound, with the columns of which `shut` is true held at 0, from a start if there is one. */
export function search(
  highs: Highs,
  arrays: ModelArrays,
  limits: SolveLimits,
  fixedAtZero: (column: number) => boolean,
  start?: Float64Array,
): Search | undefined {
  const colUpper = arrays.colUpper.map((upper, i) => (fixedAtZero(i) ? 0 : upper));
  return highs.withModel({ ...arrays, colUpper }, (native) => {
    native.options.set({ mip_rel_gap: limits.gap ?? GAP, mip_abs_gap: 1e-6 });
    if (limits.light) native.options.set(LIGHT);
    if (start) native.setSolution({ colValue: start });
    run(native, limits);
    if (Number(native.info.get("primal_solution_status")) !== 2) return undefined;
    const gap = Number(native.info.get("mip_gap"));
    return {
      objective: native.getObjectiveValue(),
      values: native.getSolution().colValue,
      gap: Number.isFinite(gap) ? Math.max(0, gap) : 1,
      seconds: native.getRunTime(),
    };
  });
}

/**
 * The model as text in the LP format, for any other solver to check. The words for whole numbers are
 * written out: some readers take the short ones for names and solve the relaxation only.
 */
export const lpTextOf = (highs: Highs, model: MipModel): string =>
  model.columns.length === 0
    ? "Maximize\n obj: 0\nSubject To\nEnd\n"
    : highs
        .withModel(arraysOf(highs, model), (native) => native.exportModel("lp"))
        .replace(/^bin$/m, "binaries")
        .replace(/^gen$/m, "generals");
