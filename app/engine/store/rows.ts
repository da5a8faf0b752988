import type { z } from "zod";
import { stamped } from "../../core/merge";
import {
  byTable,
  type Row,
  type RowOf,
  TABLE_NAMES,
  TABLES,
  type TableName,
  type Tables,
} from "../../core/model";
import { now } from "./clock";
import type { OrtoDb } from "./db";

export const newId = (): string => crypto.randomUUID();

type Given<T extends TableName> = z.input<(typeof TABLES)[T]>;
/** Fields that may be left out: optional ones, and those with a default. */
type MayLack<T extends TableName> = {
  [K in keyof RowOf<T>]: K extends keyof Given<T> ? (undefined extends Given<T>[K] ? K : never) : never;
}[keyof RowOf<T>];
/** A row without its stamp; what has a default may be left out. */
export type Unstamped<T extends TableName> = Omit<RowOf<T>, keyof Row | MayLack<T>> &
  Partial<Pick<RowOf<T>, Exclude<MayLack<T>, keyof Row>>>;

/** A new row, stamped and checked by its schema. */
export const newRow = <T extends TableName>(table: T, row: Unstamped<T>, id: string = newId()): RowOf<T> => {
  const at = now();
  return TABLES[table].parse({
    ...row,
    ...{ id, createdAt: at, updatedAt: at, fieldStamps: undefined },
  }) as RowOf<T>;
};

/** One transaction over some tables: all of its writes are kept, or none. Those within it join it. */
export const inTransaction = <R>(
  db: OrtoDb,
  tables: readonly TableName[],
  work: () => Promise<R>,
): Promise<R> =>
  db.transaction(
    "rw",
    tables.map((table) => db.rows(table)),
    work,
  );

/** The living rows of a table, as they are stored at this moment. */
export const livingRows = async <T extends TableName>(db: OrtoDb, table: T): Promise<RowOf<T>[]> =>
  (await db.rows(table).toArray()).filter((row) => row.deletedAt === undefined);

/** The living row of an id, if there is one. */
export async function livingRow<T extends TableName>(
  db: OrtoDb,
  table: T,
  id: string,
): Promise<RowOf<T> | undefined> {
  const row = await db.rows(table).get(id);
  return row && row.deletedAt === undefined ? row : undefined;
}

export async function insertRow<T extends TableName>(
  db: OrtoDb,
  table: T,
  row: Unstamped<T>,
  id: string = newId(),
): Promise<RowOf<T>> {
  const made = newRow(table, row, id);
  await db.rows(table).put(made);
  return made;
}

type Changes<T extends TableName> = Partial<Unstamped<T>>;

/** Writes a row anew with some fields changed, the stamp among them. */
async function rewrite<T extends TableName>(
  db: OrtoDb,
  table: T,
  id: string,
  fieldsOf: (row: RowOf<T>, at: string) => object,
): Promise<RowOf<T> | undefined> {
  return inTransaction(db, [table], async () => {
    const row = await db.rows(table).get(id);
    if (!row) return undefined;
    const at = now();
    const changed = TABLES[table].parse({ ...row, ...fieldsOf(row, at), updatedAt: at }) as RowOf<T>;
    const written = stamped(table, row, changed, at);
    await db.rows(table).put(written);
    return written;
  });
}

/**
 * Changes some fields of a row; undefined where there is no such row. What hangs on the row as it is comes from a
 * function of it, so that two changes close together don't lose each other.
 */
export const updateRow = <T extends TableName>(
  db: OrtoDb,
  table: T,
  id: string,
  change: Changes<T> | ((row: RowOf<T>) => Changes<T>),
): Promise<RowOf<T> | undefined> =>
  rewrite(db, table, id, typeof change === "function" ? change : () => change);

/** Leaves a tombstone, so that a merge knows. */
export const softDelete = <T extends TableName>(db: OrtoDb, table: T, id: string) =>
  rewrite(db, table, id, (_, at) => ({ deletedAt: at }));

/** Takes a tombstone back, with changes if there are any. */
export const undelete = <T extends TableName>(db: OrtoDb, table: T, id: string, change: Changes<T> = {}) =>
  rewrite(db, table, id, () => ({ ...change, deletedAt: undefined }));

/** Writes many rows anew at one instant. */
const rewriteAll = <T extends TableName>(
  db: OrtoDb,
  table: T,
  ids: readonly string[],
  fieldsAt: (at: string) => object,
): Promise<void> =>
  inTransaction(db, [table], async () => {
    const at = now();
    const rows = (await db.rows(table).bulkGet([...ids])).filter((row) => row !== undefined);
    await db.rows(table).bulkPut(rows.map((row) => stamped(table, row, { ...row, ...fieldsAt(at) }, at)));
  });

/** Leaves a tombstone for each of many rows, all or none. */
export const softDeleteAll = (db: OrtoDb, table: TableName, ids: readonly string[]) =>
  rewriteAll(db, table, ids, (at) => ({ deletedAt: at }));

/** Takes many tombstones back, all or none. */
export const undeleteAll = (db: OrtoDb, table: TableName, ids: readonly string[]) =>
  rewriteAll(db, table, ids, () => ({ deletedAt: undefined }));

/** Writes the row of a known id anew from what is there: it comes into being, changes, or leaves a tombstone. */
export async function upsert<T extends TableName>(
  db: OrtoDb,
  table: T,
  id: string,
  work: (before: RowOf<T> | undefined) => Unstamped<T> | undefined,
): Promise<void> {
  await inTransaction(db, [table], async () => {
    const row = await db.rows(table).get(id);
    const fields = work(row && row.deletedAt === undefined ? row : undefined);
    if (fields) {
      const made = newRow(table, fields, id);
      await db.rows(table).put(row ? stamped(table, row, made, made.updatedAt) : made);
    } else if (row) await softDelete(db, table, id);
  });
}

/** Every row of every table, tombstones included, as one consistent reading; none of the tables to be left out. */
export async function readTables(db: OrtoDb, without: readonly TableName[] = []): Promise<Tables> {
  return db.transaction("r", db.tables, async () => {
    const read = await Promise.all(
      TABLE_NAMES.map(
        async (name) => [name, without.includes(name) ? [] : await db.rows(name).toArray()] as const,
      ),
    );
    const rows = new Map<TableName, readonly Row[]>(read);
    return byTable<Tables>((name) => rows.get(name));
  });
}
