import { AnecdoteInput, changeAnecdote, type SeenAnswer } from "../../engine/commands/anecdotes";
import { forgetDraft } from "../../ui/form/draft";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

/** Keeps something seen away from any tray, from whatever screen. */
export async function actOnSeen({ request, context }: ActionArgs): Promise<SeenAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, AnecdoteInput)]);
  if (!read.ok) return { issues: read.issues };
  const { intent, id } = read.value;
  const issues = issuesIn(await changeAnecdote(home, read.value));
  if (issues.length === 0 && intent === "anecdote") forgetDraft("seen");
  return issues.length > 0 ? { issues } : { issues, done: { intent, id } };
}
