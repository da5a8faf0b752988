import type { Highs, Model } from "highs";
import type { MipModel } from "./mipModel";
import { GAP } from "./weights";

export type SolveStatus = "optimal" | "within-gap" | "time-limit";

export interface Solved {
  status: SolveStatus;
  /** Proven distance to the best possible value, as a share of it. */
  gap: number;
  objective: number;
  values: Float64Array;
}

export interface SolveLimits {
  seconds: number;
  gap?: number;
}

export const DEFAULT_LIMIT_SECONDS = 10;

function arraysOf(highs: Highs, model: MipModel) {
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

function readBack(model: Model): Solved | undefined {
  if (Number(model.info.get("primal_solution_status")) !== 2) return undefined;
  const gap = Math.max(0, Number(model.info.get("mip_gap")));
  const objective = model.getObjectiveValue();
  return {
    status: gap <= GAP * 10 ? "optimal" : gap <= 0.005 ? "within-gap" : "time-limit",
    gap: Number.isFinite(gap) ? gap : 1,
    objective,
    values: model.getSolution().colValue,
  };
}

/**
 * Solves the model with HiGHS to a proven optimum, or to the best found when the time is up.
 * Deterministic: one thread, fixed seed. Undefined where there is no solution at all.
 */
export function solveMip(highs: Highs, model: MipModel, limits: SolveLimits): Solved | undefined {
  if (model.columns.length === 0) {
    return { status: "optimal", gap: 0, objective: 0, values: new Float64Array() };
  }
  return highs.withModel(arraysOf(highs, model), (native) => {
    native.options.set({
      output_flag: false,
      time_limit: limits.seconds,
      mip_rel_gap: limits.gap ?? GAP,
      mip_abs_gap: 1e-6,
      random_seed: 1,
    });
    native.run();
    return readBack(native);
  });
}

/** The model as text in the LP format, for any other solver to check. */
export const lpTextOf = (highs: Highs, model: MipModel): string =>
  model.columns.length === 0
    ? "Maximize\n obj: 0\nSubject To\nEnd\n"
    : highs.withModel(arraysOf(highs, model), (native) => native.exportModel("lp"));
