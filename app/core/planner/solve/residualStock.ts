import type { Assignments, Horizon, Period } from "../candidates/horizon";
import { type AllocationProblem, type Candidate, childrenOf, stockTaken } from "../candidates/problem";

/**
 * One week's problem with what the other weeks leave of the things: what they use up is gone, and what
 * is bought up to then is there.
 */
export function residualStock(
  horizon: Horizon,
  chosen: Assignments,
  packs: readonly ReadonlyMap<string, number>[],
  week: number,
): AllocationProblem {
  const { problem } = horizon.weeks[week] as Period;
  if (horizon.weeks.length === 1) return problem;
  const usedElsewhere = new Map<string, number>();
  chosen.forEach((others, w) => {
    if (w === week) return;
    for (const [key, quantity] of stockTaken(problem, others)) {
      if (problem.stock.get(key)?.material.use !== "consumable") continue;
      usedElsewhere.set(key, (usedElsewhere.get(key) ?? 0) + quantity);
    }
  });
  const boughtBefore = (key: string) =>
    packs.slice(0, week).reduce((sum, one) => sum + (one.get(key) ?? 0), 0);
  return {
    ...problem,
    stock: new Map(
      [...problem.stock].map(([key, stock]) => [
        key,
        {
          ...stock,
          quantity:
            stock.quantity + boughtBefore(key) * (stock.pack?.quantity ?? 0) - (usedElsewhere.get(key) ?? 0),
        },
      ]),
    ),
  };
}

/** True for what other weeks leave open: an activity that has its time in another week does not come back. */
export const openIn = (chosen: Assignments, week: number) => {
  const elsewhere = new Set(
    chosen.flatMap((others, w) =>
      w === week
        ? []
        : others.flatMap(({ candidate }) =>
            childrenOf(candidate).map((child) => `${child} ${candidate.activity.id}`),
          ),
    ),
  );
  return (c: Candidate) => !childrenOf(c).some((child) => elsewhere.has(`${child} ${c.activity.id}`));
};
