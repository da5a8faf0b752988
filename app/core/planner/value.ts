import { type Chosen, type Group, marginal, type Problem, purchasesOf } from "./problem";
import { MISSED_LOCK, WEIGHTS } from "./weights";

export const purchaseCost = (cents: number): number =>
  WEIGHTS.purchase + (WEIGHTS.perHundredCents * cents) / 100;

const countIn = (group: Group, chosen: readonly Chosen[]) => {
  const members = new Set(group.members);
  return chosen.filter((one) => members.has(one.candidate.index)).length;
};

/** The value of a choice in points, added up from the definitions and not from the solver's model. */
export function planValue(problem: Problem, chosen: readonly Chosen[]): number {
  const trays = chosen.reduce(
    (sum, one) => sum + one.candidate.value - one.options.reduce((cost, option) => cost + option.cost, 0),
    0,
  );
  const groups = problem.groups.reduce((sum, group) => {
    const count = countIn(group, chosen);
    return (
      sum + Array.from({ length: count }, (_, k) => marginal(group.marginals, k)).reduce((a, b) => a + b, 0)
    );
  }, 0);
  const bought = [...purchasesOf(problem, chosen)].reduce(
    (sum, [key, packs]) => sum + packs * purchaseCost(problem.stock.get(key)?.pack?.cents ?? 0),
    0,
  );
  const missed = problem.locks.filter(
    (lock) => !chosen.some((one) => lock.members.includes(one.candidate.index)),
  ).length;
  return trays + groups - bought - MISSED_LOCK * missed;
}

/** What each group adds for one tray of the choice: what would be lost without it. */
export const groupTerms = (problem: Problem, chosen: readonly Chosen[], index: number) =>
  problem.groups
    .filter((group) => group.members.includes(index))
    .map((group) => ({
      term: group.term,
      text: group.text,
      value: marginal(group.marginals, countIn(group, chosen) - 1),
    }));
