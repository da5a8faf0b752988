import { loadCatalogue } from "../../catalogue";
import {
  type Backup,
  type Catalogue,
  fault,
  ok,
  type Photo,
  type Result,
  readBackup,
  readBackupText,
  TABLE_NAMES,
  type Watched,
  withinTime,
} from "../../core/model";
import { backupOf, isZip, readBackupZip } from "./backupZip";
import { now, tookOver } from "./clock";
import type { OrtoDb } from "./db";
import { keepPictures, lackingPicture, sweepPictures } from "./photos";
import { bytesIfAny } from "./pictureBytes";
import { newId, readTables } from "./rows";
import type { SafetyCopy } from "./stored";
import { newestOf } from "./tableCache";

/** All rows but the pictures, as one value. */
export async function makeBackup(db: OrtoDb): Promise<Backup> {
  return backupOf(await readTables(db, ["photos"]));
}

/** So many copies of what was replaced are kept. */
const SAFETY_COPIES = 5;
/** A file of one text larger than that no browser can read. */
const MOST_TEXT_BYTES = 400_000_000;

/** A safety copy to be kept, and the rows it is of. */
interface CopyToKeep {
  copy: SafetyCopy;
  backup: Backup;
}

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

/** What is there now, to be brought back; undefined where there is nothing. Its pictures stay where they are. */
export async function safetyCopyOf(db: OrtoDb): Promise<CopyToKeep | undefined> {
  return db.transaction("r", db.tables, async () => {
    const { state, holds } = await holdsOf(db);
    if (state === EMPTY_STATE) return undefined;
    const backup = backupOf(await readTables(db));
    const pictures = [...new Set(backup.tables.photos.flatMap(({ sha256 }) => sha256 ?? []))];
    return { copy: { id: newId(), savedAt: backup.savedAt, state, holds, pictures }, backup };
  });
}

/** Keeps a copy; an older one of the same state gives way to it. */
export async function keepSafetyCopy(db: OrtoDb, { copy, backup }: CopyToKeep): Promise<void> {
  await db.safetyCopies.filter((one) => one.state === copy.state).delete();
  await db.safetyCopies.add(copy);
  await db.safetyRows.add({ id: copy.id, backup });
  await db.safetyCopies.orderBy("savedAt").reverse().offset(SAFETY_COPIES).delete();
  const kept = await db.safetyCopies.toCollection().primaryKeys();
  await db.safetyRows.where("id").noneOf(kept).delete();
}

/**
 * Replaces everything by a backup whose pictures are kept already, all or nothing, in one transaction. What was there is kept
 * as a safety copy.
 */
async function replaceAll(
  db: OrtoDb,
  backup: Pick<Backup, "tables">,
  { signal }: Watched = {},
): Promise<Result<null>> {
  const { tables } = backup;
  const copy = await safetyCopyOf(db);
  const at = now();
  signal?.throwIfAborted();
  const done = await db.transaction("rw", db.tables, async (): Promise<Result<boolean>> => {
    if (!(await isStillAs(db, copy?.copy))) return ok(false);
    const lacking = await lackingPicture(db, tables.photos);
    if (lacking) return noPicture(lacking.id);
    if (copy) await keepSafetyCopy(db, copy);
    await db.clashes.clear();
    for (const name of TABLE_NAMES) {
      await db.rows(name).clear();
      const rows = tables[name].map((row) => withinTime<{ id: string; updatedAt: string }>(row, at));
      tookOver(newestOf(rows));
      await db.table(name).bulkAdd(rows);
    }
    return ok(true);
  });
  if (!done.ok) return done;
  return done.value ? ok(null) : replaceAll(db, backup, { signal });
}

/** Is a database still in the state that a copy was made of? What was noted meanwhile is in no copy yet. */
export const isStillAs = async (db: OrtoDb, copy: SafetyCopy | undefined): Promise<boolean> =>
  (await holdsOf(db)).state === (copy?.state ?? EMPTY_STATE);

