import type { Photo } from "../core/model";
import { database } from "./db";

/** The pictures of one note. They are kept apart from what the screens read, since they are large. */
export const photosOf = async (observation: string): Promise<Photo[]> =>
  (await database().rows("photos").where("observation").equals(observation).toArray()).filter(
    (one) => !one.deletedAt,
  );

/** Ids of notes that have a picture. */
export async function notesWithPhotos(): Promise<ReadonlySet<string>> {
  const ids = new Set<string>();
  await database()
    .rows("photos")
    .each((one) => {
      if (!one.deletedAt) ids.add(one.observation);
    });
  return ids;
}
