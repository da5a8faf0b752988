import { ok, type Result, type Watched } from "../core/model";
import { makeBackup, restoreFile } from "../data/backup";
import { zipBackup } from "../data/backupZip";
import { database, type OrtoDb } from "../data/db";
import { showHousehold, type Which } from "../data/device";
import { type Merged, mergeFile } from "../data/mergeFile";

/** A file to save, named by the day. */
export interface SavedFile {
  name: string;
  content: Blob;
}

const named = (ending: string) => `orto-backup-${new Date().toISOString().slice(0, 10)}.${ending}`;

/** The household with its pictures as a file to save. Rejects where the signal ends it. */
export const backupFile = async (which: Which, watched: Watched): Promise<SavedFile> => ({
  name: named("zip"),
  content: await zipBackup(database(which), watched),
});

/** The household without its pictures, as one text that other programs read as well. */
export async function backupText(which: Which): Promise<SavedFile> {
  const backup = await makeBackup(database(which));
  const text = JSON.stringify(backup, null, 1);
  return { name: named("json"), content: new Blob([text], { type: "application/json" }) };
}

/**
 * Replaces our own household by a backup file, all or nothing, and shows it; the demo stays what it is. What was there is
 * kept as a safety copy. Rejects, with nothing changed, where the signal ends it.
 */
export async function restoreFrom(file: Blob, watched: Watched = {}): Promise<Result<null>> {
  const restored = await restoreFile(file, database("ours"), watched);
  if (!restored.ok) return restored;
  await showHousehold("ours");
  return ok(null);
}

/** Puts a file of the same household from another device together with ours. What was here is kept as a safety copy. */
export const mergeFrom = (file: Blob, watched: Watched = {}): Promise<Result<Merged>> =>
  mergeFile(file, database("ours"), watched);

/** What was set aside has been looked at: it is told no more. */
export const forgetSetAside = (db: OrtoDb): Promise<void> => db.setAside.clear();
