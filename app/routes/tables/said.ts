import {
  type CsvTable,
  type DateOrder,
  dateOrderOf,
  guessMapping,
  type Mapping,
  NOTE_FIELDS,
  type NoteField,
} from "../../core/csv";
import type { ChildId } from "../../core/model";

/** What was said of a table: which column holds what, how its dates are written, and whose notes they are. */
export interface Said {
  mapping: Mapping<NoteField>;
  order: DateOrder;
  /** Whose notes they are where no column says so; empty as long as nobody was chosen. */
  child: ChildId | "";
}

/** The cells of a column, from above. */
export const cellsOf = (table: CsvTable, at: number | undefined) =>
  at === undefined ? [] : table.rows.map((row) => row[at] ?? "");

/** What the names of the columns and the dates themselves say. */
export function saidOf(table: CsvTable, child: Said["child"]): Said {
  const mapping = guessMapping(table.columns, NOTE_FIELDS);
  return { mapping, order: dateOrderOf(cellsOf(table, mapping.date)) ?? "day-first", child };
}
