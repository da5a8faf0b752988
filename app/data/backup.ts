import { loadCatalogue } from "../catalogue";
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type Backup,
  fault,
  ok,
  type Photo,
  type Result,
  readBackup,
  readBackupText,
  TABLE_NAMES,
  type TableName,
  type Watched,
  withinTime,
} from "../core/model";
import { isZip, readBackupZip, zipBackup } from "./backupZip";
import { now, tookOver } from "./clock";
import type { OrtoDb, SafetyCopy } from "./db";
import { newId, readTables } from "./rows";
import { newestOf } from "./tableCache";

/** All rows, as one value; without the pictures where these are not wanted. */
export async function makeBackup(db: OrtoDb, without: readonly TableName[] = []): Promise<Backup> {
  return {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    savedAt: new Date().toISOString(),
    tables: await readTables(db, without),
  };
}

/** So many copies of what was replaced are kept. */
const SAFETY_COPIES = 5;
/** A file of one text larger than that no browser can read. */
const MOST_TEXT_BYTES = 400_000_000;

/** So many pictures are written at once: each writing waits for the disk. */
const TOGETHER = 16;

/** The state of a database without a row. */
const EMPTY_STATE = TABLE_NAMES.map(() => "0 ").join(" ");

/** What a household holds, in numbers, and a word that tells it from any other state of it. */
async function holdsOf(db: OrtoDb) {
  const state = await Promise.all(
    TABLE_NAMES.map(async (name) => {
      const newest = await db.rows(name).orderBy("updatedAt").last();
      return `${await db.rows(name).count()} ${newest?.updatedAt ?? ""}`;
    }),
  );
  const [notes, pictures, trays] = await Promise.all(
    (["observations", "photos", "trays"] as const).map((name) => db.rows(name).count()),
  );
  return { state: state.join(" "), holds: { notes: notes ?? 0, pictures: pictures ?? 0, trays: trays ?? 0 } };
}

/** What is there now, to be brought back; undefined where there is nothing. */
export async function safetyCopyOf(db: OrtoDb, watched: Watched): Promise<SafetyCopy | undefined> {
  const { state, holds } = await holdsOf(db);
  if (state === EMPTY_STATE) return undefined;
  return {
    id: newId(),
    savedAt: new Date().toISOString(),
    file: await zipBackup(db, { signal: watched.signal }),
    state,
    holds,
  };
}

/** Keeps a copy; an older one of the same state gives way to it. */
export async function keepSafetyCopy(db: OrtoDb, copy: SafetyCopy): Promise<void> {
  await db.safetyCopies.filter((one) => one.state === copy.state).delete();
  await db.safetyCopies.add(copy);
  await db.safetyCopies.orderBy("savedAt").reverse().offset(SAFETY_COPIES).delete();
}

/**
 * Replaces everything by a backup, all or nothing, in one transaction; its pictures are those that came in before, or its
 * own. What was there is kept as a safety copy.
 */
async function replaceAll(
  db: OrtoDb,
  { tables }: Pick<Backup, "tables">,
  arePicturesIn: boolean,
  watched: Watched,
): Promise<void> {
  const copy = await safetyCopyOf(db, watched);
  const at = now();
  watched.signal?.throwIfAborted();
  const isDone = await db.transaction("rw", db.tables, async () => {
    if (!(await isStillAs(db, copy))) return false;
    if (copy) await keepSafetyCopy(db, copy);
    for (const name of TABLE_NAMES) {
      await db.rows(name).clear();
      const rows = tables[name].map((row) => withinTime<{ id: string; updatedAt: string }>(row, at));
      tookOver(newestOf(rows));
      if (name !== "photos" || !arePicturesIn) await db.table(name).bulkAdd(rows);
    }
    if (!arePicturesIn) return true;
    // One by one: a thousand pictures at once would be more than a telephone has room for.
    for (const id of await db.incoming.toCollection().primaryKeys()) {
      const photo = await db.incoming.get(id);
      if (photo) await db.rows("photos").add(withinTime(photo, at));
    }
    await db.incoming.clear();
    return true;
  });
  if (!isDone) await replaceAll(db, { tables }, arePicturesIn, watched);
}

/** Is a database still in the state that a copy was made of? What was noted meanwhile is in no copy yet. */
export const isStillAs = async (db: OrtoDb, copy: SafetyCopy | undefined): Promise<boolean> =>
  (await holdsOf(db)).state === (copy?.state ?? EMPTY_STATE);

/** Replaces everything by a backup. A faulty one changes nothing and comes back as the list of its faults. */
export async function restoreBackup(
  input: unknown,
  db: OrtoDb,
  watched: Watched = {},
): Promise<Result<Backup>> {
  const read = readBackup(input, await loadCatalogue());
  if (read.ok) await replaceAll(db, read.value, false, watched);
  return read;
}

/**
 * Reads a backup file, a zip with pictures or one text, and does something with it: the pictures of a zip wait in `incoming`
 * meanwhile. A damaged file is not used and comes back as the list of its faults; rejects where the signal ends it.
 */
export async function withBackupFile<T>(
  file: Blob,
  db: OrtoDb,
  watched: Watched,
  work: (backup: Backup, arePicturesIn: boolean) => Promise<Result<T>>,
): Promise<Result<T>> {
  const builtIn = await loadCatalogue();
  if (!(await isZip(file))) {
    if (file.size > MOST_TEXT_BYTES)
      return fault("too-large", "file", "The file is too large for a backup. Choose another one.");
    const read = readBackupText(await file.text(), builtIn);
    return read.ok ? work(read.value, false) : read;
  }
  const waiting: Photo[] = [];
  const putAll = () => db.incoming.bulkPut(waiting.splice(0));
  const take = async (photo: Photo) => {
    waiting.push(photo);
    if (waiting.length === TOGETHER) await putAll();
  };
  try {
    await db.incoming.clear();
    const read = await readBackupZip(file, builtIn, take, watched);
    await putAll();
    return read.ok ? await work(read.value, true) : read;
  } finally {
    await db.incoming.clear();
  }
}

/**
 * Replaces everything by a backup file. A damaged file changes nothing and comes back as the list of its faults; rejects,
 * with nothing changed, where the signal ends it.
 */
export const restoreFile = (file: Blob, db: OrtoDb, watched: Watched = {}): Promise<Result<Backup>> =>
  withBackupFile(file, db, watched, async (backup, arePicturesIn) => {
    await replaceAll(db, backup, arePicturesIn, watched);
    return ok(backup);
  });

/** A safety copy as a screen shows it. */
export type KeptCopy = Pick<SafetyCopy, "id" | "savedAt" | "holds">;

/** The safety copies, newest first, without what is in them. */
export async function keptCopies(db: OrtoDb): Promise<KeptCopy[]> {
  const copies = await db.safetyCopies.orderBy("savedAt").reverse().toArray();
  return copies.map(({ id, savedAt, holds }) => ({ id, savedAt, holds }));
}

/** A safety copy as the file that it is; undefined where it is gone. */
export async function safetyCopyFile(db: OrtoDb, id: string): Promise<Blob | undefined> {
  const copy = await db.safetyCopies.get(id);
  return copy && (copy.file ?? new Blob([copy.json ?? ""]));
}
