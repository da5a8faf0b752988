import { z } from "zod";
import { Ended, Grasp, Help, Id, Interest, NextTime, Observation, PlainDate, Sign } from "../core/model";
import { database } from "./db";
import { mayBeEmpty } from "./forms";
import { insertOfDay, insertTables, retakeInsert, returnInsert, takeInsert } from "./inserts";
import { addRow, changeRow, newRow, removeRow, restoreRow } from "./rows";

/** Forms about notes: taken, added to, removed, put back; pictures; what to remember for next time. */
export const NOTE_FORMS = [
  z.object({ intent: z.literal("note"), id: Id, tray: Id, on: PlainDate, help: Help }),
  z.object({
    intent: z.literal("amend"),
    id: Id,
    help: mayBeEmpty(Help),
    interest: mayBeEmpty(Interest),
    ended: mayBeEmpty(Ended),
    mouthed: z.enum(["yes", "no"]).optional(),
    condition: z.enum(["usual", "tired", "ill"]).optional(),
    hand: mayBeEmpty(Observation.shape.hand.unwrap()),
    minutes: mayBeEmpty(
      z.coerce.number("Minutes: a number.").min(0, "Minutes: 0 or more.").max(600, "Minutes: at most 600."),
    ),
    repeats: mayBeEmpty(
      z.coerce
        .number("Again: a number.")
        .int("Again: a whole number.")
        .min(0, "Again: 0 or more.")
        .max(500, "Again: at most 500."),
    ),
    grasp: mayBeEmpty(Grasp),
    words: z.string().max(2000, "Words: at most 2000 characters.").optional(),
    /** A sign to be set or taken back. */
    sign: Sign.optional(),
  }),
  z.object({ intent: z.literal("remove-note"), id: Id }),
  z.object({ intent: z.literal("restore-note"), id: Id }),
  z.object({
    intent: z.literal("photo"),
    id: Id,
    mime: z.enum(["image/jpeg", "image/webp", "image/png"]),
    base64: z.string().min(1).max(4_000_000, "The picture is too large."),
  }),
  z.object({ intent: z.literal("remove-photo"), photo: Id }),
  z.object({
    intent: z.literal("next-time"),
    activity: Id,
    on: PlainDate,
    kind: NextTime.shape.kind,
    words: NextTime.shape.words,
  }),
  z.object({ intent: z.literal("remove-next-time"), id: Id }),
  z.object({ intent: z.literal("restore-next-time"), id: Id }),
] as const;
export type NoteForm = z.infer<(typeof NOTE_FORMS)[number]>;

/** A note on a tray is also a use of today's insert. */
async function takeNote(request: Request, form: Extract<NoteForm, { intent: "note" }>) {
  const db = database();
  const tray = await db.rows("trays").get(form.tray);
  if (!tray) return;
  const insert = await insertOfDay(request, tray, form.on);
  const { child, activity, rung } = tray;
  await db.transaction("rw", [db.rows("observations"), ...insertTables()], async () => {
    const label = await takeInsert(tray, form.on, form.id, insert);
    const note = { child, activity, rung, tray: tray.id, on: form.on, help: form.help, insert: label };
    await db.rows("observations").put(newRow("observations", note, form.id));
  });
}

async function amend({
  id,
  mouthed,
  condition,
  words,
  sign,
  ...rest
}: Extract<NoteForm, { intent: "amend" }>) {
  const { intent: _, ...fields } = rest;
  const given = Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
  const toggled = (signs: Observation["signs"], one: Sign) =>
    signs.includes(one) ? signs.filter((other) => other !== one) : [...signs, one];
  await changeRow("observations", id, (row) => ({
    ...given,
    ...(mouthed ? { mouthed: mouthed === "yes" } : {}),
    ...(condition ? { condition } : {}),
    ...(words === undefined ? {} : { words }),
    ...(sign ? { signs: toggled(row.signs, sign) } : {}),
  }));
}

/** Deletes a note or puts it back, and with it the use of the day's piece. */
async function removeOrRestore(id: string, remove: boolean) {
  const db = database();
  await db.transaction("rw", [db.rows("observations"), ...insertTables()], async () => {
    const note = await (remove ? removeRow : restoreRow)("observations", id);
    if (note) await (remove ? returnInsert : retakeInsert)(note);
  });
}

/** Keeps what to remember; the same words for the same thing on one day are kept once. */
async function keepNextTime(said: Pick<NextTime, "activity" | "on" | "kind" | "words">) {
  const rows = database().rows("nextTimes");
  await database().transaction("rw", rows, async () => {
    const isSame = (row: NextTime) =>
      !row.deletedAt &&
      row.activity === said.activity &&
      row.on === said.on &&
      row.kind === said.kind &&
      row.words === said.words;
    if (!(await rows.toArray()).some(isSame)) await addRow("nextTimes", said);
  });
}

export async function changeNote(request: Request, form: NoteForm): Promise<void> {
  switch (form.intent) {
    case "note":
      return takeNote(request, form);
    case "amend":
      return amend(form);
    case "remove-note":
      return removeOrRestore(form.id, true);
    case "restore-note":
      return removeOrRestore(form.id, false);
    case "photo":
      await addRow("photos", { observation: form.id, mime: form.mime, base64: form.base64 });
      return;
    case "remove-photo":
      await removeRow("photos", form.photo);
      return;
    case "next-time":
      return keepNextTime({ activity: form.activity, on: form.on, kind: form.kind, words: form.words });
    case "remove-next-time":
      await removeRow("nextTimes", form.id);
      return;
    case "restore-next-time":
      await restoreRow("nextTimes", form.id);
      return;
  }
}
