import type { z } from "zod";
import { type Row, type RowOf, TABLE_NAMES, TABLES, type TableName, type Tables } from "../core/model";
import { now } from "./clock";
import { database, type OrtoDb } from "./db";

export const newId = (): string => crypto.randomUUID();

type Given<T extends TableName> = z.input<(typeof TABLES)[T]>;
/** Fields that may be left out: optional ones, and those with a default. */
type MayLack<T extends TableName> = {
  [K in keyof RowOf<T>]: K extends keyof Given<T> ? (undefined extends Given<T>[K] ? K : never) : never;
}[keyof RowOf<T>];
/** A row without its stamp; what has a default may be left out. */
type Unstamped<T extends TableName> = Omit<RowOf<T>, keyof Row | MayLack<T>> &
  Partial<Pick<RowOf<T>, Exclude<MayLack<T>, keyof Row>>>;

/** A new row, stamped and checked by its schema. */
export const newRow = <T extends TableName>(table: T, row: Unstamped<T>, id: string = newId()): RowOf<T> => {
  const at = now();
  return TABLES[table].parse({ ...row, id, createdAt: at, updatedAt: at }) as RowOf<T>;
};

export async function addRow<T extends TableName>(
  table: T,
  row: Unstamped<T>,
  id: string = newId(),
  db: OrtoDb = database(),
): Promise<RowOf<T>> {
  const made = newRow(table, row, id);
  await db.rows(table).put(made);
  return made;
}

type Changes<T extends TableName> = Partial<Unstamped<T>> & { deletedAt?: string };

/**
 * Changes some fields of a row; undefined where there is no such row. What hangs on the row as it is comes from a
 * function of it, so that two changes close together don't lose each other.
 */
export async function changeRow<T extends TableName>(
  table: T,
  id: string,
  change: Changes<T> | ((row: RowOf<T>) => Changes<T>),
  db: OrtoDb = database(),
): Promise<RowOf<T> | undefined> {
  return db.transaction("rw", db.rows(table), async () => {
    const row = await db.rows(table).get(id);
    if (!row) return undefined;
    const fields = typeof change === "function" ? change(row) : change;
    const changed = TABLES[table].parse({ ...row, ...fields, updatedAt: now() }) as RowOf<T>;
    await db.rows(table).put(changed);
    return changed;
  });
}

/** Leaves a tombstone, so that a merge knows. */
export const removeRow = <T extends TableName>(table: T, id: string, db: OrtoDb = database()) =>
  changeRow(table, id, { deletedAt: now() } as never, db);

export const restoreRow = <T extends TableName>(table: T, id: string, db: OrtoDb = database()) =>
  changeRow(table, id, { deletedAt: undefined } as never, db);

/** Writes the row of a known id anew from what is there: it comes into being, changes, or leaves a tombstone. */
export async function storeRow<T extends TableName>(
  table: T,
  id: string,
  work: (before: RowOf<T> | undefined) => Unstamped<T> | undefined,
  db: OrtoDb = database(),
): Promise<void> {
  await db.transaction("rw", db.rows(table), async () => {
    const row = await db.rows(table).get(id);
    const fields = work(row && row.deletedAt === undefined ? row : undefined);
    if (fields) {
      const made = newRow(table, fields, id);
      await db.rows(table).put(row ? { ...made, createdAt: row.createdAt } : made);
    } else if (row) await removeRow(table, id, db);
  });
}

/** Every row of every table, tombstones included, as one consistent reading. */
export async function readTables(db: OrtoDb = database()): Promise<Tables> {
  return db.transaction("r", db.tables, async () => {
    const entries = await Promise.all(
      TABLE_NAMES.map(async (name) => [name, await db.rows(name).toArray()] as const),
    );
    return Object.fromEntries(entries) as unknown as Tables;
  });
}
