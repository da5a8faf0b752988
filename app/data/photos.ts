import type { Photo } from "../core/model";
import type { OrtoDb } from "./db";

/** The pictures of one note. They are kept apart from what the screens read, since they are large. */
export const photosOf = async (db: OrtoDb, observation: string): Promise<Photo[]> =>
  (await db.rows("photos").where("observation").equals(observation).toArray()).filter(
    (one) => !one.deletedAt,
  );

/** Ids of notes that have a picture: from the indexes alone, without reading a picture. */
export async function notesWithPhotos(db: OrtoDb): Promise<ReadonlySet<string>> {
  const photos = db.rows("photos");
  const deleted = new Set(await photos.orderBy("deletedAt").primaryKeys());
  const ids = new Set<string>();
  await photos.orderBy("observation").eachKey((observation, { primaryKey }) => {
    if (!deleted.has(primaryKey)) ids.add(String(observation));
  });
  return ids;
}
