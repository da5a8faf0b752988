import type { PlainDate, Tray } from "../core/model";
import { proposedFrom, tapped, Watch, type WatchTap, withoutLastTap } from "../core/rotation";
import { database } from "./db";
import { newId, newRow } from "./rows";

const idOf = (tray: string) => `watch-${tray}`;

/** The watch that goes on at a tray, if any. */
export const watchOf = (
  settings: readonly { id: string; value?: unknown; deletedAt?: string }[],
  tray: string,
): Watch | undefined => {
  const row = settings.find((one) => one.id === idOf(tray) && one.deletedAt === undefined);
  return row ? Watch.parse(row.value) : undefined;
};

async function store(tray: string, work: (before: Watch | undefined) => Watch | undefined) {
  const rows = database().rows("settings");
  await database().transaction("rw", rows, async () => {
    const row = await rows.get(idOf(tray));
    const value = work(row && row.deletedAt === undefined ? Watch.parse(row.value) : undefined);
    const at = new Date().toISOString();
    if (value && row) await rows.put({ ...row, value, deletedAt: undefined, updatedAt: at });
    else if (value) await rows.put(newRow("settings", { value }, idOf(tray)));
    else if (row) await rows.put({ ...row, deletedAt: at, updatedAt: at });
  });
}

/** Begins to watch; what goes on already goes on. */
export const beginWatch = (tray: string, at: number) =>
  store(tray, (before) => before ?? { began: at, taps: [] });
export const tapWatch = (tray: string, tap: WatchTap, at: number) =>
  store(tray, (before) => before && tapped(before, tap, at));
export const undoTap = (tray: string) => store(tray, (before) => before && withoutLastTap(before));
export const dropWatch = (tray: string) => store(tray, () => undefined);

/** Ends the watch as a note, in one transaction; gives the note's id. */
export async function noteWatch(tray: Tray, on: PlainDate, at: number): Promise<string | undefined> {
  const db = database();
  return db.transaction("rw", [db.rows("settings"), db.rows("observations")], async () => {
    const row = await db.rows("settings").get(idOf(tray.id));
    if (!row || row.deletedAt) return undefined;
    const id = newId();
    const note = {
      child: tray.child,
      activity: tray.activity,
      rung: tray.rung,
      tray: tray.id,
      on,
      condition: "usual" as const,
      ...proposedFrom(Watch.parse(row.value), at),
    };
    await db.rows("observations").put(newRow("observations", note, id));
    await dropWatch(tray.id);
    return id;
  });
}
