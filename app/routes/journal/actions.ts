import { redirect } from "react-router";
import { z } from "zod";
import { type Problem, problemsOf } from "../../core/model";
import { changeNote, NOTE_FORMS } from "../../data/notes";

const JournalForm = z.discriminatedUnion("intent", NOTE_FORMS);

/** Does one change of a note from the journal. Faulty input changes nothing. */
export async function changeJournal(request: Request): Promise<{ problems: Problem[]; saved?: string }> {
  const parsed = JournalForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  await changeNote(request, form);
  if (form.intent !== "remove-note" && form.intent !== "restore-note") return { problems: [], saved: "note" };
  const search = new URL(request.url).searchParams;
  if (form.intent === "remove-note") search.set("removed", form.id);
  else search.delete("removed");
  throw redirect(`/journal?${search}`);
}
