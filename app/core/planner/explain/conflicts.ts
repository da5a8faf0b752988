import type { AllocationProblem, Assignment } from "../candidates/problem";
import type { Breach } from "../candidates/reasons";
import { firstBreach, withOptions } from "./empties";

/** A lock that a plan could not keep: what was asked for whom, by name, and what stands in its way. */
export interface Conflict {
  activity: string;
  child: string;
  /** A rule that it breaks with the other locks, or nothing that could be set out, or the limits together. */
  because: { code: "nothing-to-set-out" | "no-room" } | { code: "breach"; breach: Breach };
}

/** The rule that a missed lock would break together with the other locked trays. */
function whyMissed(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  members: readonly number[],
): Conflict["because"] {
  if (members.length === 0) return { code: "nothing-to-set-out" };
  const locked = chosen.filter((one) => one.candidate.locked);
  const breaches = members.flatMap((index) => {
    const candidate = problem.candidates[index];
    const breach = candidate && firstBreach(problem, [...locked, withOptions(problem, locked, candidate)]);
    return breach ? [breach] : [];
  });
  const [first] = breaches;
  return !first || breaches.length < members.length ? { code: "no-room" } : { code: "breach", breach: first };
}

/** The locks that a choice misses, each with what stands in its way. */
export const conflictsOf = (problem: AllocationProblem, chosen: readonly Assignment[]): Conflict[] =>
  problem.locks
    .filter((lock) => !chosen.some((one) => lock.members.includes(one.candidate.index)))
    .map(({ activity, child, members }) => ({
      activity,
      child,
      because: whyMissed(problem, chosen, members),
    }));
