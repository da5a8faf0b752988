import { redirect } from "react-router";
import { z } from "zod";
import { Ended, Grasp, Help, Id, Interest, Move, PlainDate, problemsOf } from "../../core/model";
import { countBack, countFound, countOut } from "../../data/countings";
import { database } from "../../data/db";
import { mayBeEmpty } from "../../data/forms";
import { undoAccept } from "../../data/rotations";
import { addRow, changeRow, removeRow, restoreRow } from "../../data/rows";

const Note = z.object({ intent: z.literal("note"), id: Id, tray: Id, on: PlainDate, help: Help });
const Amend = z.object({
  intent: z.literal("amend"),
  id: Id,
  tray: Id,
  help: mayBeEmpty(Help),
  interest: mayBeEmpty(Interest),
  ended: mayBeEmpty(Ended),
  mouthed: z.enum(["yes", "no"]).optional(),
  condition: z.enum(["usual", "tired", "ill"]).optional(),
  minutes: mayBeEmpty(
    z.coerce.number("Minutes: a number.").min(0, "Minutes: 0 or more.").max(600, "Minutes: at most 600."),
  ),
  grasp: mayBeEmpty(Grasp),
  words: z.string().max(2000, "Words: at most 2000 characters.").optional(),
});
const Remove = z.object({ intent: z.literal("remove-note"), id: Id, tray: Id });
const Restore = z.object({ intent: z.literal("restore-note"), id: Id, tray: Id });
const Decide = z.object({
  intent: z.literal("decide"),
  tray: Id,
  on: PlainDate,
  move: Move,
  toRung: mayBeEmpty(Id),
  until: mayBeEmpty(PlainDate),
});
const Undecide = z.object({ intent: z.literal("undecide"), tray: Id });
const UndoAccept = z.object({ intent: z.literal("undo-accept"), rotation: Id });

const count = z.coerce
  .number("How many pieces? A number.")
  .int("Whole pieces.")
  .min(0, "0 pieces or more.")
  .max(1000, "At most 1000 pieces.");
const CountOut = z.object({ intent: z.literal("count-out"), tray: Id, on: PlainDate, count });
const CountBack = z.object({ intent: z.literal("count-back"), tray: Id, count });
const CountFound = z.object({ intent: z.literal("count-found"), tray: Id });

const ShelfForm = z.discriminatedUnion("intent", [
  CountOut,
  CountBack,
  CountFound,
  Note,
  Amend,
  Remove,
  Restore,
  Decide,
  Undecide,
  UndoAccept,
]);
type ShelfForm = z.infer<typeof ShelfForm>;

async function takeNote(form: z.infer<typeof Note>) {
  const tray = await database().rows("trays").get(form.tray);
  if (!tray) return;
  await addRow(
    "observations",
    {
      child: tray.child,
      activity: tray.activity,
      rung: tray.rung,
      tray: tray.id,
      on: form.on,
      help: form.help,
      mouthed: false,
      condition: "usual",
    },
    form.id,
  );
}

async function amend({ id, mouthed, condition, words, ...rest }: z.infer<typeof Amend>) {
  const { intent: _, tray: __, ...fields } = rest;
  const given = Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
  await changeRow("observations", id, {
    ...given,
    ...(mouthed ? { mouthed: mouthed === "yes" } : {}),
    ...(condition ? { condition } : {}),
    ...(words === undefined ? {} : { words }),
  });
}

async function decideTray(form: z.infer<typeof Decide>) {
  const tray = await database().rows("trays").get(form.tray);
  if (!tray) return;
  await addRow("decisions", {
    tray: tray.id,
    child: tray.child,
    activity: tray.activity,
    rung: tray.rung,
    on: form.on,
    move: form.move,
    toRung: form.toRung,
    until: form.until,
  });
}

async function undecide(trayId: string) {
  const rows = (await database().rows("decisions").toArray()).filter(
    (row) => row.tray === trayId && !row.deletedAt,
  );
  for (const row of rows) await removeRow("decisions", row.id);
}

/** Where to look after a change: the same tray, with the note that can still be corrected. */
function backTo(request: Request, form: ShelfForm): string {
  const url = new URL(request.url);
  const search = url.searchParams;
  search.delete("index");
  search.delete("removed");
  if (form.intent === "note" || form.intent === "restore-note") search.set("note", form.id);
  if (form.intent === "remove-note") {
    search.delete("note");
    search.set("removed", form.id);
  }
  if (form.intent === "undo-accept") search.delete("accepted");
  const text = search.toString();
  return text ? `/?${text}` : "/";
}

/** Does one change of the Shelf screen. Faulty input changes nothing and says what is wrong. */
export async function changeShelf(request: Request) {
  const parsed = ShelfForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  switch (form.intent) {
    case "note":
      await takeNote(form);
      break;
    case "amend":
      await amend(form);
      break;
    case "remove-note":
      await removeRow("observations", form.id);
      break;
    case "restore-note":
      await restoreRow("observations", form.id);
      break;
    case "decide":
      await decideTray(form);
      break;
    case "undecide":
      await undecide(form.tray);
      break;
    case "undo-accept":
      await undoAccept(form.rotation);
      break;
    case "count-out":
      await countOut(form.tray, form.on, form.count);
      return { problems: [] };
    case "count-back":
      await countBack(form.tray, form.count);
      return { problems: [] };
    case "count-found":
      await countFound(form.tray);
      return { problems: [] };
  }
  if (form.intent === "amend") return { saved: form.id };
  throw redirect(backTo(request, form));
}
