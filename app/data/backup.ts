import { loadCatalogue } from "../catalogue";
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type Backup,
  type Result,
  readBackup,
  TABLE_NAMES,
  withinTime,
} from "../core/model";
import { now, tookOver } from "./clock";
import type { OrtoDb } from "./db";
import { newId, readTables } from "./rows";
import { newestOf } from "./tableCache";

export async function makeBackup(db: OrtoDb): Promise<Backup> {
  return {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    savedAt: new Date().toISOString(),
    tables: await readTables(db),
  };
}

/** So many copies of what was replaced are kept. */
const SAFETY_COPIES = 3;

/**
 * Replaces everything by a backup, all or nothing. What was there before is kept as a safety
 * copy. A faulty file changes nothing and comes back as the list of its faults.
 */
export async function restoreBackup(input: unknown, db: OrtoDb): Promise<Result<Backup>> {
  const read = readBackup(input, await loadCatalogue());
  if (!read.ok) return read;
  const before = await makeBackup(db);
  const at = now();
  await db.transaction("rw", db.tables, async () => {
    const occupied = TABLE_NAMES.some((name) => before.tables[name].length > 0);
    if (occupied) {
      await db.safetyCopies.add({ id: newId(), savedAt: before.savedAt, json: JSON.stringify(before) });
      await db.safetyCopies.orderBy("savedAt").reverse().offset(SAFETY_COPIES).delete();
    }
    for (const name of TABLE_NAMES) {
      await db.rows(name).clear();
      const rows = read.value.tables[name].map((row) =>
        withinTime<{ id: string; updatedAt: string }>(row, at),
      );
      tookOver(newestOf(rows));
      await db.table(name).bulkAdd(rows);
    }
  });
  return read;
}

/** The newest safety copy, if any. */
export const newestSafetyCopy = (db: OrtoDb) => db.safetyCopies.orderBy("savedAt").last();

/** When the newest safety copy was made, without reading it. */
export async function newestSafetyCopyDate(db: OrtoDb): Promise<string | undefined> {
  const [savedAt] = await db.safetyCopies.orderBy("savedAt").reverse().limit(1).keys();
  return savedAt === undefined ? undefined : String(savedAt);
}
