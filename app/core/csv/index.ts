export { type CsvTable, csvText, readCsv } from "./csv";
export {
  type DateOrder,
  dateOrderOf,
  guessMapping,
  listOf,
  type Mapping,
  NOTE_FIELDS,
  type NoteField,
} from "./fields";
export { type NotesReading, type ReadNote, type RowFault, readNotes } from "./readNotes";
export { cupboardTable, notesTable, rotationsTable } from "./tables";
