import { addTo, countOf, elementAt } from "../../collections";
import type { Assignments, Horizon } from "../candidates/horizon";
import {
  type AllocationProblem,
  type Candidate,
  childrenOf,
  stockOf,
  stockTaken,
} from "../candidates/problem";

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
  const { problem } = elementAt(horizon.weeks, week);
  if (horizon.weeks.length === 1) return problem;
  const usedElsewhere = new Map<string, number>();
  chosen.forEach((others, w) => {
    if (w === week) return;
    const elsewhere = elementAt(horizon.weeks, w).problem;
    for (const [key, quantity] of stockTaken(elsewhere, others)) {
      if (stockOf(elsewhere, key).material.use !== "consumable") continue;
      addTo(usedElsewhere, key, quantity);
    }
  });
  const boughtBefore = (key: string) => packs.slice(0, week).reduce((sum, one) => sum + countOf(one, key), 0);
  return {
    ...problem,
    stock: new Map(
      [...problem.stock].map(([key, stock]) => [
        key,
        {
          ...stock,
          quantity:
            stock.quantity + boughtBefore(key) * (stock.pack?.quantity ?? 0) - countOf(usedElsewhere, key),
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
