import { pushTo } from "../../collections";
import type { AllocationProblem, Candidate, Constraint } from "../candidates/problem";
import { type Builder, columnOf } from "./mipBuilder";

export type Entries = [column: number, quantity: number][];

/** What a child can have once only: a sum over these is no more than the largest of them. */
export const exclusivityKey = (c: Candidate) => `${c.child} ${c.activity.id}`;

/** A column for each set of which only the largest counts; `isRare`: these seldom decide anything. */
export function addPeakColumns(
  b: Builder,
  problem: AllocationProblem,
  taken: readonly number[],
  apart: NonNullable<Constraint["apart"]>,
  name: string,
  isRare = false,
): (readonly [number, number])[] {
  return apart.flatMap((set, i) => {
    if (set.size === 0) return [];
    const sums = new Map<string, Entries>();
    for (const [index, count] of set) {
      const key = exclusivityKey(problem.candidates[index] as Candidate);
      pushTo(sums, key, [columnOf({ taken }, index), count]);
    }
    const most = b.largestOf(`most ${name} ${i}`, [...sums.values()], true);
    if (isRare) b.largest.push(most);
    return [[most.column, 1] as const];
  });
}
