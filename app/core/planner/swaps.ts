import type { Highs } from "highs";
import { mipModelOf } from "./mipModel";
import { chosenOf } from "./plan";
import type { Band, Chosen, Problem } from "./problem";
import { solveMip } from "./solve";

export interface Swap {
  activity: string;
  rung: string;
  name: string;
  title: string;
  chance: number;
  band: Band;
  /** Points the whole plan loses by it; 0 or more. */
  loss: number;
  /** Trays of the present plan that would have to go or change, besides the one swapped. */
  displaces: string[];
}

const label = (one: Chosen) => `${one.candidate.activity.name} (${one.candidate.rung.title})`;
const sameTray = (a: Chosen, b: Chosen) =>
  a.candidate.child === b.candidate.child &&
  a.candidate.activity.id === b.candidate.activity.id &&
  a.candidate.rung.id === b.candidate.rung.id;

/**
 * Alternatives for one tray of a plan, ranked by what the whole plan would lose. Each is solved
 * anew with the tray out and the alternative in, everything else free to move.
 */
export function swapsFor(
  highs: Highs,
  problem: Problem,
  plan: { chosen: readonly Chosen[]; objective: number },
  out: { child: string; activity: string },
  count = 5,
): Swap[] {
  const outIndices = problem.candidates
    .filter((c) => c.child === out.child && c.activity.id === out.activity)
    .map((c) => c.index);
  const taken = new Set(plan.chosen.map((one) => `${one.candidate.child} ${one.candidate.activity.id}`));
  const classes = new Set(
    plan.chosen
      .filter((one) => outIndices.includes(one.candidate.index))
      .map((one) => one.candidate.placeClass),
  );
  const seen = new Set<string>();
  const shortlist = problem.candidates
    .filter(
      (c) => c.child === out.child && !taken.has(`${c.child} ${c.activity.id}`) && classes.has(c.placeClass),
    )
    .sort((a, b) => b.value - a.value)
    .filter((c) => !seen.has(c.activity.id) && seen.add(c.activity.id))
    .slice(0, count);
  return shortlist
    .flatMap((candidate): Swap[] => {
      const model = mipModelOf(problem);
      for (const index of outIndices) {
        const column = model.columns[model.taken[index] ?? -1];
        if (column) column.upper = 0;
      }
      const column = model.columns[model.taken[candidate.index] ?? -1];
      if (column) column.lower = 1;
      const solved = solveMip(highs, model, { seconds: 2 });
      if (!solved) return [];
      const chosen = chosenOf(problem, solved.values, model);
      const gone = plan.chosen.filter(
        (one) => !outIndices.includes(one.candidate.index) && !chosen.some((other) => sameTray(one, other)),
      );
      return [
        {
          activity: candidate.activity.id,
          rung: candidate.rung.id,
          name: candidate.activity.name,
          title: candidate.rung.title,
          chance: candidate.chance,
          band: candidate.band,
          loss: Math.max(0, plan.objective - solved.objective),
          displaces: gone.map(label),
        },
      ];
    })
    .sort((a, b) => a.loss - b.loss);
}
