import { redirect } from "react-router";
import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { activityFromDraft, type Draft, knownOf } from "../../core/content";
import { catalogueOf } from "../../core/household";
import { Id, type Problem } from "../../core/model";

import { jsonList } from "../../data/forms";
import { readHome } from "../../data/household";
import { addRow, changeRow, newId } from "../../data/rows";

/** Dangers that its words name, of which the adult says that it is something else. */
const NotDangers = jsonList(Id);

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
  const said = NotDangers.safeParse(data.get("notDangers"));
  if (!said.success) return { problems: [unreadable] };
  const made = activityFromDraft({ ...draft, id }, knownOf(catalogueOf(builtIn, home.tables)));
  if (!made.ok) return { problems: made.problems };
  const { id: _, ...activity } = made.value;
  const notDangers = said.data.map(
    (danger) => edited?.notDangers.find((one) => one.danger === danger) ?? { danger, on: home.today },
  );
  if (edited) await changeRow("ownActivities", id, { ...activity, guide: activity.guide, notDangers });
  else await addRow("ownActivities", { ...activity, notDangers }, id);
  throw redirect(`/activities/${id}`);
}
