import type { Highs } from "highs";
import { elementAt } from "../../collections";
import { PROVEN_GAP } from "../candidates/weights";
import type { Largest, MipModel } from "../model/mipBuilder";
import { arraysOf, type Relaxed, type Search, type SolveLimits, search } from "./solver";

/** Sums are added up in floating point. */
const TOLERANCE = 1e-6;
/** Shares of the time for the plan without the rows, and for its repair. */
const SHARES = { without: 0.2, repair: 0.1, neighbourhoods: 0.3 } as const;
/** Columns that the relaxation would lose more points by are left out. */
const LOSSES = { without: 0.75, repair: 2 } as const;
/** So many weeks are freed at once, one size after the other. */
const NEIGHBOURHOODS = [1, 2];
const START_GAP = 0.001;
const REPAIR_GAP = 0.001;

const sumOf = ({ entries }: MipModel["rows"][number], values: Float64Array) =>
  [...entries].reduce((sum, [column, value]) => sum + value * elementAt(values, column), 0);

/** Sets each of these columns to the largest of what its rows count. */
function fill({ largest, rows }: MipModel, values: Float64Array): void {
  for (const { column, rows: own } of largest) {
    values[column] = 0;
    values[column] = own.reduce((most, index) => {
      return Math.max(most, -sumOf(elementAt(rows, index), values));
    }, 0);
  }
}

/** The columns that take part in rows that are broken, by themselves or through the largest of them. */
function takingPart({ largest, rows }: MipModel, own: ReadonlySet<number>, values: Float64Array) {
  const byColumn = new Map<number, Largest>(largest.map((one) => [one.column, one]));
  const part = new Set<number>();
  rows.forEach((row, i) => {
    if (own.has(i) || sumOf(row, values) <= row.upper + TOLERANCE) return;
    for (const column of row.entries.keys()) {
      part.add(column);
      for (const index of byColumn.get(column)?.rows ?? []) {
        for (const other of elementAt(rows, index).entries.keys()) part.add(other);
      }
    }
  });
  return part;
}

/** The plan that is found without the rows; undefined where the time runs out. */
function withoutRows(
  highs: Highs,
  model: MipModel,
  own: ReadonlySet<number>,
  limits: SolveLimits,
  isOut: (column: number) => boolean,
): Float64Array | undefined {
  const part = arraysOf(highs, { ...model, rows: model.rows.filter((_, i) => !own.has(i)) });
  const found = search(highs, part, { ...limits, gap: START_GAP }, isOut);
  if (!found) return undefined;
  const values = found.values.slice();
  fill(model, values);
  return values;
}

/** Solves with all rows from a plan: its trays stay, but for those that are freed by their column and week. */
type Repair = (
  values: Float64Array,
  isFree: (column: number, week: number) => boolean,
  start?: Float64Array,
) => Search | undefined;

function repairing(
  highs: Highs,
  model: MipModel,
  isOut: (column: number) => boolean,
  limits: SolveLimits,
): Repair {
  const arrays = arraysOf(highs, model);
  return (values, isFree, start) => {
    const colLower = arrays.colLower.slice();
    model.weeks.forEach(({ taken }, w) => {
      for (const column of taken) {
        if (elementAt(values, column) > 0.5 && !isFree(column, w)) colLower[column] = 1;
      }
    });
    const isShut = (column: number) => isOut(column) && elementAt(values, column) <= TOLERANCE;
    return search(highs, { ...arrays, colLower }, { ...limits, gap: REPAIR_GAP }, isShut, start);
  };
}

/**
 * Large neighbourhood search: frees the trays of one week after the other, then of two weeks that follow each other, until the
 * plan is near enough, nothing gets better or the time is up.
 */
function neighbourhoods(
  first: Search,
  weeks: number,
  repair: Repair,
  isNear: (plan: Search) => boolean,
  seconds: number,
): Search {
  let best = first;
  let secondsLeft = seconds;
  for (const size of NEIGHBOURHOODS) {
    let unchanged = 0;
    for (let turn = 0; !isNear(best) && unchanged < weeks && secondsLeft > 0; turn++) {
      const from = turn % weeks;
      const isFree = (_: number, week: number) => (week + weeks - from) % weeks < size;
      const better = repair(best.values, isFree, best.values);
      unchanged++;
      if (!better) continue;
      secondsLeft -= better.seconds;
      if (better.objective > best.objective + TOLERANCE) {
        best = better;
        unchanged = 0;
      }
    }
  }
  return best;
}

/**
 * A good plan of a model with largest-of columns, to begin the search from: first the best without their rows, which is
 * found in no time; then, where that takes more than there is, once more with all rows, the trays held that have no part
 * in it, and then a week or two at a time. Undefined where the time runs out.
 */
export function warmStartRelaxingPeaks(
  highs: Highs,
  model: MipModel,
  relaxed: Relaxed,
  { seconds, gap = PROVEN_GAP, budget }: SolveLimits,
): Float64Array | undefined {
  /** Stands at 0 in the relaxation, and would lose more than so many points. */
  const losing = (most: number) => (column: number) =>
    elementAt(relaxed.values, column) <= TOLERANCE && elementAt(relaxed.reducedCosts, column) > most;
  const own = new Set(model.largest.flatMap((one) => one.rows));
  const limits = (share: number) => ({ seconds: seconds * share, budget });
  const values = withoutRows(highs, model, own, limits(SHARES.without), losing(LOSSES.without));
  if (!values) return undefined;
  const free = takingPart(model, own, values);
  if (free.size === 0) return values;
  const repair = repairing(highs, model, losing(LOSSES.repair), limits(SHARES.repair));
  const first = repair(values, (column) => free.has(column));
  const isNear = ({ objective }: Search) => relaxed.objective - objective <= gap * Math.abs(objective);
  return (
    first && neighbourhoods(first, model.weeks.length, repair, isNear, seconds * SHARES.neighbourhoods).values
  );
}
