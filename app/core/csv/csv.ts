import Papa from "papaparse";
import { fault, ok, type Result } from "../model";

/** A table as text in cells: the names of its columns, and its rows. */
export interface CsvTable {
  columns: readonly string[];
  rows: readonly (readonly string[])[];
}

export const MOST_ROWS = 20_000;
export const MOST_COLUMNS = 60;
export const MOST_CHARACTERS = 20_000_000;

/** A spreadsheet takes what begins with one of these for a formula, and works it out. */
const FORMULA = /^[=+\-@\t\r]/;
const NUMBER = /^-?\d+([.,]\d+)?$/;

/** Behind an apostrophe a spreadsheet takes a cell for what it says. A number is no formula. */
const harmless = (cell: string): string => (FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell);
const unharmed = (cell: string): string => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell);

/**
 * A table as comma-separated values (RFC 4180): UTF-8 with its mark, so that spreadsheets read every letter; lines end in CR LF;
 * no cell is a formula.
 */
export const csvText = ({ columns, rows }: CsvTable): string =>
  `\uFEFF${Papa.unparse([[...columns], ...rows.map((row) => row.map(harmless))], { newline: "\r\n" })}\r\n`;

/**
 * Reads comma-, semicolon- or tab-separated values. Empty lines count for nothing; a row that is too short is filled up. Faults:
 * `empty`, `too-large`, `ragged` (a row with more cells than there are columns), `quotes` (one that is never closed).
 */
export function readCsv(text: string): Result<CsvTable> {
  if (text.length > MOST_CHARACTERS) return fault("too-large", "file", "The file is too large for a table.");
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), {
    skipEmptyLines: "greedy",
    delimitersToGuess: [",", ";", "\t"],
  });
  const quotes = errors.find((one) => one.type === "Quotes");
  if (quotes) {
    return fault("quotes", `row ${(quotes.row ?? 0) + 1}`, "A quotation mark in this row is never closed.");
  }
  const [columns, ...rows] = data;
  if (!columns || rows.length === 0) {
    return fault("empty", "file", "There is no row under the names of the columns.");
  }
  if (rows.length > MOST_ROWS || columns.length > MOST_COLUMNS) {
    return fault("too-large", "file", `At most ${MOST_ROWS} rows and ${MOST_COLUMNS} columns.`);
  }
  const wide = rows.findIndex((row) => row.length > columns.length);
  if (wide >= 0) {
    return fault("ragged", `row ${wide + 2}`, "This row has more cells than there are columns.");
  }
  return ok({
    columns: columns.map((one) => one.trim()),
    rows: rows.map((row) => columns.map((_, i) => unharmed(row[i] ?? ""))),
  });
}
