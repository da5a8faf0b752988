import type { AllocationProblem, Assignment } from "../candidates/problem";

/** A thing that is all in use, and what else would need it. */
export interface Contested {
  material: string;
  heldBy: string[];
  wantedBy: string[];
}

/** So many of those who want a thing are named. */
const NAMED = 3;

const distinct = (names: readonly string[]) => [...new Set(names)];

/**
 * Things that trays of a rotation hold so that others can't have them: reusables of which too few are left
 * for a rung that has no other way to be made. Those wanted most come first.
 */
export function contestedBy(problem: AllocationProblem, chosen: readonly Assignment[]): Contested[] {
  const used = new Map<string, { quantity: number; by: string[] }>();
  for (const { candidate, options } of chosen) {
    for (const option of options) {
      const known = used.get(option.stock) ?? { quantity: 0, by: [] };
      used.set(option.stock, {
        quantity: known.quantity + option.quantity,
        by: [...known.by, candidate.activity.name],
      });
    }
  }
  const left = (key: string) => (problem.stock.get(key)?.quantity ?? 0) - (used.get(key)?.quantity ?? 0);
  const isOut = new Set(chosen.map((one) => `${one.candidate.child} ${one.candidate.activity.id}`));
  const wanted = new Map<string, string[]>();
  for (const c of problem.candidates) {
    if (isOut.has(`${c.child} ${c.activity.id}`)) continue;
    for (const { options } of c.needs) {
      const [only, another] = options;
      if (!only || another || !used.has(only.stock) || left(only.stock) >= only.quantity) continue;
      wanted.set(only.stock, [...(wanted.get(only.stock) ?? []), c.activity.name]);
    }
  }
  return [...wanted]
    .map(([key, names]) => ({
      material: problem.stock.get(key)?.material.id ?? key,
      heldBy: distinct(used.get(key)?.by ?? []),
      wantedBy: distinct(names),
    }))
    .sort((a, b) => b.wantedBy.length - a.wantedBy.length)
    .map((one) => ({ ...one, wantedBy: one.wantedBy.slice(0, NAMED) }));
}
