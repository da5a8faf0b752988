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
  RungId,
  type Tray,
  TrayId,
} from "../../core/model";
import { REST_DAYS } from "../../core/rotation";
import { barrierText } from "../../words/barriers";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../store/rows";
import { command, done } from "./command";
import { Content, Pieces, setContent, setPieces } from "./content";
import { countBack, countFound, countOut } from "./countings";
import { mayBeEmpty } from "./fields";
import { insertOfDay, keepInsert, undoInsert } from "./inserts";
import { Rearrangement, rearrange } from "./rearrange";

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

const OneTray = z.object({ tray: TrayId });
const Counted = z.object({ tray: TrayId, count });
const InsertSaid = z.object({ tray: TrayId, label: Insert.shape.label, what: Insert.shape.what });

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
const undecide = ({ db }: Home, trays: readonly TrayId[]): Promise<Result<null>> =>
  inTransaction(db, ["decisions"], async () => {
    for (const row of await livingRows(db, "decisions")) {
      if (trays.includes(row.tray)) await softDelete(db, "decisions", row.id);
    }
    return ok(null);
  });

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

/** Keeps what became of today's piece: of the one that was shown, whatever lies there by now. */
async function sayInsert(
  home: Home,
  { tray: id, label, what }: z.infer<typeof InsertSaid>,
): Promise<Result<null>> {
  const { db, today: on } = home;
  const tray = await livingRow(db, "trays", id);
  if (!tray) return NO_TRAY;
  const insert = await insertOfDay(home, tray);
  await keepInsert(db, tray, { on, label, what }, insert?.state.today.label === label ? insert.takes : []);
  return ok(null);
}

/** It is as if nothing had been said of today's piece. */
async function takeBackInsert({ db, today }: Home, id: TrayId): Promise<Result<null>> {
  const tray = await livingRow(db, "trays", id);
  if (!tray) return NO_TRAY;
  await undoInsert(db, tray, today);
  return ok(null);
}

const takeDown = async ({ db, today }: Home, id: TrayId): Promise<Result<null>> =>
  (await updateRow(db, "trays", id, { downOn: today })) ? ok(null) : NO_TRAY;

/** Trays: what becomes of them, where they stand, their pieces and the day's piece. */
export const trays = {
  decide: command(Decided, (home, decided) => decide(home, [decided])),
  decideAll: command(z.object({ all: z.array(Decided).max(60) }), (home, { all }) => decide(home, all)),
  undecide: command(z.object({ trays: z.array(TrayId).min(1).max(60) }), (home, given) =>
    undecide(home, given.trays),
  ),
  move: command(z.object({ tray: TrayId, place: PlaceId }), (home, { tray, place }) =>
    moveTray(home, tray, place),
  ),
  takeDown: command(OneTray, (home, { tray }) => takeDown(home, tray)),
  putUp: command(OneTray, (home, { tray }) => putUp(home, tray)),
  countOut: command(Counted, ({ db, today }, { tray, count }) => done(countOut(db, tray, today, count))),
  countBack: command(Counted, ({ db }, { tray, count }) => done(countBack(db, tray, count))),
  countFound: command(OneTray, ({ db }, { tray }) => done(countFound(db, tray))),
  sayPiece: command(InsertSaid, sayInsert),
  takeBackPiece: command(OneTray, (home, { tray }) => takeBackInsert(home, tray)),
  setContent: command(Content, setContent),
  setPieces: command(Pieces, setPieces),
  rearrange: command(Rearrangement, rearrange),
};
