import { loadCatalogue } from "../catalogue";
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type Backup,
  type Result,
  readBackup,
  TABLE_NAMES,
} from "../core/model";
import { database, type OrtoDb } from "./db";
import { newId, readTables } from "./rows";

export async function makeBackup(db: OrtoDb = database()): Promise<Backup> {
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
export async function restoreBackup(input: unknown, db: OrtoDb = database()): Promise<Result<Backup>> {
  const read = readBackup(input, await loadCatalogue());
  if (!read.ok) return read;
  const before = await makeBackup(db);
  await db.transaction("rw", db.tables, async () => {
    const occupied = TABLE_NAMES.some((name) => before.tables[name].length > 0);
    if (occupied) {
      await db.safetyCopies.add({ id: newId(), savedAt: before.savedAt, json: JSON.stringify(before) });
      const copies = (await db.safetyCopies.toArray()).sort((a, b) => (a.savedAt < b.savedAt ? 1 : -1));
      await db.safetyCopies.bulkDelete(copies.slice(SAFETY_COPIES).map((copy) => copy.id));
    }
    for (const name of TABLE_NAMES) {
      await db.rows(name).clear();
      await db.rows(name).bulkAdd(read.value.tables[name] as never[]);
    }
  });
  return read;
}

/** The newest safety copy, if any. */
export async function newestSafetyCopy(db: OrtoDb = database()) {
  const copies = (await db.safetyCopies.toArray()).sort((a, b) => (a.savedAt < b.savedAt ? 1 : -1));
  return copies[0];
}
