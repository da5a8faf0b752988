import { href, redirect } from "react-router";
import { z } from "zod";
import { ActivityInput, changeActivity, DraftInput, saveOwnActivity } from "../../commands/activities";
import { type Imported, importPack } from "../../commands/packs";
import type { Problem } from "../../core/model";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, problemsIn } from "../input";

/** Does one change of an opened activity. */
export async function actOnActivity({ request, context }: ActionArgs): Promise<{ problems: Problem[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, ActivityInput)]);
  if (!read.ok) return { problems: read.problems };
  const input = read.value;
  const problems = problemsIn(await changeActivity(home, input));
  if (problems.length > 0) return { problems };
  if (input.intent === "remove-own") throw redirect(`${href("/activities")}?removed=${input.activity}`);
  if (input.intent === "restore-own") throw redirect(href("/activities/:id", { id: input.activity }));
  return { problems };
}

/** Saves an activity of one's own, new or changed, if nothing is wrong with it. */
export async function saveOwn({ request, context }: ActionArgs): Promise<{ problems: Problem[] }> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, DraftInput)]);
  if (!read.ok) return { problems: read.problems };
  const saved = await saveOwnActivity(home, read.value);
  if (!saved.ok) return { problems: saved.problems };
  throw redirect(href("/activities/:id", { id: saved.value }));
}

const PackInput = z.object({ file: z.string().min(1, "Choose a pack file first.").max(20_000_000) });

export interface PackAnswer {
  problems: Problem[];
  done?: Imported;
}

/** Brings the activities and things of a pack into the household. */
export async function actOnPack({ request, context }: ActionArgs): Promise<PackAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, PackInput)]);
  if (!read.ok) return { problems: read.problems };
  const done = await importPack(home, read.value.file);
  return done.ok ? { problems: [], done: done.value } : { problems: done.problems };
}
