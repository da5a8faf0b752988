import type { ObservationId, Photo } from "../../core/model";
import type { OrtoDb } from "./db";
import { base64Of, bytesOf, sha256Of } from "./pictureBytes";
import { newRow } from "./rows";

/** Keeps pictures, but those that are here already; gives their names in the order of the pictures. */
export async function keepPictures(db: OrtoDb, pictures: readonly Uint8Array[]): Promise<string[]> {
  const ids = await Promise.all(pictures.map(sha256Of));
  const here = new Set(await db.pictures.where("id").anyOf(ids).primaryKeys());
  const rows = pictures.map((bytes, i) => ({ id: String(ids[i]), bytes }));
  await db.pictures.bulkPut(rows.filter(({ id }) => !here.has(id)));
  return ids;
}

/** Keeps a picture of a note or of an activity, in one transaction. */
export async function insertPhoto(
  db: OrtoDb,
  { base64, ...about }: Pick<Photo, "observation" | "activity" | "mime" | "base64">,
  id?: string,
): Promise<void> {
  const bytes = bytesOf(base64);
  const sha256 = await sha256Of(bytes);
  await db.transaction("rw", [db.rows("photos"), db.pictures], async () => {
    await db.pictures.put({ id: sha256, bytes });
    await db.rows("photos").put(newRow("photos", { ...about, base64: "", sha256 }, id));
  });
}

const withBytes = (db: OrtoDb, rows: readonly Photo[]): Promise<Photo[]> =>
  Promise.all(
    rows
      .filter((one) => !one.deletedAt)
      .map(async (row) => {
        const picture = await db.pictures.get(row.sha256 ?? "");
        return picture ? { ...row, base64: base64Of(picture.bytes) } : row;
      }),
  );

/** The pictures of one note, with their bytes. */
export const photosOf = async (db: OrtoDb, observation: ObservationId): Promise<Photo[]> =>
  withBytes(db, await db.rows("photos").where("observation").equals(observation).toArray());

/** The pictures of how some activities look, with their bytes. */
export const picturesOf = async (db: OrtoDb, activities: readonly string[]): Promise<Photo[]> =>
  withBytes(db, await db.rows("photos").where("activity").anyOf(activities).toArray());

/** Ids of notes that have a picture: from the indexes alone. */
export async function notesWithPhotos(db: OrtoDb): Promise<ReadonlySet<string>> {
  const photos = db.rows("photos");
  const deleted = new Set(await photos.orderBy("deletedAt").primaryKeys());
  const ids = new Set<string>();
  await photos.orderBy("observation").eachKey((observation, { primaryKey }) => {
    if (!deleted.has(primaryKey)) ids.add(String(observation));
  });
  return ids;
}

/** The first of some photos whose picture is not kept here. */
export async function lackingPicture(db: OrtoDb, photos: readonly Photo[]): Promise<Photo | undefined> {
  const here = new Set(await db.pictures.toCollection().primaryKeys());
  return photos.find(({ sha256 }) => sha256 === undefined || !here.has(sha256));
}

/** Lets go of the pictures that no note and no safety copy speaks of: those of a file that was not taken in the end. */
export async function sweepPictures(db: OrtoDb): Promise<void> {
  await db.transaction("rw", [db.rows("photos"), db.safetyCopies, db.pictures], async () => {
    const used = new Set(
      [
        ...(await db.rows("photos").orderBy("sha256").uniqueKeys()),
        ...(await db.safetyCopies.orderBy("pictures").uniqueKeys()),
      ].map(String),
    );
    const all = await db.pictures.toCollection().primaryKeys();
    await db.pictures.bulkDelete(all.filter((id) => !used.has(id)));
  });
}
