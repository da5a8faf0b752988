import type { PlainDate, RowOf, Tray, WatchTap } from "../core/model";
import { proposedFrom, tapped, type Watch, withoutLastTap } from "../core/rotation";
import { database } from "./db";
import { type InsertOfDay, insertTables, takeInsert } from "./inserts";
import { newId, newRow, removeRow, storeRow } from "./rows";

const idOf = (tray: string) => `watch-${tray}`;

/** The watch that goes on at a tray, if any. */
export const watchOf = (rows: readonly RowOf<"watches">[], tray: string): Watch | undefined =>
  rows.find((row) => row.tray === tray);

const store = (tray: string, work: (before: Watch | undefined) => Watch | undefined) =>
  storeRow("watches", idOf(tray), (row) => {
    const made = work(row);
    return made && { tray, began: made.began, taps: made.taps, hand: made.hand, grasp: made.grasp };
  });

/** Begins to watch; what goes on already goes on. */
export const beginWatch = (tray: string, at: number) =>
  store(tray, (before) => before ?? { began: at, taps: [] });
export const tapWatch = (tray: string, tap: WatchTap, at: number) =>
  store(tray, (before) => before && tapped(before, tap, at));
export const undoTap = (tray: string) => store(tray, (before) => before && withoutLastTap(before));
/** Notes the hand or the grasp that was seen; the same again takes it back. */
export const markWatch = (tray: string, mark: Pick<Watch, "hand" | "grasp">) =>
  store(tray, (before) => {
    if (!before) return undefined;
    const hand = mark.hand === before.hand ? undefined : mark.hand;
    const grasp = mark.grasp === before.grasp ? undefined : mark.grasp;
    return { ...before, ...("hand" in mark ? { hand } : {}), ...("grasp" in mark ? { grasp } : {}) };
  });
export const dropWatch = (tray: string) => store(tray, () => undefined);

/** Ends the watch as a note that uses today's insert, in one transaction; gives the note's id. */
export async function noteWatch(
  tray: Tray,
  on: PlainDate,
  at: number,
  insert?: InsertOfDay,
): Promise<string | undefined> {
  const db = database();
  const tables = [db.rows("watches"), db.rows("observations"), ...insertTables()];
  return db.transaction("rw", tables, async () => {
    const row = await db.rows("watches").get(idOf(tray.id));
    if (!row || row.deletedAt) return undefined;
    const id = newId();
    const note = {
      child: tray.child,
      activity: tray.activity,
      rung: tray.rung,
      tray: tray.id,
      on,
      condition: "usual" as const,
      signs: [],
      insert: await takeInsert(tray, on, id, insert),
      ...proposedFrom(row, at),
    };
    await db.rows("observations").put(newRow("observations", note, id));
    await removeRow("watches", row.id);
    return id;
  });
}
