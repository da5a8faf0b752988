import { href, redirect } from "react-router";
import { z } from "zod";
import { ActivityInput, changeActivity, DraftInput, saveOwnActivity } from "../../commands/activities";
import { type Imported, importPack } from "../../commands/packs";
import type { Issue } from "../../core/model";
import type { Which } from "../../data/device";
import { forgetDraft } from "../../ui/form/draft";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

/** Does one change of an opened activity. */
export async function actOnActivity({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, ActivityInput)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  const issues = issuesIn(await changeActivity(home, input));
  if (issues.length > 0) return { issues };
  if (input.intent === "remove-own") throw redirect(`${href("/activities")}?removed=${input.activity}`);
  if (input.intent === "restore-own") throw redirect(href("/activities/:id", { id: input.activity }));
  return { issues };
}

/** Under what an activity that is being written is kept until it is saved. */
export const draftKey = (which: Which, edit: string | undefined) => `activity-${which}-${edit || "new"}`;

/** Saves an activity of one's own, new or changed, if nothing is wrong with it. */
export async function saveOwn({ request, context }: ActionArgs): Promise<{ issues: Issue[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, DraftInput)]);
  if (!read.ok) return { issues: read.issues };
  const saved = await saveOwnActivity(home, read.value);
  if (!saved.ok) return { issues: saved.issues };
  forgetDraft(draftKey(home.which, read.value.edit));
  throw redirect(href("/activities/:id", { id: saved.value }));
}

const PackInput = z.object({ file: z.string().min(1, "Choose a pack file first.").max(20_000_000) });

export interface PackAnswer {
  issues: Issue[];
  done?: Imported;
}

/** Brings the activities and things of a pack into the household. */
export async function actOnPack({ request, context }: ActionArgs): Promise<PackAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, PackInput)]);
  if (!read.ok) return { issues: read.issues };
  const done = await importPack(home, read.value.file);
  return done.ok ? { issues: [], done: done.value } : { issues: done.issues };
}
