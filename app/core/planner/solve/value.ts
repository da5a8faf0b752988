import { addTo, countOf, elementAt } from "../../collections";
import type { Assignments, Horizon } from "../candidates/horizon";
import {
  type AllocationProblem,
  type Assignment,
  type ConcaveTerm,
  isSameTray,
  marginal,
  packsFor,
  purchasesOf,
  stockOf,
  stockTaken,
  stockUsedUp,
} from "../candidates/problem";
import type { Term } from "../candidates/reasons";
import { MISSED_LOCK, WEIGHTS } from "../candidates/weights";

export const purchaseCost = (cents: number): number =>
  WEIGHTS.purchase + (WEIGHTS.perHundredCents * cents) / 100;

const countIn = (group: ConcaveTerm, chosen: readonly Assignment[]) => {
  const members = new Set(group.members);
  return chosen.filter((one) => members.has(one.candidate.index)).length;
};

/** The value of one week's choice in points but for what is bought. */
function weekValue(problem: AllocationProblem, chosen: readonly Assignment[]): number {
  const trays = chosen.reduce(
    (sum, one) =>
      sum +
      one.candidate.value +
      one.again * one.candidate.againValue -
      one.options.reduce((cost, option) => cost + option.cost, 0),
    0,
  );
  const groups = problem.groups.reduce((sum, group) => {
    const count = countIn(group, chosen);
    return (
      sum + Array.from({ length: count }, (_, k) => marginal(group.marginals, k)).reduce((a, b) => a + b, 0)
    );
  }, 0);
  const missed = problem.locks.filter(
    (lock) => !chosen.some((one) => lock.members.includes(one.candidate.index)),
  ).length;
  return trays + groups - MISSED_LOCK * missed;
}

const costOf = (problem: AllocationProblem, packs: ReadonlyMap<string, number>): number =>
  [...packs].reduce(
    (sum, [key, count]) => sum + count * purchaseCost(stockOf(problem, key).pack?.cents ?? 0),
    0,
  );

/** The value of one rotation by itself, added up from the definitions and not from the solver's model. */
export const planValue = (problem: AllocationProblem, chosen: readonly Assignment[]): number =>
  weekValue(problem, chosen) - costOf(problem, purchasesOf(problem, chosen));

/** Was this tray out, for the same children at the same rung, in the week before? */
export const staysFrom = (before: readonly Assignment[] | undefined, { candidate }: Assignment): boolean =>
  before?.some((one) => isSameTray(one.candidate, candidate)) ?? false;

/** Packs that have to be bought for all weeks: the most that any week is short of, what was used up before it added. */
export function packsOver(horizon: Horizon, chosen: Assignments): Map<string, number> {
  const packs = new Map<string, number>();
  const usedUp = new Map<string, number>();
  horizon.weeks.forEach(({ problem }, w) => {
    const here = elementAt(chosen, w);
    for (const [key, quantity] of stockTaken(problem, here)) {
      const needed = packsFor(stockOf(problem, key), countOf(usedUp, key) + quantity);
      if (needed > 0) packs.set(key, Math.max(countOf(packs, key), needed));
    }
    for (const [key, quantity] of stockUsedUp(here)) addTo(usedUp, key, quantity);
  });
  return packs;
}

/** The value of a choice for all weeks, added up from the definitions and not from the solver's model. */
export function horizonValue(horizon: Horizon, chosen: Assignments): number {
  const [first] = horizon.weeks;
  if (!first) return 0;
  const weeks = horizon.weeks.reduce((sum, { problem }, w) => {
    const here = elementAt(chosen, w);
    const staying = here.filter((one) => w > 0 && staysFrom(chosen[w - 1], one));
    const instead = staying.reduce((more, one) => more + horizon.stayValue - one.candidate.startValue, 0);
    return sum + weekValue(problem, here) + instead;
  }, 0);
  return weeks - costOf(first.problem, packsOver(horizon, chosen));
}

/** What each group adds for one tray of the choice: what would be lost without it. */
export const groupTerms = (
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  index: number,
): Term[] =>
  problem.groups
    .filter((group) => group.members.includes(index))
    .map((group) => ({
      ...group.reason,
      value: marginal(group.marginals, countIn(group, chosen) - 1),
    }));
