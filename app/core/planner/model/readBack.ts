import { countOf, elementAt } from "../../collections";
import type { Horizon } from "../candidates/horizon";
import type { Assignment, Candidate } from "../candidates/problem";
import { columnOf, type MipModel, type WeekColumns } from "./mipBuilder";

/** How often each taken tray comes beyond the least; what is one column together goes round, the first written first. */
function furtherTimes(taken: readonly Candidate[], again: WeekColumns["again"], values: Float64Array) {
  const left = new Map<number, number>();
  const given = new Map<number, number>();
  for (const { index } of taken) {
    const r = again[index];
    if (r !== undefined) left.set(r, Math.round(elementAt(values, r)));
  }
  for (let gave = true; gave; ) {
    gave = false;
    for (const { index, times } of taken) {
      const r = again[index];
      const so = countOf(given, index);
      if (r === undefined || !times || so >= times.most - times.least || countOf(left, r) <= 0) continue;
      given.set(index, so + 1);
      left.set(r, countOf(left, r) - 1);
      gave = true;
    }
  }
  return given;
}

/** The chosen candidates of each week of a solution, with the option taken for each need. */
export const chosenOf = (horizon: Horizon, values: Float64Array, model: MipModel): Assignment[][] =>
  horizon.weeks.map(({ problem }, w) => {
    const columns = elementAt(model.weeks, w);
    const taken = problem.candidates.filter((c) => elementAt(values, columnOf(columns, c.index)) > 0.5);
    const again = furtherTimes(taken, columns.again, values);
    return taken.map((candidate) => ({
      candidate,
      again: countOf(again, candidate.index),
      options: candidate.needs.map((choice, n) => {
        const own = elementAt(elementAt(columns.optionColumns, candidate.index), n);
        const o = choice.options.length === 1 ? 0 : own.findIndex((y) => elementAt(values, y) > 0.5);
        return elementAt(choice.options, o);
      }),
    }));
  });

/** The packs that a solution buys in each week, by the key of their stock. */
export const packsOf = (values: Float64Array, model: MipModel): Map<string, number>[] =>
  model.weeks.map(
    ({ packs }) =>
      new Map(
        [...packs].flatMap(([key, column]): [string, number][] => {
          const count = Math.round(elementAt(values, column));
          return count > 0 ? [[key, count]] : [];
        }),
      ),
  );
