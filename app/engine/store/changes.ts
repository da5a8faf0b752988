import { liveQuery } from "dexie";
import { TABLE_NAMES } from "../../core/model";
import { isOwn } from "./clock";
import { database, type OrtoDb } from "./db";
import type { Which } from "./device";

/** When each table was last changed; of the rows themselves nothing is read. */
const newestStamps = (db: OrtoDb): Promise<string[]> =>
  Promise.all(
    TABLE_NAMES.map(async (name) => {
      const [newest] = await db.rows(name).orderBy("updatedAt").reverse().limit(1).keys();
      return String(newest ?? "");
    }),
  );

/**
 * Calls back after every change of the data by another tab. What this tab writes is read again by the action that wrote
 * it, so it is not told. Returns how to stop.
 */
export function onForeignChange(which: Which, callback: () => void): () => void {
  const db = database(which);
  let before: readonly string[] | undefined;
  const subscription = liveQuery(() => newestStamps(db)).subscribe({
    next: (stamps) => {
      const isForeign = stamps.some((stamp, i) => before && stamp !== before[i] && !isOwn(stamp));
      before = stamps;
      if (isForeign) callback();
    },
    error: (error) => console.error("Watching the data failed", error),
  });
  return () => subscription.unsubscribe();
}
