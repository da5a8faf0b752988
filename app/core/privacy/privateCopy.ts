import { type Backup, byTable, rowsIn, TABLES, type TableName } from "../model";

/** No id, date, number or word of a list reads like this: where the schema takes it, anything may stand. */
const ANYTHING = "Anything at all 7!";
const LEFT_OUT = "left out";

type Key = string | number;
type Json = null | boolean | number | string | Json[] | JsonObject;
interface JsonObject {
  [key: string]: Json;
}

/** A copy of a value with another at the end of a path. */
function withAt(value: Json, path: readonly Key[], put: Json): Json {
  const [key, ...rest] = path;
  if (key === undefined) return put;
  if (Array.isArray(value)) return value.map((one, i) => (i === key ? withAt(one, rest, put) : one));
  const object: JsonObject = typeof value === "object" && value !== null ? value : {};
  return { ...object, [key]: withAt(object[key] ?? null, rest, put) };
}

/**
 * Leaves out free text: every string of a row in whose stead its schema takes any other. Which these are is asked of the schema
 * once for each field, so that one which is added later is left out as well.
 */
function withoutText(table: TableName, row: JsonObject, known: Map<string, boolean>): JsonObject {
  const isFree = (path: readonly Key[]) => {
    const field = path.map((key) => (typeof key === "number" ? "*" : key)).join(".");
    const answer = known.get(field) ?? TABLES[table].safeParse(withAt(row, path, ANYTHING)).success;
    known.set(field, answer);
    return answer;
  };
  const walk = (value: Json, path: readonly Key[]): Json => {
    if (typeof value === "string") return value !== "" && isFree(path) ? LEFT_OUT : value;
    if (Array.isArray(value)) return value.map((one, i) => walk(one, [...path, i]));
    if (typeof value !== "object" || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, walk(one, [...path, key])]));
  };
  return Object.fromEntries(Object.entries(row).map(([key, one]) => [key, walk(one, [key])]));
}

/** Names by which rows are told apart, in the order in which they were made. */
const NUMBERED: Partial<Record<TableName, string>> = {
  children: "Child",
  places: "Place",
  ownSkills: "Skill",
  ownThemes: "Theme",
  ownMaterials: "Thing",
  ownActivities: "Activity",
};

/**
 * A backup to show to others: without names, pictures and anything that somebody wrote. Dates, ages, ids and what was tapped stay
 * as they are, so that it plans and counts as the household's own does.
 */
export function privateCopy(backup: Backup): Backup {
  const tables = byTable<Backup["tables"]>((table) => {
    if (table === "photos" || table === "settings") return [];
    const known = new Map<string, boolean>();
    const word = NUMBERED[table];
    return rowsIn(backup.tables, table).map(({ fieldStamps: _, ...stamped }, i) => {
      // A row of a backup is JSON.
      const bare = withoutText(table, stamped as object as JsonObject, known);
      return word ? { ...bare, name: `${word} ${i + 1}` } : bare;
    });
  });
  return { ...backup, tables };
}
