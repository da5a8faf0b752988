import { elementAt } from "../../collections";
import type { Horizon, RunRung, Spell } from "../candidates/horizon";
import { type Builder, columnOf, DOWN, UP, type WeekColumns } from "./mipBuilder";
import { addPeakColumns } from "./peakUsage";

/** Columns of one rung of a run that say in which weeks it is set out anew; the first week's is the tray's own. */
interface Starts {
  run: Spell;
  rung: RunRung;
  /** By week, with their coefficients: what adds up to "set out anew". */
  weeks: (readonly [number, number])[][];
}

/**
 * Says for every week after the first whether a rung is set out anew: at least in this week's trays less
 * last week's. What a start is worth is moved from the tray to it, and each further week is worth `stayValue`.
 */
function addStarts(
  b: Builder,
  horizon: Horizon,
  weeks: readonly WeekColumns[],
  run: Spell,
  rung: RunRung,
): Starts {
  const columnsOf = (w: number) =>
    elementAt(rung.weeks, w).map((c) => [columnOf(weeks[w], c.index), 1] as const);
  const minus = (entries: readonly (readonly [number, number])[]) =>
    entries.map(([column, value]) => [column, -value] as const);
  const started = rung.weeks.map((candidates, w): (readonly [number, number])[] => {
    const [first] = candidates;
    const now = columnsOf(w);
    if (!first) return [];
    if (w === 0) return now;
    const before = columnsOf(w - 1);
    for (const [column] of now) elementAt(b.columns, column).cost += horizon.stayValue - first.startValue;
    const worth = first.startValue - horizon.stayValue;
    const start = b.column(`start ${run.id} ${rung.key} ${w}`, worth, run.mayStart[w] ? 1 : 0, false);
    b.row(`starts ${run.id} ${rung.key} ${w}`, 0, UP, [[start, 1], ...before, ...minus(now)]);
    if (worth > 0) {
      b.row(`started ${run.id} ${rung.key} ${w}`, DOWN, 0, [[start, 1], ...minus(now)]);
      b.row(`anew ${run.id} ${rung.key} ${w}`, DOWN, 1, [[start, 1], ...before]);
    }
    return [[start, 1]];
  });
  return { run, rung, weeks: started };
}

/** Ties the weeks: what starts when, preparation by what is set out anew, and how often an activity comes back. */
export function addRuns(b: Builder, horizon: Horizon, weeks: readonly WeekColumns[]) {
  const starts = horizon.runs.map((run) => run.rungs.map((rung) => addStarts(b, horizon, weeks, run, rung)));
  horizon.weeks.forEach(({ problem }, w) => {
    if (w === 0) return;
    const anew = starts.flat().flatMap(({ rung, weeks: started }) =>
      elementAt(started, w).map(([column]) => ({
        column,
        prep: elementAt(elementAt(rung.weeks, w), 0).prepMinutes,
      })),
    );
    const prep = problem.constraints.find((one) => one.code === "prepMinutes");
    if (prep) {
      const eachTime = problem.candidates.flatMap((c): (readonly [number, number])[] => {
        if (c.prepEach === 0) return [];
        const more = elementAt(weeks, w).again[c.index];
        return [
          [columnOf(weeks[w], c.index), c.prepEach * (c.times?.least ?? 1)],
          ...(more === undefined ? [] : [[more, c.prepEach] as const]),
        ];
      });
      b.row(`prep ${w}`, DOWN, prep.bound, [
        ...anew.filter((one) => one.prep > 0).map((one) => [one.column, one.prep] as const),
        ...eachTime,
        ...addPeakColumns(b, problem, elementAt(weeks, w).taken, prep.apart ?? [], `mixing ${w}`, true),
      ]);
    }
    if (horizon.mostNew !== undefined) {
      b.row(
        `new ${w}`,
        DOWN,
        horizon.mostNew,
        anew.map((one) => [one.column, 1] as const),
      );
    }
  });
  for (const { id, runs, most } of horizon.comebacks) {
    b.row(
      `comeback ${id}`,
      DOWN,
      most,
      runs.flatMap((r) => elementAt(starts, r)).flatMap((one) => one.weeks.flat()),
    );
  }
}
