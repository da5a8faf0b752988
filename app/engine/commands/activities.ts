import { z } from "zod";
import { activityFromDraft, type Draft, knownOf } from "../../core/content";
import { ActivityId, activityOf, DangerId, fault, Id, ok, PackPicture, type Result } from "../../core/model";
import type { Home } from "../store/home";
import { insertPhoto } from "../store/photos";
import { insertRow, newId, softDelete, undelete, updateRow } from "../store/rows";
import { command, done } from "./command";
import { listOf, mayBeEmpty } from "./fields";

const OneActivity = z.object({ activity: ActivityId });
const OnePhoto = z.object({ photo: Id });
const Picture = PackPicture.pick({ activity: true, mime: true, base64: true });

async function addPicture(
  { db, catalogue }: Home,
  { activity, mime, base64 }: z.infer<typeof Picture>,
): Promise<Result<null>> {
  if (!activityOf(catalogue, activity)) {
    return fault("no-row", "activity", "That activity is not there any more.");
  }
  return done(insertPhoto(db, { activity, mime, base64 }));
}

/** The fields without which a draft can't be judged at all. Its own check judges the rest. */
const DraftFields = z.looseObject({
  name: z.string(),
  form: z.string(),
  rungs: z.array(z.looseObject({})).max(40),
});

/** An activity of one's own, as it was written. */
const DraftForm = z.object({
  draft: DraftFields,
  /** The one that is changed; absent for a new one. */
  edit: mayBeEmpty(Id),
  /** Dangers that its words name, of which the adult says that it is something else. */
  notDangers: listOf(DangerId),
});

/** Saves an activity of one's own, new or changed, if nothing is wrong with it; gives its id. */
async function saveOwn(home: Home, input: z.infer<typeof DraftForm>): Promise<Result<ActivityId>> {
  const { db, tables, catalogue, today } = home;
  const edited = tables.ownActivities.find((one) => one.id === input.edit);
  if (input.edit && !edited) return fault("no-row", "edit", "That activity is not there any more.");
  const id = edited?.id ?? ActivityId.parse(newId());
  // The draft's own check reads the rest of it and names its faults.
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

/** Activities of one's own, and pictures of any. Saving one gives its id. */
export const activities = {
  saveOwn: command(DraftForm, saveOwn),
  removeOwn: command(OneActivity, ({ db }, { activity }) => done(softDelete(db, "ownActivities", activity))),
  restoreOwn: command(OneActivity, ({ db }, { activity }) => done(undelete(db, "ownActivities", activity))),
  addPicture: command(Picture, addPicture),
  removePicture: command(OnePhoto, ({ db }, { photo }) => done(softDelete(db, "photos", photo))),
  restorePicture: command(OnePhoto, ({ db }, { photo }) => done(undelete(db, "photos", photo))),
};
