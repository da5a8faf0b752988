import {
  clashesOf,
  type MergedRow,
  mergeRows,
  NOT_THE_SAME,
  sameHousehold,
  whatCame,
} from "../../core/merge";
import {
  type Backup,
  fault,
  ok,
  type Result,
  type Row,
  rowsIn,
  TABLE_NAMES,
  type Watched,
  withinTime,
} from "../../core/model";
import { isStillAs, keepSafetyCopy, safetyCopyOf, withBackupFile } from "./backup";
import { keepClashes } from "./clashes";
import { now, tookOver } from "./clock";
import type { OrtoDb } from "./db";
import { lackingPicture } from "./photos";
import { readTables } from "./rows";
import { newestOf } from "./tableCache";

/** What putting together brought, and the safety copy of what was here before. */
export interface Merged {
  came: MergedRow[];
  /** How many rows both had changed: they are kept to be decided. */
  clashes: number;
  copy?: string;
}

const CHANGED = fault(
  "changed",
  "file",
  "Something was noted meanwhile: nothing was put together. Do it again.",
);

async function mergeInto(db: OrtoDb, theirs: Backup, watched: Watched): Promise<Result<Merged>> {
  if (!sameHousehold(await readTables(db), theirs.tables)) return NOT_THE_SAME;
  const copy = await safetyCopyOf(db);
  const at = now();
  watched.signal?.throwIfAborted();
  return db.transaction("rw", db.tables, async () => {
    if (!(await isStillAs(db, copy?.copy)) || (await lackingPicture(db, theirs.tables.photos)))
      return CHANGED;
    const ours = await readTables(db);
    const came = { ...theirs.tables };
    const merged = { ...ours };
    if (copy) await keepSafetyCopy(db, copy);
    for (const name of TABLE_NAMES) {
      const rows = rowsIn(theirs.tables, name).map((row) => withinTime(row, at));
      Object.assign(came, { [name]: rows });
      const known = new Set<Row>(rowsIn(ours, name));
      const stand = mergeRows(name, rowsIn(ours, name), rows);
      Object.assign(merged, { [name]: stand });
      const changed = stand.filter((row) => !known.has(row));
      tookOver(newestOf(changed));
      await db.table(name).bulkPut(changed);
    }
    const clashes = clashesOf(ours, came);
    await keepClashes(db, clashes, at);
    return ok({
      came: whatCame(ours, merged),
      clashes: clashes.length,
      ...(copy ? { copy: copy.copy.id } : {}),
    });
  });
}

/**
 * Puts a backup file of the same household, from another device, together with what is here: every row of either in its
 * latest state, in one transaction. What was here before is kept as a safety copy. A faulty or foreign file changes nothing.
 */
export const mergeFile = (file: Blob, db: OrtoDb, watched: Watched = {}): Promise<Result<Merged>> =>
  withBackupFile(file, db, watched, (backup) => mergeInto(db, backup, watched));
