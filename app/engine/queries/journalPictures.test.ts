import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../commands/demo";
import { database } from "../store/db";
import { insertPhoto, notesWithPhotos } from "../store/photos";
import { livingRows, softDelete } from "../store/rows";
import { emptyBrowser } from "../store/testing/browserStore";
import { PICTURES_A_PAGE, picturesPage } from "./journalPictures";

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("the pictures of the journal", () => {
  it("come a page at a time, newest first, with their notes; deleted ones not", async () => {
    const db = database("demo");
    const notes = (await livingRows(db, "observations")).sort((a, b) => (a.on < b.on ? 1 : -1)).slice(0, 15);
    for (const note of notes)
      await insertPhoto(db, { observation: note.id, mime: "image/jpeg", base64: "AAAA" });
    const [gone] = await livingRows(db, "photos");
    if (gone) await softDelete(db, "photos", gone.id);
    const entries = notes.map((note) => ({ note }));
    const page = async (asked: number) => picturesPage(db, entries, await notesWithPhotos(db), asked);
    const first = await page(1);
    expect(first).toMatchObject({ page: 1, pages: 2 });
    expect(first.pictured).toHaveLength(PICTURES_A_PAGE);
    expect(first.pictured.every((one) => one.photos.length === 1)).toBe(true);
    const all = [...first.pictured, ...(await page(2)).pictured].map((one) => one.entry.note.id);
    expect(all).toEqual(notes.map((one) => one.id).filter((id) => id !== gone?.observation));
    expect((await page(99)).page).toBe(2);
    expect((await page(Number.NaN)).page).toBe(1);
    expect(await picturesPage(db, [], new Set(), 1)).toEqual({ pictured: [], page: 1, pages: 1 });
  });
});
