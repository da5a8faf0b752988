import { privateCopy } from "../../core/privacy";
import { makeBackup } from "../store/backup";
import { database, type OrtoDb } from "../store/db";
import type { Which } from "../store/device";

/** A file to save, named by the day. */
export interface SavedFile {
  name: string;
  content: Blob;
}

/** A backup of today, by its file's ending. */
export const backupName = (ending: "zip" | "json") =>
  `orto-backup-${new Date().toISOString().slice(0, 10)}.${ending}`;

/** The household without its pictures, as one text that other programs read as well. */
export async function backupText(which: Which): Promise<SavedFile> {
  const backup = await makeBackup(database(which));
  const text = JSON.stringify(backup, null, 1);
  return { name: backupName("json"), content: new Blob([text], { type: "application/json" }) };
}

/** A copy to show to others: without names, pictures and anything that somebody wrote. */
export async function privateFile(which: Which): Promise<SavedFile> {
  const text = JSON.stringify(privateCopy(await makeBackup(database(which))), null, 1);
  return { name: "orto-without-names.json", content: new Blob([text], { type: "application/json" }) };
}

/** What was set aside has been looked at: it is told no more. */
export const forgetSetAside = (db: OrtoDb): Promise<void> => db.setAside.clear();
