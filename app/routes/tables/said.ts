import {
  type CsvTable,
  type DateOrder,
  dateOrderOf,
  guessMapping,
  type Mapping,
  NOTE_FIELDS,
  type NoteField,
} from "../../core/csv";

/** What was said of a table: which column holds what, how its dates are written, and whose notes they are. */
export interface Said {
  mapping: Mapping<NoteField>;
  order: DateOrder;
  child: string;
}

/** The cells of a column, from above. */
export const cellsOf = (table: CsvTable, at: number | undefined) =>
  at === undefined ? [] : table.rows.map((row) => row[at] ?? "");

/** What the names of the columns and the dates themselves say. */
export function saidOf(table: CsvTable, child: string): Said {
  const mapping = guessMapping(table.columns, NOTE_FIELDS);
  return { mapping, order: dateOrderOf(cellsOf(table, mapping.date)) ?? "day-first", child };
}
