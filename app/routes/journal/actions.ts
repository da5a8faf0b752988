import { href, redirect } from "react-router";
import { z } from "zod";
import type { Issue } from "../../core/model";
import { changeNote, NOTE_INPUTS } from "../../engine/commands/notes";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

const JournalInput = z.discriminatedUnion("intent", NOTE_INPUTS);

/** Does one change of a note from the journal. Faulty input changes nothing. */
export async function changeJournal({
  request,
  context,
}: ActionArgs): Promise<{ issues: Issue[]; saved?: string }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, JournalInput)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  const issues = issuesIn(await changeNote(home, input));
  if (issues.length > 0) return { issues };
  if (input.intent !== "remove-note" && input.intent !== "restore-note") return { issues, saved: "note" };
  const search = new URL(request.url).searchParams;
  if (input.intent === "remove-note") search.set("removed", input.id);
  else search.delete("removed");
  throw redirect(`${href("/journal")}?${search}`);
}
