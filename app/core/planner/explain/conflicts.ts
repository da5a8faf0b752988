import type { AllocationProblem, Assignment } from "../candidates/problem";
import { firstBreach, withOptions } from "./empties";

/** The rule that a missed lock would break together with the other locked trays, in words. */
function whyMissed(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  members: readonly number[],
): string {
  const locked = chosen.filter((one) => one.candidate.locked);
  const breaches = members.flatMap((index) => {
    const candidate = problem.candidates[index];
    const breach = candidate && firstBreach(problem, [...locked, withOptions(problem, locked, candidate)]);
    return breach ? [breach] : [];
  });
  const [first] = breaches;
  if (!first || breaches.length < members.length) return "the limits leave no room for it";
  return `${first.charAt(0).toLowerCase()}${first.slice(1)}`;
}

/** The locks that a choice misses, each with what stands in its way. */
export const conflictsOf = (problem: AllocationProblem, chosen: readonly Assignment[]): string[] =>
  problem.locks
    .filter((lock) => !chosen.some((one) => lock.members.includes(one.candidate.index)))
    .map((lock) =>
      lock.members.length === 0
        ? `Locked, but nothing safe and complete can be set out: ${lock.text}.`
        : `Locked, but ${whyMissed(problem, chosen, lock.members)}: ${lock.text}.`,
    );
