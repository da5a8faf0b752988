import type { Photo } from "../../core/model";
import type { JournalEntry } from "../../core/report/journal";
import type { Home } from "../store/home";
import { photosOf } from "../store/photos";

/** So many notes with a picture stand on a page: each picture is large, and read one by one. */
export const PICTURES_A_PAGE = 12;

/** A note with its pictures. */
export interface Pictured {
  entry: JournalEntry;
  photos: readonly Photo[];
}

/** One page of the notes that have a picture, newest first, and how many pages there are; odd pages count as the nearest. */
export async function picturesPage(
  db: Home["db"],
  entries: readonly JournalEntry[],
  withPhotos: ReadonlySet<string>,
  asked: number,
): Promise<{ pictured: Pictured[]; page: number; pages: number }> {
  const all = entries.filter((one) => withPhotos.has(one.note.id));
  const pages = Math.max(1, Math.ceil(all.length / PICTURES_A_PAGE));
  const page = Number.isInteger(asked) ? Math.min(Math.max(1, asked), pages) : 1;
  const here = all.slice((page - 1) * PICTURES_A_PAGE, page * PICTURES_A_PAGE);
  const pictured = await Promise.all(
    here.map(async (entry) => ({ entry, photos: await photosOf(db, entry.note.id) })),
  );
  return { pictured, page, pages };
}
