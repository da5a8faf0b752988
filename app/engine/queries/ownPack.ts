import { packOf } from "../../core/content";
import { PackPicture } from "../../core/model";
import { picturesOf } from "../store/photos";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** Our own activities, things, skills and themes as the text of a pack for somebody else, with their pictures. */
export const ownPack = query(NoParameters, async ({ db, tables }) => {
  const { ownActivities } = tables;
  const pictures = await picturesOf(
    db,
    ownActivities.map(({ id }) => id),
  );
  // One whose bytes are not here, or of another kind than a pack can have, stays behind.
  const whole = pictures.flatMap((one) => PackPicture.safeParse(one).data ?? []);
  return JSON.stringify(packOf(ownActivities, tables, whole), null, 1);
});
