import { redirect } from "react-router";
import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { activityFromDraft, type Draft, knownOf } from "../../core/content";
import type { Problem } from "../../core/model";
import { catalogueOf } from "../../core/planner";
import { readHome } from "../../data/household";
import { addRow, changeRow, newId } from "../../data/rows";

const unreadable: Problem = {
  code: "unreadable",
  path: "",
  message: "The activity could not be read. Nothing was saved; reload the page and write it again.",
};

/** What has to be there to say what else is wrong; all else is judged with the draft. */
const DraftForm = z.looseObject({ name: z.string(), form: z.string(), rungs: z.array(z.looseObject({})) });

function draftIn(text: FormDataEntryValue | null): Draft | undefined {
  try {
    const read = DraftForm.safeParse(JSON.parse(String(text)));
    return read.success ? (read.data as unknown as Draft) : undefined;
  } catch {
    return undefined;
  }
}

/** Saves an activity of one's own, new or changed, if nothing is wrong with it. */
export async function saveOwn(request: Request): Promise<{ problems: Problem[] }> {
  const data = await request.formData();
  const draft = draftIn(data.get("draft"));
  if (!draft) return { problems: [unreadable] };
  const [home, builtIn] = await Promise.all([readHome(request), loadCatalogue()]);
  if (!home) throw redirect("/start");
  const edited = home.tables.ownActivities.find((one) => one.id === data.get("edit"));
  const id = edited?.id ?? newId();
  const made = activityFromDraft({ ...draft, id }, knownOf(catalogueOf(builtIn, home.tables)));
  if (!made.ok) return { problems: made.problems };
  const { id: _, ...activity } = made.value;
  if (edited) await changeRow("ownActivities", id, { ...activity, guide: activity.guide });
  else await addRow("ownActivities", activity, id);
  throw redirect(`/activities/${id}`);
}
