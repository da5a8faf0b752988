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
import { greedyChoice } from "./greedy";
import { residualStock } from "./residualStock";
import { solveMip, solveWhole } from "./solve";
import type { TimeBudget } from "./solver";
import { planValue } from "./value";

/** So long may one week take. */
const WEEK_SECONDS = 1.5;
const WEEK_GAP = 0.01;

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

/** In a later week of a plan so many trays may be set out anew. */
const newAtOnce = (
  { mostNew }: Horizon,
  candidates: readonly Candidate[],
  isNew: (c: Candidate) => boolean,
): Constraint[] =>
  mostNew === undefined
    ? []
    : [
        {
          code: "newAtOnce",
          bound: mostNew,
          coefficients: new Map(candidates.filter(isNew).map((c) => [c.index, 1])),
        },
      ];

/**
 * The plan made one week after the other, each the best for itself, without anything to buy. A week for which no time
 * is left is made without the solver.
 */
export function sequentialHeuristic(highs: Highs, horizon: Horizon, budget?: TimeBudget): Assignment[][] {
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
    const few = week === 0 ? [] : newAtOnce(horizon, problem.candidates, isNew);
    const constraints = [...problem.constraints, ...few];
    const single = singleWeek(here.situation, { ...problem, constraints });
    const made = weekChoice(highs, single, budget);
    const numbers = new Map(kept.map((c, i) => [i, c]));
    chosen.push(
      made.map((one) => {
        const candidate = present(numbers.get(one.candidate.index), "candidate of the week");
        return { ...one, candidate };
      }),
    );
  }
  return chosen;
}

/** The best for one week; where the time does not suffice for it, what is made without the solver if that is better. */
function weekChoice(highs: Highs, single: Horizon, budget?: TimeBudget): Assignment[] {
  const { problem } = elementAt(single.weeks, 0);
  if (budget && budget.secondsLeft <= 0) return greedyChoice(problem);
  const model = mipModelOf(single);
  const solved = solveMip(highs, model, { seconds: WEEK_SECONDS, gap: WEEK_GAP, budget });
  const chosen = solved && elementAt(chosenOf(single, solved.values, model), 0);
  if (chosen && solved.gap <= WEEK_GAP) return chosen;
  const greedy = greedyChoice(problem);
  return chosen && planValue(problem, chosen) > planValue(problem, greedy) ? chosen : greedy;
}

/** All columns of the model for trays that are given: a beginning for the search over all weeks. */
export function warmStart(
  highs: Highs,
  horizon: Horizon,
  model: MipModel,
  chosen: Assignments,
  budget: TimeBudget,
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
  return solveWhole(highs, { ...model, columns }, { seconds: WEEK_SECONDS, budget })?.values;
}
