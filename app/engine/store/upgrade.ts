import Dexie, { type Transaction } from "dexie";
import { loadCatalogue } from "../../catalogue";
import { mendRows, mendTables, type Photo, TABLE_NAMES, type TableName, upToDate } from "../../core/model";
import { bytesIfAny, sha256Of } from "./pictureBytes";
import type { SetAside, StoredPicture } from "./stored";

/** Until this number of the database a photo held its picture as text. */
const PICTURES_APART = 10;

/** Until this number nothing looked at the rows that were stored: some may name what is nowhere. */
const LINKS_KEPT = 5;

/**
 * The version of the data that a database of an earlier number held. Databases and backup files were counted apart until
 * number 12 and version 10; from 13 on both have one number.
 */
const DATA_OF: Readonly<Record<number, number>> = { 6: 5, 7: 6, 8: 7, 9: 8, 10: 8, 11: 8, 12: 10 };

/** Takes the pictures out of the photos, one by one, since they are large; a text that is no picture is set aside. */
async function takePicturesApart(change: Transaction, at: string): Promise<void> {
  const photos = change.table<Photo, string>("photos");
  for (const id of await photos.toCollection().primaryKeys()) {
    const row = await photos.get(id);
    if (!row) continue;
    // Whatever else fails ends the upgrade, and leaves all of it as it was.
    const bytes = bytesIfAny(row.base64);
    if (bytes) {
      const sha256 = await Dexie.waitFor(sha256Of(bytes));
      await change.table<StoredPicture, string>("pictures").put({ id: sha256, bytes });
      await photos.put({ ...row, base64: "", sha256 });
    } else {
      const issues = [{ code: "no-picture", path: `photos.${id}.base64`, message: "It is no picture." }];
      await change.table<SetAside, string>("setAside").put({
        ...{ id: crypto.randomUUID(), at, table: "photos", issues, mended: false },
        row: { ...row, base64: "" },
      });
      await photos.delete(id);
    }
  }
}

type Rows = Partial<Record<TableName, unknown[]>>;

async function readRows(change: Transaction): Promise<Rows> {
  const rows: Rows = {};
  for (const table of TABLE_NAMES) rows[table] = await change.table(table).toArray();
  return rows;
}

/** Writes the tables that are not as they were. */
async function writeRows(change: Transaction, before: Rows, after: Rows): Promise<void> {
  for (const table of TABLE_NAMES) {
    const rows = after[table] ?? [];
    if (JSON.stringify(before[table]) === JSON.stringify(rows)) continue;
    await change.table(table).clear();
    await change.table(table).bulkPut(rows);
  }
}

/**
 * Brings a database of an earlier number up to date, in one transaction: all rows are read, go through the steps of the versions
 * since (`core/model/migrate.ts`, as a backup file of that time does), are parsed by the present schemas, and are written. A row
 * that does not suit its schema is mended or set aside, so that it does not keep the others from being opened.
 * @param from The number that the database had, 1 to 12.
 */
export async function bringUpToDate(change: Transaction, from: number): Promise<void> {
  const at = new Date().toISOString();
  if (from < PICTURES_APART) await takePicturesApart(change, at);
  const before = await readRows(change);
  const { tables } = upToDate({ version: DATA_OF[from] ?? from, tables: before });
  // The transaction stays open while the catalogue comes in.
  const { tables: after, aside } =
    from < LINKS_KEPT
      ? mendTables(tables as Rows, await Dexie.waitFor(loadCatalogue()), at)
      : mendRows(tables as Rows, at);
  await writeRows(change, before, after);
  await change
    .table<SetAside, string>("setAside")
    .bulkPut(aside.map((one) => ({ ...one, id: crypto.randomUUID(), at })));
}
