import { z } from "zod";
import { activityFromDraft, type Draft, knownOf } from "../../core/content";
import {
  ActivityId,
  activityOf,
  ChildId,
  DangerId,
  fault,
  Id,
  ok,
  PackPicture,
  type Result,
  RungId,
  WishId,
} from "../../core/model";
import type { Home } from "../store/home";
import { insertPhoto } from "../store/photos";
import { insertRow, newId, softDelete, undelete, updateRow } from "../store/rows";
import { listOf, mayBeEmpty } from "./fields";
import { isAbout, type NewWish, replaceWishes } from "./wishes";

const about = { child: ChildId, activity: ActivityId };

/** About an opened activity: onto the plan, and one's own removed or put back. */
export const ActivityInput = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("put-on-plan"), ...about, rung: RungId }),
  z.object({ intent: z.literal("soon"), ...about }),
  z.object({ intent: z.literal("take-back"), wish: WishId }),
  z.object({ intent: z.literal("remove-own"), activity: ActivityId }),
  z.object({ intent: z.literal("restore-own"), activity: ActivityId }),
  z.object({
    intent: z.literal("picture"),
    ...PackPicture.pick({ activity: true, mime: true, base64: true }).shape,
  }),
  z.object({ intent: z.enum(["remove-picture", "restore-picture"]), photo: Id }),
]);
export type ActivityInput = z.infer<typeof ActivityInput>;

/** Does one change of an opened activity. */
export async function changeActivity(home: Home, input: ActivityInput): Promise<Result<null>> {
  const { db, today: on } = home;
  // A wish for the plan takes the place of what was said about the activity before.
  const wish = (fields: NewWish) => replaceWishes(db, [fields], isAbout(fields));
  switch (input.intent) {
    case "put-on-plan": {
      const { child, activity, rung } = input;
      await wish({ child, activity, rung, kind: "lock", on });
      break;
    }
    case "soon":
      await wish({ child: input.child, activity: input.activity, kind: "soon", on });
      break;
    case "take-back":
      await softDelete(db, "wishes", input.wish);
      break;
    case "remove-own":
      await softDelete(db, "ownActivities", input.activity);
      break;
    case "restore-own":
      await undelete(db, "ownActivities", input.activity);
      break;
    case "picture": {
      const { activity, mime, base64 } = input;
      if (!activityOf(home.catalogue, activity))
        return fault("no-row", "activity", "That activity is not there any more.");
      await insertPhoto(db, { activity, mime, base64 });
      break;
    }
    case "remove-picture":
      await softDelete(db, "photos", input.photo);
      break;
    case "restore-picture":
      await undelete(db, "photos", input.photo);
      break;
  }
  return ok(null);
}

/** What has to be there to say what else is wrong; all else is judged with the draft. */
const DraftFields = z.looseObject({
  name: z.string(),
  form: z.string(),
  rungs: z.array(z.looseObject({})).max(40),
});

/** An activity of one's own, as it was written. */
export const DraftInput = z.object({
  draft: DraftFields,
  /** The one that is changed; absent for a new one. */
  edit: mayBeEmpty(Id),
  /** Dangers that its words name, of which the adult says that it is something else. */
  notDangers: listOf(DangerId),
});
export type DraftInput = z.infer<typeof DraftInput>;

/** Saves an activity of one's own, new or changed, if nothing is wrong with it; gives its id. */
export async function saveOwnActivity(home: Home, input: DraftInput): Promise<Result<string>> {
  const { db, tables, catalogue, today } = home;
  const edited = tables.ownActivities.find((one) => one.id === input.edit);
  if (input.edit && !edited) return fault("no-row", "edit", "That activity is not there any more.");
  const id = edited?.id ?? ActivityId.parse(newId());
  // What else it holds is read, and its faults named, by the draft's own check.
  const made = activityFromDraft({ ...(input.draft as unknown as Draft), id }, knownOf(catalogue));
  if (!made.ok) return made;
  const { id: _, ...activity } = made.value;
  const notDangers = input.notDangers.map(
    (danger) => edited?.notDangers.find((one) => one.danger === danger) ?? { danger, on: today },
  );
  const row = { ...activity, guide: activity.guide, notDangers };
  if (edited) await updateRow(db, "ownActivities", id, row);
  else await insertRow(db, "ownActivities", row, id);
  return ok(id);
}
