import { redirect } from "react-router";
import { z } from "zod";
import { type Problem, problemsOf } from "../../core/model";
import { changeNote, NOTE_FORMS, type NoteForm } from "../../data/notes";
import { changeTray, TRAY_FORMS, type TrayForm } from "./trayActions";

const ShelfForm = z.discriminatedUnion("intent", [...NOTE_FORMS, ...TRAY_FORMS]);

/** Changes after which another address is shown: the note just taken, or without what has gone. */
const LEADS_ON: ReadonlySet<string> = new Set([
  "note",
  "remove-note",
  "restore-note",
  "decide",
  "decide-all",
  "undecide",
  "undo-accept",
]);

const isNote = (form: NoteForm | TrayForm): form is NoteForm =>
  NOTE_FORMS.some((one) => one.shape.intent.value === form.intent);

/** Where to look after a change: the same tray, with the note that can still be corrected. */
function backTo(request: Request, form: NoteForm | TrayForm): string {
  const search = new URL(request.url).searchParams;
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
export async function changeShelf(request: Request): Promise<{ problems: Problem[]; saved?: string }> {
  const parsed = ShelfForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  const problems = isNote(form)
    ? await changeNote(request, form).then(() => [])
    : await changeTray(request, form);
  if (problems.length === 0 && LEADS_ON.has(form.intent)) throw redirect(backTo(request, form));
  return { problems, ...(form.intent === "amend" ? { saved: form.id } : {}) };
}
