import { loadCatalogue } from "../catalogue";
import { fault, ok, type Result, readBackupText } from "../core/model";
import { makeBackup, newestSafetyCopy, restoreBackup } from "../data/backup";
import { database, type OrtoDb } from "../data/db";
import type { Which } from "../data/device";

/** The household as a file to save, named by the day. */
export async function backupFile(which: Which): Promise<{ name: string; text: string }> {
  const backup = await makeBackup(database(which));
  return {
    name: `orto-backup-${backup.savedAt.slice(0, 10)}.json`,
    text: JSON.stringify(backup, null, 1),
  };
}

/** Replaces everything by the content of a backup file, all or nothing; what was there is kept as a safety copy. */
export async function restoreText(db: OrtoDb, text: string): Promise<Result<null>> {
  if (text === "") {
    return fault("no-file", "file", 'Choose a backup file first: a file made with "Save a backup file".');
  }
  const read = readBackupText(text, await loadCatalogue());
  if (!read.ok) return read;
  const restored = await restoreBackup(read.value, db);
  return restored.ok ? ok(null) : restored;
}

/** Brings back what the last restore replaced. */
export async function restoreSafetyCopy(db: OrtoDb): Promise<Result<null>> {
  const copy = await newestSafetyCopy(db);
  if (!copy) return fault("no-copy", "", "There is no safety copy.");
  const restored = await restoreBackup(JSON.parse(copy.json), db);
  return restored.ok ? ok(null) : restored;
}

/** What was set aside has been looked at: it is told no more. */
export const forgetSetAside = (db: OrtoDb): Promise<void> => db.setAside.clear();
