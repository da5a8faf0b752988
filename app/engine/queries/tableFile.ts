import { z } from "zod";
import { csvText, cupboardTable, notesTable, rotationsTable } from "../../core/csv";
import { query } from "./query";

export const SAVED_TABLES = ["notes", "cupboard", "rotations"] as const;
export type SavedTable = (typeof SAVED_TABLES)[number];

const TABLE_OF = { notes: notesTable, cupboard: cupboardTable, rotations: rotationsTable };

/** One of the household's tables as the text of a file that spreadsheets open, and the name of that file. */
export const tableFile = query(z.object({ table: z.enum(SAVED_TABLES) }), (home, { table }) => ({
  name: `orto-${table}-${home.today}.csv`,
  text: csvText(TABLE_OF[table](home.tables, home.catalogue)),
}));
