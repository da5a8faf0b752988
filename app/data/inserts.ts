import { loadCatalogue, loadGuide } from "../catalogue";
import { catalogueOf } from "../core/household";
import { materialIndex } from "../core/materials";
import {
  activityOf,
  type Insert,
  type Observation,
  type PlainDate,
  type Tables,
  type Tray,
} from "../core/model";

import { type Share, usedUp } from "../core/prep";
import { type InsertState, insertOn } from "../core/rotation";
import { giveToCupboard, takeFromCupboard } from "./cupboard";
import { database } from "./db";
import { readHome } from "./household";
import { addRow, changeRow, removeRow } from "./rows";

/** What was used of a tray's inserts since it went out; a carried-over tray goes on where it was. */
export const insertRows = (tables: Tables, tray: Tray): Insert[] =>
  tables.inserts.filter(
    (row) => row.child === tray.child && row.activity === tray.activity && row.on >= tray.outSince,
  );

/** The piece that lies on a tray on a day. */
export interface InsertOfDay {
  state: InsertState;
  /** What laying out the piece after it takes from the cupboard. */
  takes: readonly Share[];
}

/** Today's piece of a tray, if it has any. */
export async function insertOfDay(
  request: Request,
  tray: Tray,
  on: PlainDate,
): Promise<InsertOfDay | undefined> {
  const [home, builtIn] = await Promise.all([readHome(request), loadCatalogue()]);
  if (!home) return undefined;
  const catalogue = catalogueOf(builtIn, home.tables);
  const activity = activityOf(catalogue, tray.activity);
  if (!activity) return undefined;
  const labels = (await loadGuide(activity))?.inserts ?? [];
  const state = insertOn(labels, insertRows(home.tables, tray), on);
  if (!state) return undefined;
  const takes = activity.insertsUseUp && state.next !== undefined && !state.today.used;
  return { state, takes: takes ? usedUp([tray], materialIndex(catalogue)) : [] };
}

/** The tables that change when something becomes of an insert. */
export const insertTables = () => [database().rows("inserts"), database().rows("holdings")];

/**
 * Keeps what became of a piece. One that was used makes room for the next, which is laid out from the cupboard: that is
 * counted down, and the row remembers by how much.
 */
export async function keepInsert(
  tray: Tray,
  said: Pick<Insert, "on" | "label" | "what" | "observation">,
  takes: readonly Share[],
): Promise<void> {
  await database().transaction("rw", insertTables(), async () => {
    const took = said.what === "used" ? await takeFromCupboard(takes) : [];
    const { id, child, activity, rung } = tray;
    await addRow("inserts", { tray: id, child, activity, rung, ...said, took });
  });
}

/** A note is a use of the day's piece, once a day; gives the piece's label. Within the note's own transaction. */
export async function takeInsert(
  tray: Tray,
  on: PlainDate,
  observation: string,
  insert: InsertOfDay | undefined,
): Promise<string | undefined> {
  if (!insert) return undefined;
  const { label } = insert.state.today;
  // Asked for here and not read before: two notes close together use one piece.
  const used = (await rowsLike(tray)).some(
    (row) => !row.deletedAt && row.on === on && row.label === label && row.what === "used",
  );
  if (!used) await keepInsert(tray, { on, label, what: "used", observation }, insert.takes);
  return label;
}

/** The rows about a child's pieces of an activity, tombstones included, the latest first. */
const rowsLike = async ({ child, activity }: Pick<Insert, "child" | "activity">): Promise<Insert[]> =>
  (await database().rows("inserts").toArray())
    .filter((row) => row.child === child && row.activity === activity)
    .sort((a, b) => (`${a.on} ${a.createdAt}` < `${b.on} ${b.createdAt}` ? 1 : -1));

async function takeBack(row: Insert): Promise<void> {
  await giveToCupboard(row.took);
  await removeRow("inserts", row.id);
}

/**
 * A note that is deleted gives its piece back, unless another note of the day used it, too, or pieces after it have been
 * laid out since: then it was used all the same. Within the note's own transaction.
 */
export async function returnInsert(note: Observation): Promise<void> {
  const [last] = (await rowsLike(note)).filter((row) => !row.deletedAt);
  if (last?.observation !== note.id) return;
  const thatDay = await database().rows("observations").where("on").equals(note.on).toArray();
  const other = thatDay
    .filter((one) => !one.deletedAt && one.child === note.child && one.activity === note.activity)
    .find((one) => one.insert === note.insert);
  if (other) await changeRow("inserts", last.id, { observation: other.id });
  else await takeBack(last);
}

/** A note that is put back uses its piece again, unless something was said about the day's piece meanwhile. */
export async function retakeInsert(note: Observation): Promise<void> {
  const rows = await rowsLike(note);
  const own = rows.find((row) => row.observation === note.id);
  if (!own?.deletedAt || rows.some((row) => !row.deletedAt && row.on >= note.on)) return;
  const took = await takeFromCupboard(own.took);
  await changeRow("inserts", own.id, { took, deletedAt: undefined });
}

/** Takes back what was last said about a tray's insert on a day; what it took goes back to the cupboard. */
export async function undoInsert(tray: Tray, on: PlainDate): Promise<void> {
  await database().transaction("rw", insertTables(), async () => {
    const [last] = (await rowsLike(tray)).filter((row) => !row.deletedAt && row.on === on);
    if (last) await takeBack(last);
  });
}
