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
import { INSERT_TABLES, insertOfDay, takeInsert } from "./inserts";

/** The instant of a tap, in milliseconds since 1970; no later than the year 2200. */
const at = z.coerce.number().int().positive().max(7_258_118_400_000);
export const WatchInput = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("begin"), tray: TrayId, at }),
  z.object({ intent: z.literal("tap"), tray: TrayId, tap: WatchTap, at }),
  z.object({ intent: z.literal("hand"), tray: TrayId, hand: Observation.shape.hand.unwrap() }),
  z.object({ intent: z.literal("grasp"), tray: TrayId, grasp: Grasp }),
  z.object({ intent: z.literal("sign"), tray: TrayId, sign: Sign }),
  z.object({ intent: z.literal("undo"), tray: TrayId }),
  z.object({ intent: z.literal("drop"), tray: TrayId }),
  z.object({ intent: z.literal("done"), tray: TrayId, at }),
]);
export type WatchInput = z.infer<typeof WatchInput>;

const idOf = (tray: TrayId) => `watch-${tray}`;

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
async function endAsNote(home: Home, trayId: TrayId, atMs: number): Promise<Result<string>> {
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

/** Does one change of a watch; every tap is stored at once. One that ends as a note gives the note's id. */
export async function changeWatch(home: Home, input: WatchInput): Promise<Result<string | null>> {
  const { db } = home;
  const { tray } = input;
  switch (input.intent) {
    case "begin":
      // What goes on already goes on.
      await store(db, tray, (before) => before ?? { began: input.at, taps: [] });
      break;
    case "tap":
      await store(db, tray, (before) => before && tapped(before, input.tap, input.at));
      break;
    case "hand":
      await store(db, tray, (before) => before && marked(before, { hand: input.hand }));
      break;
    case "grasp":
      await store(db, tray, (before) => before && marked(before, { grasp: input.grasp }));
      break;
    case "sign":
      await store(db, tray, (before) => before && signed(before, input.sign));
      break;
    case "undo":
      await store(db, tray, (before) => before && withoutLastTap(before));
      break;
    case "drop":
      await store(db, tray, () => undefined);
      break;
    case "done":
      return endAsNote(home, tray, input.at);
  }
  return ok(null);
}
