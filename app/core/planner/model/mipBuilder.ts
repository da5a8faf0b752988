import { addTo } from "../../collections";
/** Where one week's choice is found among the columns. */
export interface WeekColumns {
  /** Column of each candidate. */
  taken: readonly number[];
  /** Column of each candidate's option; the candidate's own where a need has one option only. */
  optionColumns: readonly (readonly (readonly number[])[])[];
  /**
   * Column of each candidate's times beyond the least; undefined where there can be none. Those of a moment whose further
   * times take nothing have one column together: it does not matter to the plan which of them comes again.
   */
  again: readonly (number | undefined)[];
  /** Column of the packs bought of each stock. */
  packs: Map<string, number>;
}

/** The column of a candidate. That it has none is a fault of the model, and never another candidate's column. */
export function columnOf(week: Pick<WeekColumns, "taken"> | undefined, index: number): number {
  const column = week?.taken[index];
  if (column === undefined) throw new Error(`The model has no column for candidate ${index}.`);
  return column;
}

/** A mixed-integer model in plain arrays: maximise cost·x under rowLower ≤ A·x ≤ rowUpper. */
export interface MipModel {
  columns: { name: string; cost: number; lower: number; upper: number; integer: boolean }[];
  rows: { name: string; lower: number; upper: number; entries: Map<number, number> }[];
  weeks: readonly WeekColumns[];
  /** For things the most that is taken of them at one hour: few of these ever decide anything. */
  largest: readonly Largest[];
}

/** A column that is no less than what each of some rows counts. */
export interface Largest {
  column: number;
  /** Indices of its rows: the column less what is taken is 0 or more. */
  rows: readonly number[];
}

export const UP = Number.POSITIVE_INFINITY;
export const DOWN = Number.NEGATIVE_INFINITY;

/** Collects columns and rows. */
export class Builder {
  readonly columns: MipModel["columns"] = [];
  readonly rows: MipModel["rows"] = [];
  /** What is taken of things at one hour, and what is mixed once: few of these ever decide anything. */
  readonly largest: Largest[] = [];
  /** Put before every name, so that the weeks' names differ. */
  prefix = "";

  column(name: string, cost: number, upper: number, integer: boolean, lower = 0): number {
    this.columns.push({ name: this.prefix + name, cost, lower, upper, integer });
    return this.columns.length - 1;
  }

  /** Adds a row; entries for the same column are summed. Rows without entries are kept only where they can't hold. */
  row(name: string, lower: number, upper: number, entries: readonly (readonly [number, number])[]) {
    const merged = new Map<number, number>();
    for (const [column, value] of entries) addTo(merged, column, value);
    if (merged.size === 0 && lower <= 0 && upper >= 0) return;
    this.rows.push({ name: this.prefix + name, lower, upper, entries: merged });
  }

  /** A column that is the largest of several sums, with the indices of its rows. */
  largestOf(
    name: string,
    sums: readonly (readonly (readonly [number, number])[])[],
    integer: boolean,
  ): Largest {
    const column = this.column(name, 0, UP, integer);
    const first = this.rows.length;
    sums.forEach((entries, i) => {
      this.row(`${name} ${i}`, 0, UP, [[column, 1], ...entries.map(([of, value]) => [of, -value] as const)]);
    });
    return { column, rows: sums.map((_, i) => first + i) };
  }
}
