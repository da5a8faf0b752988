import { z } from "zod";
import {
  ActivityId,
  Ended,
  fault,
  Grasp,
  Help,
  Id,
  Interest,
  NextTime,
  Observation,
  ObservationId,
  ok,
  type Result,
  Sign,
  TrayId,
} from "../../core/model";
import type { Home } from "../store/home";
import { insertPhoto } from "../store/photos";
import { inTransaction, livingRow, livingRows, newRow, softDelete, undelete, updateRow } from "../store/rows";
import { command, done } from "./command";
import { mayBeEmpty } from "./fields";
import { INSERT_TABLES, insertOfDay, retakeInsert, returnInsert, takeInsert } from "./inserts";

/** A field of a note that is taken back where it is sent empty, and left as it is where it is not sent. */
const clearable = <T extends z.ZodType>(schema: T) =>
  z.preprocess((value) => (value === "" ? null : value), schema.nullable()).optional();

const TakenNote = z.object({ id: ObservationId, tray: TrayId, help: Help });

/** Only what is sent is changed: what another tab says about the same note meanwhile stays. */
const NoteChange = z.object({
  id: Id,
  help: clearable(Help),
  interest: clearable(Interest),
  ended: clearable(Ended),
  mouthed: z.enum(["yes", "no"]).optional(),
  condition: Observation.shape.condition.unwrap().optional(),
  hand: clearable(Observation.shape.hand.unwrap()),
  minutes: clearable(
    z.coerce.number("Minutes: a number.").min(0, "Minutes: 0 or more.").max(600, "Minutes: at most 600."),
  ),
  repeats: clearable(
    z.coerce
      .number("Again: a number.")
      .int("Again: a whole number.")
      .min(0, "Again: 0 or more.")
      .max(500, "Again: at most 500."),
  ),
  grasp: clearable(Grasp),
  words: z.string().max(2000, "Words: at most 2000 characters.").optional(),
  /** A sign to be set or taken back; or all of them together. */
  sign: Sign.optional(),
  signs: z.array(Sign).max(50, "at most 50").optional(),
});

const Picture = z.object({
  id: ObservationId,
  mime: z.enum(["image/jpeg", "image/webp", "image/png"]),
  base64: z.base64("This is no picture.").min(1).max(4_000_000, "The picture is too large."),
});

const Reminder = z.object({
  activity: ActivityId,
  kind: mayBeEmpty(NextTime.shape.kind.unwrap()),
  words: NextTime.shape.words,
});

const ById = z.object({ id: Id });
const PhotoById = z.object({ photo: Id });

const NO_NOTE = fault("no-note", "id", "That note is not there any more. Reload the page.");

/** A note of today on a tray, which is also a use of today's insert. Sent twice, it is one note. */
async function takeNote(
  home: Home,
  { id, tray: trayId, help }: z.infer<typeof TakenNote>,
): Promise<Result<null>> {
  const { db, today } = home;
  const tray = await livingRow(db, "trays", trayId);
  if (!tray) return fault("no-tray", "tray", "That tray is not out any more: the note was not taken.");
  const insert = await insertOfDay(home, tray);
  const { child, activity, rung, filling } = tray;
  await inTransaction(db, ["observations", ...INSERT_TABLES], async () => {
    if (await livingRow(db, "observations", id)) return;
    const label = await takeInsert(db, tray, today, id, insert);
    const note = { child, activity, rung, tray: tray.id, on: today, help, insert: label, filling };
    await db.rows("observations").put(newRow("observations", note, id));
  });
  return ok(null);
}

async function amend({ db }: Home, { id, mouthed, sign, ...given }: z.infer<typeof NoteChange>) {
  const toggled = (signs: Observation["signs"], one: Sign) =>
    signs.includes(one) ? signs.filter((other) => other !== one) : [...signs, one];
  const fields = Object.fromEntries(
    Object.entries(given).flatMap(([key, value]) => (value === undefined ? [] : [[key, value ?? undefined]])),
  );
  const changed = await updateRow(db, "observations", id, (row) => ({
    ...fields,
    ...(mouthed ? { mouthed: mouthed === "yes" } : {}),
    ...(sign ? { signs: toggled(row.signs, sign) } : {}),
  }));
  return changed ? ok(null) : NO_NOTE;
}

/** Deletes a note or puts it back, and with it the use of the day's piece. */
async function removeOrRestore({ db }: Home, id: string, remove: boolean): Promise<Result<null>> {
  return inTransaction(db, ["observations", ...INSERT_TABLES], async () => {
    const note = await (remove ? softDelete : undelete)(db, "observations", id);
    if (!note) return NO_NOTE;
    await (remove ? returnInsert : retakeInsert)(db, note);
    return ok(null);
  });
}

/** Keeps what to remember; the same words for the same thing on one day are kept once. */
async function keepNextTime(
  { db, today: on }: Home,
  { activity, words, kind }: z.infer<typeof Reminder>,
): Promise<Result<null>> {
  await inTransaction(db, ["nextTimes"], async () => {
    const made = newRow("nextTimes", { activity, on, kind, words });
    const isSame = (row: NextTime) =>
      row.activity === activity && row.on === on && row.kind === made.kind && row.words === words;
    if (!(await livingRows(db, "nextTimes")).some(isSame)) await db.rows("nextTimes").put(made);
  });
  return ok(null);
}

async function keepPicture({ db }: Home, { id, mime, base64 }: z.infer<typeof Picture>) {
  if (!(await livingRow(db, "observations", id))) return NO_NOTE;
  await insertPhoto(db, { observation: id, mime, base64 });
  return ok(null);
}

/** Notes: taken, added to, removed, put back; their pictures; what to remember for next time. */
export const notes = {
  take: command(TakenNote, takeNote),
  amend: command(NoteChange, amend),
  remove: command(ById, (home, { id }) => removeOrRestore(home, id, true)),
  restore: command(ById, (home, { id }) => removeOrRestore(home, id, false)),
  addPicture: command(Picture, keepPicture),
  removePicture: command(PhotoById, ({ db }, { photo }) => done(softDelete(db, "photos", photo))),
  restorePicture: command(PhotoById, ({ db }, { photo }) => done(undelete(db, "photos", photo))),
  addReminder: command(Reminder, keepNextTime),
  removeReminder: command(ById, ({ db }, { id }) => done(softDelete(db, "nextTimes", id))),
  restoreReminder: command(ById, ({ db }, { id }) => done(undelete(db, "nextTimes", id))),
};
