import { countOf, distinct, pushTo } from "../../collections";
import type { MaterialId } from "../../model";
import { type AllocationProblem, type Assignment, stockOf, stockTaken } from "../candidates/problem";

/** A thing that is all in use, and what else would need it. */
export interface Contested {
  material: MaterialId;
  heldBy: string[];
  wantedBy: string[];
}

/** So many of those who want a thing are named. */
const NAMED = 3;

/**
 * Things that trays of a rotation hold so that others can't have them: reusables of which too few are left
 * for a rung that has no other way to be made. Those wanted most come first.
 */
export function contestedBy(problem: AllocationProblem, chosen: readonly Assignment[]): Contested[] {
  const taken = stockTaken(problem, chosen);
  const left = (key: string) => stockOf(problem, key).quantity - countOf(taken, key);
  const holdersOf = (key: string) =>
    chosen
      .filter((one) => one.options.some((option) => option.stock === key))
      .map((one) => one.candidate.activity.name);
  const isOut = new Set(chosen.map((one) => `${one.candidate.child} ${one.candidate.activity.id}`));
  const wanted = new Map<string, string[]>();
  for (const c of problem.candidates) {
    if (isOut.has(`${c.child} ${c.activity.id}`)) continue;
    for (const { options } of c.needs) {
      const [only, another] = options;
      if (!only || another || !taken.has(only.stock) || left(only.stock) >= only.quantity) continue;
      pushTo(wanted, only.stock, c.activity.name);
    }
  }
  return [...wanted]
    .map(([key, names]) => ({
      material: stockOf(problem, key).material.id,
      heldBy: distinct(holdersOf(key)),
      wantedBy: distinct(names),
    }))
    .sort((a, b) => b.wantedBy.length - a.wantedBy.length)
    .map((one) => ({ ...one, wantedBy: one.wantedBy.slice(0, NAMED) }));
}
