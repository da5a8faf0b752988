import type { Highs } from "highs";
import { elementAt, present } from "../../collections";
import { type Assignments, type Horizon, singleWeek } from "../candidates/horizon";
import {
  type Assignment,
  type Candidate,
  type Constraint,
  childrenOf,
  isSameTray,
  spellOf,
  withCandidates,
} from "../candidates/problem";
import type { MipModel } from "../model/mipBuilder";
import { columnOf } from "../model/mipBuilder";
import { mipModelOf } from "../model/mipModel";
import { chosenOf } from "../model/readBack";
import { residualStock } from "./residualStock";
import { solveMip, solveWhole } from "./solve";

/** So long may one week take. */
const WEEK_SECONDS = 1.5;

/** What may come in a week after those already chosen: what stays, and what has not had its time yet. */
function open(horizon: Horizon, so: Assignments, week: number): (c: Candidate) => boolean {
  const before = week === 0 ? [] : elementAt(so, week - 1);
  const begun = new Set(
    so
      .flat()
      .flatMap(({ candidate }) => childrenOf(candidate).map((child) => `${child} ${candidate.activity.id}`)),
  );
  const mayStart = new Map(horizon.runs.map((run) => [run.id, run.mayStart[week] ?? true]));
  return (c) =>
    before.some((one) => isSameTray(one.candidate, c)) ||
    ((mayStart.get(spellOf(c)) ?? true) &&
      !childrenOf(c).some((child) => begun.has(`${child} ${c.activity.id}`)));
}

/**
 * The plan made one week after the other, each the best for itself, without anything to buy. A week for which no time
 * is left stays empty: what is given breaks no rule in any case.
 */
export function sequentialHeuristic(highs: Highs, horizon: Horizon): Assignment[][] {
  const chosen: Assignment[][] = [];
  for (const [week, here] of horizon.weeks.entries()) {
    const so = horizon.weeks.map((_, w) => chosen[w] ?? []);
    const left = residualStock(horizon, so, [], week);
    const mayCome = open(horizon, so, week);
    const kept = week === 0 ? left.candidates : left.candidates.filter(mayCome);
    // Money is not spent here: packs bought in one week would have to be carried on to the next.
    const problem = { ...withCandidates(left, kept), cents: 0 };
    const before = week === 0 ? [] : elementAt(so, week - 1);
    const isNew = (c: Candidate) => !before.some((one) => isSameTray(one.candidate, c));
    const few: Constraint[] =
      week > 0 && horizon.mostNew !== undefined
        ? [
            {
              code: "newAtOnce",
              bound: horizon.mostNew,
              coefficients: new Map(problem.candidates.filter(isNew).map((c) => [c.index, 1])),
            },
          ]
        : [];
    const single = singleWeek(here.situation, { ...problem, constraints: [...problem.constraints, ...few] });
    const weekModel = mipModelOf(single);
    const solved = solveMip(highs, weekModel, { seconds: WEEK_SECONDS, gap: 0.01 });
    const numbers = new Map(kept.map((c, i) => [i, c]));
    chosen.push(
      (solved ? elementAt(chosenOf(single, solved.values, weekModel), 0) : []).flatMap((one) => {
        const candidate = present(numbers.get(one.candidate.index), "candidate of the week");
        return [{ ...one, candidate }];
      }),
    );
  }
  return chosen;
}

/** All columns of the model for trays that are given: a beginning for the search over all weeks. */
export function warmStart(
  highs: Highs,
  horizon: Horizon,
  model: MipModel,
  chosen: Assignments,
): Float64Array | undefined {
  const columns = model.columns.map((column) => ({ ...column }));
  horizon.weeks.forEach(({ problem }, w) => {
    const out = new Set(elementAt(chosen, w).map((one) => one.candidate.index));
    for (const c of problem.candidates) {
      const column = elementAt(columns, columnOf(model.weeks[w], c.index));
      if (out.has(c.index)) column.lower = 1;
      else column.upper = 0;
    }
  });
  return solveWhole(highs, { ...model, columns }, { seconds: WEEK_SECONDS })?.values;
}
