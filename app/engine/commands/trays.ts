import { z } from "zod";
import { explainMove, PUT_AWAY, standingRotation, stateWhileStanding } from "../../core/household";
import {
  addDays,
  ChildId,
  fault,
  Insert,
  Move,
  ok,
  PlaceId,
  PlainDate,
  type Result,
  RotationId,
  RungId,
  type Tray,
  TrayId,
} from "../../core/model";
import { REST_DAYS } from "../../core/rotation";
import { barrierText } from "../../words/barriers";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../store/rows";
import { countBack, countFound, countOut } from "./countings";
import { mayBeEmpty } from "./fields";
import { insertOfDay, keepInsert, undoInsert } from "./inserts";
import { undoAccept } from "./plan";

const count = z.coerce
  .number("How many pieces? A number.")
  .int("Whole pieces.")
  .min(0, "0 pieces or more.")
  .max(1000, "At most 1000 pieces.");

const Decided = z.object({
  tray: TrayId,
  move: Move,
  toRung: mayBeEmpty(RungId),
  until: mayBeEmpty(PlainDate),
  toChild: mayBeEmpty(ChildId),
});
type Decided = z.infer<typeof Decided>;

/** About trays: what becomes of them, where they stand, their pieces and inserts. */
export const TRAY_INPUTS = [
  z.object({ intent: z.literal("decide"), ...Decided.shape }),
  z.object({ intent: z.literal("decide-all"), all: z.array(Decided).max(60) }),
  z.object({ intent: z.literal("undecide"), trays: z.array(TrayId).min(1).max(60) }),
  z.object({ intent: z.literal("undo-accept"), rotation: RotationId }),
  z.object({ intent: z.literal("move-tray"), tray: TrayId, place: PlaceId }),
  z.object({ intent: z.literal("take-down"), tray: TrayId }),
  z.object({ intent: z.literal("put-up"), tray: TrayId }),
  z.object({ intent: z.literal("count-out"), tray: TrayId, count }),
  z.object({ intent: z.literal("count-back"), tray: TrayId, count }),
  z.object({ intent: z.literal("count-found"), tray: TrayId }),
  z.object({
    intent: z.literal("insert"),
    tray: TrayId,
    label: Insert.shape.label,
    what: Insert.shape.what,
  }),
  z.object({ intent: z.literal("insert-undo"), tray: TrayId }),
] as const;
export type TrayInput = z.infer<(typeof TRAY_INPUTS)[number]>;

const NO_TRAY = fault("no-tray", "place", "That tray is not out any more.");
const refused = (message: string) => fault("not-possible", "place", message);

/** Keeps what was decided about trays, all of it or nothing. */
async function decide({ db, today: on }: Home, all: readonly Decided[]): Promise<Result<null>> {
  return inTransaction(db, ["trays", "decisions"], async () => {
    const trays = await Promise.all(all.map((one) => livingRow(db, "trays", one.tray)));
    if (trays.includes(undefined)) return NO_TRAY;
    for (const [i, { tray: id, ...made }] of all.entries()) {
      const tray = trays[i];
      if (!tray) continue;
      const { child, activity, rung } = tray;
      // What is put away by hand rests as long as what is put away by suggestion.
      const until = made.until ?? (PUT_AWAY.has(made.move) ? addDays(on, REST_DAYS) : undefined);
      await insertRow(db, "decisions", { tray: id, child, activity, rung, on, ...made, until });
    }
    return ok(null);
  });
}

/** Takes the decisions about these trays back. */
async function undecide({ db }: Home, trays: readonly string[]) {
  await inTransaction(db, ["decisions"], async () => {
    for (const row of await livingRows(db, "decisions")) {
      if (trays.includes(row.tray)) await softDelete(db, "decisions", row.id);
    }
  });
}

