import { loadCatalogue, loadGuide } from "../catalogue";
import { materialIndex } from "../core/materials";
import type { Insert, PlainDate, Tables, Tray } from "../core/model";
import { catalogueOf } from "../core/planner";
import { type Left, usedUp } from "../core/prep";
import { type InsertState, insertOn } from "../core/rotation";
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
  /** What is left in the cupboard once the piece after it is laid out; empty where it takes nothing. */
  afterUse: readonly Left[];
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
  const activity = catalogue.activities.find((one) => one.id === tray.activity);
  if (!activity) return undefined;
  const labels = (await loadGuide(activity))?.inserts ?? [];
  const state = insertOn(labels, insertRows(home.tables, tray), on);
  if (!state) return undefined;
  const takes = activity.insertsUseUp && state.next !== undefined && !state.today.used;
  const holdings = new Map(home.tables.holdings.map((one) => [one.id, one]));
  return { state, afterUse: takes ? usedUp([tray], holdings, materialIndex(catalogue)) : [] };
}

/** The tables that change when something becomes of an insert. */
export const insertTables = () => [database().rows("inserts"), database().rows("holdings")];

/**
 * Keeps what became of a piece. One that was used makes room for the next, which is laid out from the cupboard: that is
 * counted down, and the row remembers by how much.
 */
export async function keepInsert(
  tray: Tray,
  { on, label, what }: Pick<Insert, "on" | "label" | "what">,
  afterUse: readonly Left[],
): Promise<void> {
  await database().transaction("rw", insertTables(), async () => {
    const took: Insert["took"] = [];
    for (const { holding, quantity } of what === "used" ? afterUse : []) {
      const before = (await database().rows("holdings").get(holding))?.quantity ?? 0;
      await changeRow("holdings", holding, { quantity });
      if (before > quantity) took.push({ holding, quantity: before - quantity });
    }
    const { id, child, activity, rung } = tray;
    await addRow("inserts", { tray: id, child, activity, rung, on, label, what, took });
  });
}

/** A note is a use of the day's piece, once a day; gives the piece's label. Within the note's own transaction. */
export async function takeInsert(
  tray: Tray,
  on: PlainDate,
  insert: InsertOfDay | undefined,
): Promise<string | undefined> {
  if (!insert) return undefined;
  const { label, used } = insert.state.today;
  if (!used) await keepInsert(tray, { on, label, what: "used" }, insert.afterUse);
  return label;
}

/** Takes back what was last said about a tray's insert on a day; what it took goes back to the cupboard. */
export async function undoInsert(tray: Tray, on: PlainDate): Promise<void> {
  const db = database();
  await db.transaction("rw", insertTables(), async () => {
    const last = (await db.rows("inserts").toArray())
      .filter((row) => !row.deletedAt && row.on === on)
      .filter((row) => row.child === tray.child && row.activity === tray.activity)
      .sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1))[0];
    if (!last) return;
    for (const { holding, quantity } of last.took) {
      const now = (await db.rows("holdings").get(holding))?.quantity ?? 0;
      await changeRow("holdings", holding, { quantity: now + quantity });
    }
    await removeRow("inserts", last.id);
  });
}
