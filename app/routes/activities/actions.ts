import { href, redirect } from "react-router";
import type { Issue } from "../../core/model";
import { ActivityInput, changeActivity, DraftInput, saveOwnActivity } from "../../engine/commands/activities";
import {
  changeOwnRow,
  lookAtPack,
  PackInput,
  type PackView,
  type Taken,
  takeBackPack,
  takePack,
} from "../../engine/commands/packs";
import type { Which } from "../../engine/store/device";
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

export interface PackAnswer {
  issues: Issue[];
  /** What a file would bring: nothing has happened yet. */
  view?: PackView;
  taken?: Taken;
  /** Nothing was written, so nothing has to be read anew. */
  isOnlyLook?: true;
  isTakenBack?: boolean;
  /** A row of our own that was removed, to be put back. */
  removed?: { table: string; row: string };
}

/** Looks at a pack, brings what is in it into the household, or takes it back. */
export async function actOnPack({ request, context }: ActionArgs): Promise<PackAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, PackInput)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  switch (input.intent) {
    case "look": {
      const seen = await lookAtPack(home, input);
      return seen.ok ? { issues: [], view: seen.value, isOnlyLook: true } : { issues: seen.issues };
    }
    case "take": {
      const taken = await takePack(home, input);
      return taken.ok ? { issues: [], taken: taken.value } : { issues: taken.issues };
    }
    case "take-back": {
      const issues = issuesIn(await takeBackPack(home, input));
      return { issues, isTakenBack: issues.length === 0 };
    }
    case "remove-row":
    case "restore-row": {
      const issues = issuesIn(await changeOwnRow(home, input));
      const { intent, table, row } = input;
      return {
        issues,
        ...(intent === "remove-row" && issues.length === 0 ? { removed: { table, row } } : {}),
      };
    }
  }
}
