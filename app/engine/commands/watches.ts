import { z } from "zod";
import {
  fault,
  Grasp,
  Observation,
  ObservationId,
  ok,
  type Result,
  Sign,
  TrayId,
  WatchTap,
} from "../../core/model";
import { proposedFrom, tapped, type Watch, withoutLastTap } from "../../core/rotation";
import type { OrtoDb } from "../store/db";
import type { Home } from "../store/home";
import { inTransaction, livingRow, newId, newRow, softDelete, upsert } from "../store/rows";
import { command, done } from "./command";
import { INSERT_TABLES, insertOfDay, takeInsert } from "./inserts";

/** The instant of a tap, in milliseconds since 1970; no later than the year 2200. */
const at = z.coerce.number().int().positive().max(7_258_118_400_000);
const OneTray = z.object({ tray: TrayId });
const TrayAt = OneTray.extend({ at });

const idOf = (tray: TrayId) => `watch-${tray}`;

/** Changes the watch of a tray; where there is none, only `begin` makes one. Every tap is stored at once. */
const store = (db: OrtoDb, tray: TrayId, work: (before: Watch | undefined) => Watch | undefined) =>
  upsert(db, "watches", idOf(tray), (row) => {
    const made = work(row);
    return (
      made && {
        tray,
        began: made.began,
        taps: made.taps,
        hand: made.hand,
        grasp: made.grasp,
        signs: made.signs,
      }
    );
  });

/** The hand or the grasp that was seen; the same again takes it back. */
function marked(before: Watch, mark: Pick<Watch, "hand" | "grasp">): Watch {
  const hand = mark.hand === before.hand ? undefined : mark.hand;
  const grasp = mark.grasp === before.grasp ? undefined : mark.grasp;
  return { ...before, ...("hand" in mark ? { hand } : {}), ...("grasp" in mark ? { grasp } : {}) };
}

/** A sign that was seen; the same again takes it back. */
const signed = (before: Watch, sign: Sign): Watch => {
  const { signs = [] } = before;
  return { ...before, signs: signs.includes(sign) ? signs.filter((one) => one !== sign) : [...signs, sign] };
};

/** Ends the watch as a note of today that uses today's insert, in one transaction; gives the note's id. */
async function endAsNote(home: Home, trayId: TrayId, atMs: number): Promise<Result<ObservationId>> {
  const { db, today: on } = home;
  const tray = await livingRow(db, "trays", trayId);
  if (!tray) return fault("no-tray", "tray", "That tray is not out any more: the watch is kept as it is.");
  const insert = await insertOfDay(home, tray);
  return inTransaction(db, ["watches", "observations", ...INSERT_TABLES], async () => {
    const row = await livingRow(db, "watches", idOf(tray.id));
    if (!row) return fault("no-watch", "tray", "This watch has been ended already.");
    const id = ObservationId.parse(newId());
    const { child, activity, rung } = tray;
    const note = {
      ...{ child, activity, rung, tray: tray.id, on, condition: "usual" as const },
      insert: await takeInsert(db, tray, on, id, insert),
      ...proposedFrom(row, atMs),
    };
    await db.rows("observations").put(newRow("observations", note, id));
    await softDelete(db, "watches", row.id);
    return ok(id);
  });
}

/** Changes a watch that goes on; nothing where none does. */
const change = ({ db }: Home, tray: TrayId, work: (before: Watch) => Watch): Promise<Result<null>> =>
  done(store(db, tray, (before) => before && work(before)));

/** Watching a tray with taps. One that ends as a note gives the note's id. */
export const watches = {
  // A watch that goes on already goes on.
  begin: command(TrayAt, ({ db }, { tray, at: began }) =>
    done(store(db, tray, (before) => before ?? { began, taps: [] })),
  ),
  tap: command(TrayAt.extend({ tap: WatchTap }), (home, { tray, tap, at: atMs }) =>
    change(home, tray, (before) => tapped(before, tap, atMs)),
  ),
  hand: command(OneTray.extend({ hand: Observation.shape.hand.unwrap() }), (home, { tray, hand }) =>
    change(home, tray, (before) => marked(before, { hand })),
  ),
  grasp: command(OneTray.extend({ grasp: Grasp }), (home, { tray, grasp }) =>
    change(home, tray, (before) => marked(before, { grasp })),
  ),
  sign: command(OneTray.extend({ sign: Sign }), (home, { tray, sign }) =>
    change(home, tray, (before) => signed(before, sign)),
  ),
  undo: command(OneTray, (home, { tray }) => change(home, tray, withoutLastTap)),
  drop: command(OneTray, ({ db }, { tray }) => done(store(db, tray, () => undefined))),
  end: command(TrayAt, (home, { tray, at: atMs }) => endAsNote(home, tray, atMs)),
};
