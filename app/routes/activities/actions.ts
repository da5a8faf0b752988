import { redirect } from "react-router";
import { z } from "zod";
import { Id, type Problem, problemsOf, type Wish } from "../../core/model";
import { readHome } from "../../data/household";
import { addRow, removeRow, restoreRow } from "../../data/rows";

const about = { child: Id, activity: Id };
const ActivityForm = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("put-on-plan"), ...about, rung: Id }),
  z.object({ intent: z.literal("soon"), ...about }),
  z.object({ intent: z.literal("take-back"), wish: Id }),
  z.object({ intent: z.literal("remove-own"), activity: Id }),
  z.object({ intent: z.literal("restore-own"), activity: Id }),
]);

/** A wish for the plan takes the place of what was said about the activity before. */
async function wishFor(
  before: readonly Wish[],
  wish: Pick<Wish, "child" | "activity" | "rung" | "kind" | "on">,
) {
  for (const old of before.filter((one) => one.child === wish.child && one.activity === wish.activity)) {
    await removeRow("wishes", old.id);
  }
  await addRow("wishes", wish);
}

/** Does one change of an opened activity. */
export async function changeActivity(request: Request): Promise<{ problems: Problem[] }> {
  const parsed = ActivityForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const form = parsed.data;
  const { wishes } = home.tables;
  switch (form.intent) {
    case "put-on-plan":
      await wishFor(wishes, {
        child: form.child,
        activity: form.activity,
        rung: form.rung,
        kind: "lock",
        on: home.today,
      });
      break;
    case "soon":
      await wishFor(wishes, { child: form.child, activity: form.activity, kind: "soon", on: home.today });
      break;
    case "take-back":
      await removeRow("wishes", form.wish);
      break;
    case "remove-own":
      await removeRow("ownActivities", form.activity);
      throw redirect(`/activities?removed=${form.activity}`);
    case "restore-own":
      await restoreRow("ownActivities", form.activity);
      throw redirect(`/activities/${form.activity}`);
  }
  return { problems: [] };
}