/** Puts a tray elsewhere; one that stands there changes places with it. Nothing moves where it would not be safe. */
async function moveTray(home: Home, trayId: TrayId, placeId: PlaceId): Promise<Result<null>> {
  const { db, tables, situation } = home;
  const tray = tables.trays.find((one) => one.id === trayId);
  if (!tray) return NO_TRAY;
  if (home.ahead > 0) return refused("This is a preview. Go back to today to move a tray.");
  if (tray.place === placeId) return ok(null);
  const rotation = standingRotation(tables, home.site.id, home.today);
  const other = tables.trays.find(
    (one) =>
      one.rotation === rotation?.id &&
      one.place === placeId &&
      one.downOn === undefined &&
      one.when === undefined,
  );
  const why =
    explainMove(situation, tables, tray, placeId) ??
    (other && tray.when === undefined && explainMove(situation, tables, other, tray.place));
  if (!why && other && tray.when) {
    return refused("Another tray stands there: what comes by moments can’t change places with it.");
  }
  if (why) return refused(barrierText(why));
  const stateAt = (one: Tray, place: PlaceId) => stateWhileStanding(situation, tables, one, place);
  await inTransaction(db, ["trays"], async () => {
    // At another place it stands: the moment it came by is not that place's.
    await updateRow(db, "trays", tray.id, {
      place: placeId,
      state: stateAt(tray, placeId),
      when: undefined,
    });
    if (other && tray.when === undefined)
      await updateRow(db, "trays", other.id, { place: tray.place, state: stateAt(other, tray.place) });
  });
  return ok(null);
}

/** Puts a tray back where it stood, unless another stands there by now: two at one place would hide one of them. */
async function putUp({ db }: Home, id: string): Promise<Result<null>> {
  return inTransaction(db, ["trays"], async () => {
    const tray = await livingRow(db, "trays", id);
    if (!tray) return NO_TRAY;
    const others = await db.rows("trays").where("rotation").equals(tray.rotation).toArray();
    const taken = others.some(
      (one) =>
        one.id !== id &&
        one.place === tray.place &&
        !one.downOn &&
        !one.deletedAt &&
        !(one.when && tray.when),
    );
    if (taken) return refused("Another tray stands there by now: move or take down that one first.");
    await updateRow(db, "trays", id, { downOn: undefined });
    return ok(null);
  });
}

type InsertInput = Extract<TrayInput, { intent: "insert" }>;

/** Keeps what became of today's piece: of the one that was shown, whatever lies there by now. */
async function sayInsert(home: Home, { tray: id, label, what }: InsertInput): Promise<Result<null>> {
  const { db, today: on } = home;
  const tray = await livingRow(db, "trays", id);
  if (!tray) return NO_TRAY;
  const insert = await insertOfDay(home, tray);
  await keepInsert(db, tray, { on, label, what }, insert?.state.today.label === label ? insert.takes : []);
  return ok(null);
}

export async function changeTray(home: Home, input: TrayInput): Promise<Result<null>> {
  const { db, today } = home;
  switch (input.intent) {
    case "decide":
      return decide(home, [input]);
    case "decide-all":
      return decide(home, input.all);
    case "undecide":
      await undecide(home, input.trays);
      break;
    case "undo-accept":
      await undoAccept(db, input.rotation);
      break;
    case "move-tray":
      return moveTray(home, input.tray, input.place);
    case "take-down":
      return (await updateRow(db, "trays", input.tray, { downOn: today })) ? ok(null) : NO_TRAY;
    case "put-up":
      return putUp(home, input.tray);
    case "count-out":
      await countOut(db, input.tray, today, input.count);
      break;
    case "count-back":
      await countBack(db, input.tray, input.count);
      break;
    case "count-found":
      await countFound(db, input.tray);
      break;
    case "insert":
      return sayInsert(home, input);
    case "insert-undo": {
      const tray = await livingRow(db, "trays", input.tray);
      if (!tray) return NO_TRAY;
      await undoInsert(db, tray, today);
      break;
    }
  }
  return ok(null);
}
