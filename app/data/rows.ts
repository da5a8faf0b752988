import { type Row, type RowOf, TABLE_NAMES, TABLES, type TableName, type Tables } from "../core/model";
import { database, type OrtoDb } from "./db";

const now = () => new Date().toISOString();
export const newId = (): string => crypto.randomUUID();

type Unstamped<T extends TableName> = Omit<RowOf<T>, keyof Row>;

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

/** Changes some fields of a row; undefined where there is no such row. */
export async function changeRow<T extends TableName>(
  table: T,
  id: string,
  change: Partial<Unstamped<T>> & { deletedAt?: string },
  db: OrtoDb = database(),
): Promise<RowOf<T> | undefined> {
  return db.transaction("rw", db.rows(table), async () => {
    const row = await db.rows(table).get(id);
    if (!row) return undefined;
    const changed = TABLES[table].parse({ ...row, ...change, updatedAt: now() }) as RowOf<T>;
    await db.rows(table).put(changed);
    return changed;
  });
}

/** Leaves a tombstone, so that a merge knows. */
export const removeRow = (table: TableName, id: string, db: OrtoDb = database()) =>
  changeRow(table, id, { deletedAt: now() } as never, db);

export const restoreRow = (table: TableName, id: string, db: OrtoDb = database()) =>
  changeRow(table, id, { deletedAt: undefined } as never, db);

/** Every row of every table, tombstones included, as one consistent reading. */
export async function readTables(db: OrtoDb = database()): Promise<Tables> {
  return db.transaction("r", db.tables, async () => {
    const entries = await Promise.all(
      TABLE_NAMES.map(async (name) => [name, await db.rows(name).toArray()] as const),
    );
    return Object.fromEntries(entries) as unknown as Tables;
  });
}
