import { countOf, elementAt } from "../../collections";
import type { Stock } from "../../materials";
import type { Assignments, Horizon } from "../candidates/horizon";
import {
  type AllocationProblem,
  type Candidate,
  childrenOf,
  stockTaken,
  stockUsedUp,
} from "../candidates/problem";

type Counts = ReadonlyMap<string, number>;
const NOTHING: Counts = new Map();

/**
 * One week's problem with what the other weeks leave of the things: what earlier ones use up is gone, what later ones want
 * can be there but not be used up, and what is bought up to then is there.
 */
export function residualStock(
  horizon: Horizon,
  chosen: Assignments,
  packs: readonly ReadonlyMap<string, number>[],
  week: number,
): AllocationProblem {
  const { problem } = elementAt(horizon.weeks, week);
  if (horizon.weeks.length === 1) return problem;
  const used = chosen.map((others, w) => (w === week ? NOTHING : stockUsedUp(others)));
  const taken = chosen.map((others, w) =>
    w > week ? stockTaken(elementAt(horizon.weeks, w).problem, others) : NOTHING,
  );
  const over = (counts: readonly Counts[], key: string) =>
    counts.reduce((sum, one) => sum + countOf(one, key), 0);
  const boughtElsewhere = packs.map((one, w) => (w === week ? NOTHING : one));
  const left = (stock: Stock) => {
    const { key } = stock;
    /** What is there in a week, but for what was used up before it. */
    const thereIn = (w: number, bought: number) =>
      stock.quantity + bought * (stock.pack?.quantity ?? 0) - over(used.slice(0, w), key);
    const quantity = thereIn(week, over(packs.slice(0, week), key));
    const later = chosen.flatMap((_, w) =>
      w > week
        ? [thereIn(w, over(boughtElsewhere.slice(0, w + 1), key)) - countOf(elementAt(taken, w), key)]
        : [],
    );
    return { ...stock, quantity, spendable: Math.min(quantity, ...later) };
  };
  return { ...problem, stock: new Map([...problem.stock].map(([key, stock]) => [key, left(stock)])) };
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