/** A backup whose pictures stand in it as text, with these kept apart. */
async function withPicturesApart(db: OrtoDb, backup: Backup): Promise<Result<Backup>> {
  const photos: Photo[] = [];
  for (const photo of backup.tables.photos) {
    if (photo.base64 === "") {
      photos.push(photo);
      continue;
    }
    const bytes = bytesIfAny(photo.base64);
    if (!bytes) return noPicture(photo.id);
    const [sha256] = await keepPictures(db, [bytes]);
    photos.push({ ...photo, base64: "", sha256 });
  }
  const lacking = await lackingPicture(db, photos);
  if (lacking) return noPicture(lacking.id);
  return ok({ ...backup, tables: { ...backup.tables, photos } });
}

const noPicture = (photo: string): Result<never> =>
  fault(
    "no-picture",
    `tables.photos.${photo}`,
    "Its picture is not in this file. Choose the zip that it was saved in.",
  );

/** Work that no other tab may do at the same time: one waits for the other. Without locks, on an old browser, it goes on. */
const alone = <T>(name: string, work: () => Promise<T>): Promise<T> =>
  globalThis.navigator?.locks ? navigator.locks.request(name, work) : work();

/** Does something with a backup, its pictures kept apart first; those that nothing speaks of in the end are
 * let go. One tab at a time: what one has kept for a file that it still reads, the other would let go of. */
async function withBackup<T>(
  db: OrtoDb,
  reading: () => Promise<Result<Backup>>,
  work: (backup: Backup) => Promise<Result<T>>,
): Promise<Result<T>> {
  return alone(`pictures of ${db.name}`, async () => {
    try {
      const read = await reading();
      if (!read.ok) return read;
      const apart = await withPicturesApart(db, read.value);
      return apart.ok ? await work(apart.value) : apart;
    } finally {
      await sweepPictures(db);
    }
  });
}

/** Replaces everything by a backup. A faulty one changes nothing and comes back as the list of its faults. */
export async function restoreBackup(input: unknown, db: OrtoDb): Promise<Result<null>> {
  const builtIn = await loadCatalogue();
  return withBackup(
    db,
    async () => readBackup(input, builtIn),
    (backup) => replaceAll(db, backup),
  );
}

/** Reads one text whole. */
async function readText(file: Blob, builtIn: Catalogue): Promise<Result<Backup>> {
  return file.size > MOST_TEXT_BYTES
    ? fault("too-large", "file", "The file is too large for a backup. Choose another one.")
    : readBackupText(await file.text(), builtIn);
}

/**
 * Reads a backup file, a zip with pictures or one text, and does something with it; its pictures are kept before that. A
 * damaged file is not used and comes back as the list of its faults; rejects where the signal ends it.
 */
export async function withBackupFile<T>(
  file: Blob,
  db: OrtoDb,
  watched: Watched,
  work: (backup: Backup) => Promise<Result<T>>,
): Promise<Result<T>> {
  const builtIn = await loadCatalogue();
  const reading = async () =>
    (await isZip(file))
      ? readBackupZip(file, builtIn, (pictures) => keepPictures(db, pictures), watched)
      : readText(file, builtIn);
  return withBackup(db, reading, work);
}

/**
 * Replaces everything by a backup file. A damaged file changes nothing and comes back as the list of its faults; rejects,
 * with nothing changed, where the signal ends it.
 */
export const restoreFile = (file: Blob, db: OrtoDb, watched: Watched = {}): Promise<Result<null>> =>
  withBackupFile(file, db, watched, (backup) => replaceAll(db, backup, watched));

/** Brings back a safety copy; what is there now is kept as one in turn. */
export async function restoreCopy(db: OrtoDb, id: string): Promise<Result<null>> {
  const copy = await db.safetyCopies.get(id);
  if (!copy) return fault("no-copy", "", "There is no such safety copy.");
  const rows = await db.safetyRows.get(id);
  return rows ? restoreBackup(rows.backup, db) : restoreFile(copy.file ?? new Blob([copy.json ?? ""]), db);
}

/** A safety copy as a screen shows it. */
export type KeptCopy = Pick<SafetyCopy, "id" | "savedAt" | "holds">;

/** The safety copies, newest first, without what is in them. */
export async function keptCopies(db: OrtoDb): Promise<KeptCopy[]> {
  const copies = await db.safetyCopies.orderBy("savedAt").reverse().toArray();
  return copies.map(({ id, savedAt, holds }) => ({ id, savedAt, holds }));
}
