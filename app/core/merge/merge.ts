import {
  type Backup,
  fault,
  living,
  ok,
  type Result,
  type Row,
  TABLE_NAMES,
  type TableName,
  type Tables,
} from "../model";

/** A value as text, its keys in order: the same for the same value, however it was written. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join()}]`;
  if (typeof value !== "object" || value === null) return JSON.stringify(value) ?? "null";
  const entries = Object.entries(value)
    .filter(([, one]) => one !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
  return `{${entries.map(([key, one]) => `${JSON.stringify(key)}:${canonical(one)}`).join()}}`;
}

/** Which of two states of one row stands: the later change; of the same instant the one that reads later as text. */
function laterOf<R extends Row>(a: R, b: R): R {
  if (a.updatedAt !== b.updatedAt) return a.updatedAt > b.updatedAt ? a : b;
  return canonical(a) >= canonical(b) ? a : b;
}

/** The rows of two devices together: every row of either, each in its latest state, deletions among them; by id. */
export function mergeRows<R extends Row>(a: readonly R[], b: readonly R[]): R[] {
  const rows = new Map<string, R>();
  for (const row of [...a, ...b]) {
    const known = rows.get(row.id);
    rows.set(row.id, known ? laterOf(known, row) : row);
  }
  return [...rows.values()].sort((x, y) => (x.id < y.id ? -1 : 1));
}

/** All tables of two devices together. The order of the two, and how often it is done, change nothing. */
export const mergeTables = (a: Tables, b: Tables): Tables =>
  Object.fromEntries(
    TABLE_NAMES.map((name) => [name, mergeRows<Row>(a[name] as readonly Row[], b[name] as readonly Row[])]),
  ) as unknown as Tables;

/** Can two households be put together? Only where they are the same one, on two devices. */
export function sameHousehold(a: Tables, b: Tables): boolean {
  const [ours, theirs] = [living(a.household)[0], living(b.household)[0]];
  return ours !== undefined && ours.id === theirs?.id;
}

export const NOT_THE_SAME = fault(
  "other-household",
  "tables.household",
  "This is a file of another household: only two devices of the same one can be put together. To begin with a household on a second device, restore a backup of the first one there.",
);

/** Two backups of one household as one. */
export function mergeBackups(a: Backup, b: Backup): Result<Backup> {
  if (!sameHousehold(a.tables, b.tables)) return NOT_THE_SAME;
  const [, savedAt = a.savedAt] = [a.savedAt, b.savedAt].sort();
  return ok({ ...a, savedAt, tables: mergeTables(a.tables, b.tables) });
}

/** What came of one row: it is new here, otherwise than it was, gone, or back. */
export interface MergedRow {
  table: TableName;
  what: "new" | "changed" | "gone" | "back";
  before?: Row;
  after: Row;
}

/** What another device brings to this one, row by row. */
export function whatCame(ours: Tables, merged: Tables): MergedRow[] {
  return TABLE_NAMES.flatMap((table) => {
    const known = new Map<string, Row>((ours[table] as readonly Row[]).map((row) => [row.id, row]));
    return (merged[table] as readonly Row[]).flatMap((after): MergedRow[] => {
      const before = known.get(after.id);
      if (before && canonical(before) === canonical(after)) return [];
      const [was, is] = [before !== undefined && !before.deletedAt, !after.deletedAt];
      if (!was && !is) return [];
      const what = was ? (is ? "changed" : "gone") : before ? "back" : "new";
      return [{ table, what, ...(before ? { before } : {}), after }];
    });
  });
}

/**
 * A row that is otherwise on the two devices, and changed on each since it was made: the later change stands. One of the two
 * changes may be from before they parted; a row keeps no more than its last stamp.
 */
export interface Clash {
  table: TableName;
  stands: Row;
  other: Row;
  /** The fields in which they differ, stamps left out. */
  fields: string[];
}

const STAMPS: ReadonlySet<string> = new Set(["createdAt", "updatedAt"]);

/** What a person would want to look at: rows that may have been changed on both devices. */
export function clashesOf(a: Tables, b: Tables): Clash[] {
  return TABLE_NAMES.flatMap((table) => {
    const others = new Map<string, Row>((b[table] as readonly Row[]).map((row) => [row.id, row]));
    return (a[table] as readonly Row[]).flatMap((row): Clash[] => {
      const other = others.get(row.id);
      if (!other || row.updatedAt === other.updatedAt) return [];
      // A row that is as it was made was changed on one device only.
      if (row.updatedAt === row.createdAt || other.updatedAt === other.createdAt) return [];
      const [x, y] = [row as unknown as Record<string, unknown>, other as unknown as Record<string, unknown>];
      const fields = [...new Set([...Object.keys(x), ...Object.keys(y)])].filter(
        (key) => !STAMPS.has(key) && canonical(x[key]) !== canonical(y[key]),
      );
      const stands = laterOf(row, other);
      return fields.length > 0 ? [{ table, stands, other: stands === row ? other : row, fields }] : [];
    });
  });
}
