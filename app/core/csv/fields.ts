import type { CsvTable } from "./csv";

interface Field {
  id: string;
  /** Other names of the column, in lower case. */
  also: readonly string[];
}

/** The fields of a note, named as its own table names them. */
export const NOTE_FIELDS = [
  { id: "date", also: ["day", "on", "when"] },
  { id: "child", also: ["name", "kid"] },
  { id: "activity", also: ["what", "task", "work", "tray"] },
  { id: "step", also: ["rung", "level", "stage"] },
  { id: "help", also: ["support", "how"] },
  { id: "interest", also: ["liked"] },
  { id: "minutes", also: ["min", "duration", "time"] },
  { id: "times", also: ["repeats", "again", "count"] },
  { id: "ended", also: ["end"] },
  { id: "hand", also: [] },
  { id: "grasp", also: ["grip"] },
  { id: "mouthed", also: [] },
  { id: "condition", also: ["state"] },
  { id: "words", also: ["note", "notes", "comment", "comments", "remark", "text", "observation"] },
] as const satisfies readonly Field[];
export type NoteField = (typeof NOTE_FIELDS)[number]["id"];

/** The fields of a thing in the cupboard. */
const CUPBOARD_FIELDS = [
  { id: "thing", also: ["item", "name", "material", "what", "article"] },
  { id: "amount", also: ["quantity", "qty", "count", "number", "how many"] },
  { id: "unit", also: ["units"] },
] as const satisfies readonly Field[];

/** Which column holds a field: its index; a field that none holds is left out. */
export type Mapping<F extends string> = Partial<Record<F, number>>;

/** The columns whose names say what they hold; the first of several. */
export function guessMapping<F extends string>(
  columns: readonly string[],
  fields: readonly { id: F; also: readonly string[] }[],
): Mapping<F> {
  const names = columns.map((one) =>
    one
      .toLowerCase()
      .replace(/[_\s]+/g, " ")
      .trim(),
  );
  const mapping: Mapping<F> = {};
  const taken = new Set<number>();
  const take = (field: F, accepts: (name: string) => boolean) => {
    const at = names.findIndex((name, i) => !taken.has(i) && accepts(name));
    if (at < 0 || mapping[field] !== undefined) return;
    mapping[field] = at;
    taken.add(at);
  };
  for (const { id } of fields) take(id, (name) => name === id);
  for (const { id, also } of fields) take(id, (name) => also.includes(name));
  return mapping;
}

/** In which order a date is written where its year does not come first. */
export type DateOrder = "day-first" | "month-first";

const PARTS = /^(\d{1,2})[./\- ]+(\d{1,2})[./\- ]+(\d{4}|\d{2})$/;

/** The order that the dates of a column show; undefined where all of them could be either. */
export function dateOrderOf(cells: readonly string[]): DateOrder | undefined {
  for (const cell of cells) {
    const [, first, second] = PARTS.exec(cell.trim()) ?? [];
    if (Number(first) > 12) return "day-first";
    if (Number(second) > 12) return "month-first";
  }
  return undefined;
}

/** A date as a cell has it, as YYYY-MM-DD; undefined where it is none. Years of two digits are of this century. */
export function dateIn(cell: string, order: DateOrder): string | undefined {
  const text = cell.trim();
  const iso = /^(\d{4})[-./](\d{1,2})[-./](\d{1,2})(?:[T ].*)?$/.exec(text);
  const parts = PARTS.exec(text);
  if (!iso && !parts) return undefined;
  const [, a = "", b = "", c = ""] = iso ?? parts ?? [];
  const [year, month, day] = iso ? [a, b, c] : order === "day-first" ? [c, b, a] : [c, a, b];
  const whole = year.length === 2 ? `20${year}` : year;
  return `${whole}-${month.padStart(2, "0")}-${day.padStart(2, "0")}`;
}

/** A number as a cell has it, with a point or a comma; undefined where it is none. */
export function numberIn(cell: string): number | undefined {
  const text = cell.trim().replace(",", ".");
  return /^\d+(\.\d+)?$/.test(text) ? Number(text) : undefined;
}

/** A table of things as a list to be read line by line, "500 g rice"; things stand in the first column where no name says so. */
export function listOf({ columns, rows }: CsvTable): string {
  const { thing = 0, amount, unit } = guessMapping(columns, CUPBOARD_FIELDS);
  return rows
    .map((row) => [amount, unit, thing].flatMap((at) => (at === undefined ? [] : [(row[at] ?? "").trim()])))
    .map((cells) => cells.filter((one) => one !== "" && one !== "piece").join(" "))
    .filter((line) => line !== "")
    .join("\n");
}
