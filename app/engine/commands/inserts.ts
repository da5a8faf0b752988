import { loadGuide } from "../../catalogue";
import { materialIndex } from "../../core/materials";
import {
  activityOf,
  type Insert,
  type Observation,
  type ObservationId,
  type PlainDate,
  type Tray,
} from "../../core/model";
import { type Share, usedUp } from "../../core/prep";
import { type InsertState, insertOn, insertRows, piecesOf } from "../../core/rotation";
import type { OrtoDb } from "../store/db";
import type { Home } from "../store/home";
import { insertRow, inTransaction, softDelete, undelete, updateRow } from "../store/rows";
import { giveToCupboard, takeFromCupboard } from "./takeStock";

/** The piece that lies on a tray on a day. */
export interface InsertOfDay {
  state: InsertState;
  /** What laying out the piece after it takes from the cupboard. */
  takes: readonly Share[];
}

/** Today's piece of a tray, if it has any. */
export async function insertOfDay(home: Home, tray: Tray): Promise<InsertOfDay | undefined> {
  const activity = activityOf(home.catalogue, tray.activity);
  if (!activity) return undefined;
  const labels = piecesOf(home.tables, tray, (await loadGuide(activity))?.inserts);
  const state = insertOn(labels, insertRows(home.tables, tray), home.today);
  if (!state) return undefined;
  const takes = activity.insertsUseUp && state.next !== undefined && !state.today.used;
  return { state, takes: takes ? usedUp([tray], materialIndex(home.catalogue)) : [] };
}

/** The tables that change when something becomes of an insert. */
export const INSERT_TABLES = ["inserts", "holdings"] as const;

/**
 * Keeps what became of a piece. One that was used makes room for the next, which is laid out from the cupboard: that is
 * counted down, and the row remembers by how much.
 */
export async function keepInsert(
  db: OrtoDb,
  tray: Tray,
  said: Pick<Insert, "on" | "label" | "what" | "observation">,
  takes: readonly Share[],
): Promise<void> {
  await inTransaction(db, INSERT_TABLES, async () => {
    const took = said.what === "used" ? await takeFromCupboard(db, takes) : [];
    const { id, child, activity, rung } = tray;
    await insertRow(db, "inserts", { tray: id, child, activity, rung, ...said, took });
  });
}

/** A note is a use of the day's piece, once a day; gives the piece's label. Within the note's own transaction. */
export async function takeInsert(
  db: OrtoDb,
  tray: Tray,
  on: PlainDate,
  observation: ObservationId,
  insert: InsertOfDay | undefined,
): Promise<string | undefined> {
  if (!insert) return undefined;
  const { label } = insert.state.today;
  // Asked for here and not read before: two notes close together use one piece.
  const used = (await rowsLike(db, tray)).some(
    (row) => !row.deletedAt && row.on === on && row.label === label && row.what === "used",
  );
  if (!used) await keepInsert(db, tray, { on, label, what: "used", observation }, insert.takes);
  return label;
}

/** The rows about a child's pieces of an activity, tombstones included, the latest first. */
const rowsLike = async (
  db: OrtoDb,
  { child, activity }: Pick<Insert, "child" | "activity">,
): Promise<Insert[]> =>
  (await db.rows("inserts").toArray())
    .filter((row) => row.child === child && row.activity === activity)
    .sort((a, b) => (`${a.on} ${a.createdAt}` < `${b.on} ${b.createdAt}` ? 1 : -1));

async function takeBack(db: OrtoDb, row: Insert): Promise<void> {
  await giveToCupboard(db, row.took);
  await softDelete(db, "inserts", row.id);
}

/**
 * A note that is deleted gives its piece back, unless another note of the day used it, too, or pieces after it have been
 * laid out since: then it was used all the same. Within the note's own transaction.
 */
export async function returnInsert(db: OrtoDb, note: Observation): Promise<void> {
  const [last] = (await rowsLike(db, note)).filter((row) => !row.deletedAt);
  if (last?.observation !== note.id) return;
  const thatDay = await db.rows("observations").where("on").equals(note.on).toArray();
  const other = thatDay
    .filter((one) => !one.deletedAt && one.child === note.child && one.activity === note.activity)
    .find((one) => one.insert === note.insert);
  if (other) await updateRow(db, "inserts", last.id, { observation: other.id });
  else await takeBack(db, last);
}

/** A note that is put back uses its piece again, unless something was said about the day's piece meanwhile. */
export async function retakeInsert(db: OrtoDb, note: Observation): Promise<void> {
  const rows = await rowsLike(db, note);
  const own = rows.find((row) => row.observation === note.id);
  if (!own?.deletedAt || rows.some((row) => !row.deletedAt && row.on >= note.on)) return;
  const took = await takeFromCupboard(db, own.took);
  await undelete(db, "inserts", own.id, { took });
}

/** Takes back what was last said about a tray's insert on a day; what it took goes back to the cupboard. */
export async function undoInsert(db: OrtoDb, tray: Tray, on: PlainDate): Promise<void> {
  await inTransaction(db, INSERT_TABLES, async () => {
    const [last] = (await rowsLike(db, tray)).filter((row) => !row.deletedAt && row.on === on);
    if (last) await takeBack(db, last);
  });
}
