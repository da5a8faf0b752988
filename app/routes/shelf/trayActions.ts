import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { explainMove, PUT_AWAY, situationOf, standingRotation, standingSafety } from "../../core/household";
import { addDays, Id, Insert, Move, PlainDate, type Problem } from "../../core/model";

import { REST_DAYS } from "../../core/rotation";
import { countBack, countFound, countOut } from "../../data/countings";
import { database } from "../../data/db";
import { mayBeEmpty } from "../../data/forms";
import { readHome } from "../../data/household";
import { insertOfDay, keepInsert, undoInsert } from "../../data/inserts";
import { undoAccept } from "../../data/rotations";
import { addRow, changeRow, removeRow } from "../../data/rows";

const count = z.coerce
  .number("How many pieces? A number.")
  .int("Whole pieces.")
  .min(0, "0 pieces or more.")
  .max(1000, "At most 1000 pieces.");

const decided = {
  tray: Id,
  move: Move,
  toRung: mayBeEmpty(Id),
  until: mayBeEmpty(PlainDate),
  toChild: mayBeEmpty(Id),
};

/** Forms about trays: what becomes of them, where they stand, their pieces and inserts. */
export const TRAY_FORMS = [
  z.object({ intent: z.literal("decide"), on: PlainDate, ...decided }),
  z.object({
    intent: z.literal("decide-all"),
    on: PlainDate,
    all: z
      .string()
      .transform((text, context) => {
        try {
          return JSON.parse(text) as unknown;
        } catch {
          context.addIssue("The decisions could not be read. Reload the page.");
          return z.NEVER;
        }
      })
      .pipe(z.array(z.object(decided)).max(60)),
  }),
  z.object({ intent: z.literal("undecide"), tray: z.string().min(1) }),
  z.object({ intent: z.literal("undo-accept"), rotation: Id }),
  z.object({ intent: z.literal("move-tray"), tray: Id, place: Id }),
  z.object({ intent: z.literal("take-down"), tray: Id, on: PlainDate }),
  z.object({ intent: z.literal("put-up"), tray: Id }),
  z.object({ intent: z.literal("count-out"), tray: Id, on: PlainDate, count }),
  z.object({ intent: z.literal("count-back"), tray: Id, count }),
  z.object({ intent: z.literal("count-found"), tray: Id }),
  z.object({
    intent: z.literal("insert"),
    tray: Id,
    on: PlainDate,
    label: Insert.shape.label,
    what: Insert.shape.what,
  }),
  z.object({ intent: z.literal("insert-undo"), tray: Id, on: PlainDate }),
] as const;
export type TrayForm = z.infer<(typeof TRAY_FORMS)[number]>;

type Decided = Pick<
  Extract<TrayForm, { intent: "decide" }>,
  "tray" | "move" | "toRung" | "until" | "toChild"
>;

async function decideTray(on: PlainDate, { tray: id, ...made }: Decided) {
  const tray = await database().rows("trays").get(id);
  if (!tray) return;
  const { child, activity, rung } = tray;
  // What is put away by hand rests as long as what is put away by suggestion.
  const until = made.until ?? (PUT_AWAY.has(made.move) ? addDays(on, REST_DAYS) : undefined);
  await addRow("decisions", { tray: id, child, activity, rung, on, ...made, until });
}

/** Takes the decisions of these trays back; the ids stand in one text. */
async function undecide(trays: readonly string[]) {
  const rows = (await database().rows("decisions").toArray()).filter(
    (row) => trays.includes(row.tray) && !row.deletedAt,
  );
  for (const row of rows) await removeRow("decisions", row.id);
}

const refused = (message: string): Problem[] => [{ code: "not-possible", path: "place", message }];

/** Puts a tray elsewhere; one that stands there changes places with it. Nothing moves where it would not be safe. */
async function moveTray(request: Request, trayId: string, placeId: string): Promise<Problem[]> {
  const [home, builtIn] = await Promise.all([readHome(request), loadCatalogue()]);
  const tray = home?.tables.trays.find((one) => one.id === trayId);
  if (!home || !tray) return refused("That tray is not out any more.");
  if (home.ahead > 0) return refused("This is a preview. Go back to today to move a tray.");
  if (tray.place === placeId) return [];
  const { tables } = home;
  const situation = situationOf(builtIn, tables, home.on, home.site.id);
  const rotation = standingRotation(tables, home.site.id, home.today);
  const other = tables.trays.find(
    (one) => one.rotation === rotation?.id && one.place === placeId && one.downOn === undefined,
  );
  const why =
    explainMove(situation, tables, tray, placeId) ??
    (other && explainMove(situation, tables, other, tray.place));
  if (why) return refused(why);
  const stateAt = (one: typeof tray, place: string) =>
    standingSafety(situation, tables, one, place)?.state === "adult-held" ? "adult-held" : "free";
  const db = database();
  await db.transaction("rw", db.rows("trays"), async () => {
    await changeRow("trays", tray.id, { place: placeId, state: stateAt(tray, placeId) });
    if (other) await changeRow("trays", other.id, { place: tray.place, state: stateAt(other, tray.place) });
  });
  return [];
}

/** Puts a tray back where it stood, unless another stands there by now: two at one place would hide one of them. */
async function putUp(id: string): Promise<Problem[]> {
  const db = database();
  return db.transaction("rw", db.rows("trays"), async () => {
    const tray = await db.rows("trays").get(id);
    if (!tray) return refused("That tray is not out any more.");
    const others = await db.rows("trays").where("rotation").equals(tray.rotation).toArray();
    const taken = others.some(
      (one) => one.id !== id && one.place === tray.place && !one.downOn && !one.deletedAt,
    );
    if (taken) return refused("Another tray stands there by now: move or take down that one first.");
    await changeRow("trays", id, { downOn: undefined });
    return [];
  });
}

/** Keeps what became of today's piece, or takes that back. */
async function changeInsert(request: Request, form: Extract<TrayForm, { intent: "insert" | "insert-undo" }>) {
  const tray = await database().rows("trays").get(form.tray);
  if (!tray) return;
  if (form.intent === "insert-undo") return undoInsert(tray, form.on);
  const insert = await insertOfDay(request, tray, form.on);
  const { on, label, what } = form;
  await keepInsert(tray, { on, label, what }, insert?.state.today.label === label ? insert.takes : []);
}

export async function changeTray(request: Request, form: TrayForm): Promise<Problem[]> {
  switch (form.intent) {
    case "decide":
      await decideTray(form.on, form);
      return [];
    case "decide-all":
      await database().transaction(
        "rw",
        [database().rows("trays"), database().rows("decisions")],
        async () => {
          for (const one of form.all) await decideTray(form.on, one);
        },
      );
      return [];
    case "undecide":
      await undecide(form.tray.split(" "));
      return [];
    case "undo-accept":
      await undoAccept(form.rotation);
      return [];
    case "move-tray":
      return moveTray(request, form.tray, form.place);
    case "take-down":
      await changeRow("trays", form.tray, { downOn: form.on });
      return [];
    case "put-up":
      return putUp(form.tray);
    case "count-out":
      await countOut(form.tray, form.on, form.count);
      return [];
    case "count-back":
      await countBack(form.tray, form.count);
      return [];
    case "count-found":
      await countFound(form.tray);
      return [];
    case "insert":
    case "insert-undo":
      await changeInsert(request, form);
      return [];
  }
}
