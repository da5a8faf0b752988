import type { Highs } from "highs";
import type { Catalogue, PlainDate, Tables } from "../core/model";
import {
  buildProblem,
  DEFAULT_LIMIT_SECONDS,
  type Plan,
  planOf,
  type Swap,
  situationOf,
  solveProblem,
  swapsFor,
} from "../core/planner";

export interface PlanService {
  plan(tables: Tables, on: PlainDate): Promise<Plan>;
  swaps(tables: Tables, on: PlainDate, out: { child: string; activity: string }): Promise<Swap[]>;
}

/** The planner behind plain messages, so that a worker, or a test without one, can serve it. */
export function planService(highs: Promise<Highs>, catalogue: () => Promise<Catalogue>): PlanService {
  const solved = async (tables: Tables, on: PlainDate) => {
    const situation = situationOf(await catalogue(), tables, on);
    const problem = buildProblem(situation);
    const found = solveProblem(await highs, problem, { seconds: DEFAULT_LIMIT_SECONDS });
    return { situation, problem, found };
  };
  return {
    async plan(tables, on) {
      const { situation, problem, found } = await solved(tables, on);
      const proof = found ?? { status: "time-limit" as const, gap: 1, objective: 0 };
      return planOf(situation, problem, found?.chosen ?? [], {
        status: proof.status,
        gap: proof.gap,
        objective: proof.objective,
      });
    },
    async swaps(tables, on, out) {
      const { problem, found } = await solved(tables, on);
      return found ? swapsFor(await highs, problem, found, out) : [];
    },
  };
}
