import { beforeEach, describe, expect, it } from "vitest";
import { present } from "../../core/collections";
import type { Watched } from "../../core/model";
import { runs } from "../../core/testing/runs";
import { openDemo } from "../commands/demo";
import { keptCopies, makeBackup, restoreCopy, restoreFile } from "./backup";
import { isZip, zipBackup } from "./backupZip";
import { database, type OrtoDb } from "./db";
import { insertPhoto, photosOf } from "./photos";
import { base64Of, bytesOf } from "./pictureBytes";
import { readTables, updateRow } from "./rows";
import { emptyBrowser } from "./testing/browserStore";
import { windowsOf } from "./windows";

const db = () => database("demo");

/** Some bytes that no packing makes smaller. */
const noise = (length: number, seed: number) =>
  Uint8Array.from({ length }, (_, i) => (Math.imul(i + seed, 2654435761) >>> 13) & 255);

async function addPictures(count: number, bytes = 900) {
  const [note] = (await readTables(db())).observations;
  if (!note) throw new Error("The demo has no note.");
  for (let i = 0; i < count; i++)
    await insertPhoto(db(), {
      observation: note.id,
      mime: "image/jpeg",
      base64: base64Of(noise(bytes, i)),
    });
}

/** As the worker restores into our own household. */
const restoreFrom = (file: Blob, watched: Watched = {}) => restoreFile(file, database("ours"), watched);

const picturesIn = (of: OrtoDb) => of.pictures.toArray();

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("a backup with pictures", () => {
  it("brings everything back as it was, on a device that has nothing, and leaves the demo alone", async () => {
    await addPictures(3);
    const saved = await readTables(db());
    const file = await zipBackup(db());
    expect(await isZip(file)).toBe(true);
    await updateRow(db(), "children", "tove", { name: "Somebody" });
    expect((await restoreFrom(file)).ok).toBe(true);
    expect(await readTables(database("ours"))).toEqual(saved);
    expect((await db().rows("children").get("tove"))?.name).toBe("Somebody");
    expect(await picturesIn(database("ours"))).toEqual(await picturesIn(db()));
  });

  it("is refused where any byte of it has turned, or means the very same", async () => {
    await addPictures(2, 300);
    const saved = await readTables(db());
    const bytes = new Uint8Array(await (await zipBackup(db())).arrayBuffer());
    let refused = 0;
    const tries = runs(12, 200);
    for (let i = 0; i < tries; i++) {
      const at = Math.floor((i / tries) * bytes.length);
      const turned = bytes.slice();
      turned[at] = (turned[at] ?? 0) ^ (1 << (i % 8));
      const read = await restoreFile(new Blob([turned]), db());
      if (!read.ok) refused++;
      // What a zip says about times and systems is no part of what was saved.
      expect(await readTables(db()), `byte ${at}`).toEqual(saved);
    }
    expect(refused).toBeGreaterThan(tries * 0.9);
  });

  it("changes nothing where it was cut off, or is something else", async () => {
    await addPictures(1);
    const file = await zipBackup(db());
    const before = await readTables(db());
    for (const given of [
      file.slice(0, Math.floor(file.size / 2)),
      new Blob(["PK\u0003\u0004 and no more"]),
      new Blob(["{"]),
    ])
      expect(await restoreFile(given, db())).toMatchObject({ ok: false, issues: [{ code: "damaged-file" }] });
    expect(await readTables(db())).toEqual(before);
    expect(await keptCopies(db())).toEqual([]);
  });

  it("tells how far it is, and ends with nothing changed where it is told to", async () => {
    await addPictures(90);
    const steps: number[] = [];
    const file = await zipBackup(db(), { onProgress: (done) => steps.push(done) });
    expect(steps).toEqual([0, 40, 80]);
    const before = await readTables(db());
    const control = new AbortController();
    const ended = restoreFrom(file, {
      signal: control.signal,
      onProgress: (done) => done === 40 && control.abort(),
    });
    await expect(ended).rejects.toThrow();
    expect(await database("ours").rows("observations").count()).toBe(0);
    expect(await readTables(db())).toEqual(before);
    expect(await picturesIn(database("ours"))).toEqual([]);
  });

  it("keeps the last five copies that differ, and says what they hold", async () => {
    const file = await zipBackup(db());
    for (let i = 0; i < 7; i++) {
      await updateRow(db(), "children", "tove", { name: `Name ${i}` });
      await restoreFile(file, db());
      // Restored twice, the same state is there to be kept: one copy of it is enough.
      await restoreFile(file, db());
    }
    const copies = await keptCopies(db());
    expect(copies.length).toBe(5);
    expect(copies[0]?.holds?.notes).toBe((await readTables(db())).observations.length);
  });
});

it("is read from one text with its pictures in it, as earlier ones were; a picture that is not there is a fault", async () => {
  await addPictures(2);
  const [note] = (await readTables(db())).observations;
  const photos = await photosOf(db(), present(note, "note with a picture").id);
  const whole = { ...(await makeBackup(db())) };
  const asText = (of: readonly object[]) =>
    new Blob([JSON.stringify({ ...whole, tables: { ...whole.tables, photos: of } })]);
  const earlier = photos.map(({ sha256: _, ...one }) => one);
  expect((await restoreFrom(asText(earlier))).ok).toBe(true);
  expect(await photosOf(database("ours"), present(note, "note with a picture").id)).toEqual(photos);
  const none = asText(photos.map((one, i) => ({ ...one, base64: "", sha256: String(i).repeat(64) })));
  expect(await restoreFrom(none)).toMatchObject({ ok: false, issues: [{ code: "no-picture" }] });
  expect(await photosOf(database("ours"), present(note, "note with a picture").id)).toEqual(photos);
});

it("keeps a picture once for notes and safety copies, and lets go of it with the last of them", async () => {
  const file = await zipBackup(db());
  await addPictures(3);
  for (const name of ["a", "b"]) {
    await updateRow(db(), "children", "tove", { name });
    await restoreFile(file, db());
  }
  expect((await readTables(db())).photos).toEqual([]);
  expect(await db().pictures.count()).toBe(3);
  const [withPictures] = (await keptCopies(db())).filter((one) => one.holds?.pictures === 3);
  expect((await restoreCopy(db(), withPictures?.id ?? "")).ok).toBe(true);
  expect((await readTables(db())).photos).toHaveLength(3);
  await restoreFile(file, db());
  for (let i = 0; i < 6; i++) {
    await updateRow(db(), "children", "tove", { name: `Name ${i}` });
    await restoreFile(file, db());
  }
  expect(await db().pictures.count()).toBe(0);
  expect(await db().safetyRows.count()).toBe(5);
});

it("reads a file in windows as it is, whatever part of it is asked for", async () => {
  const bytes = noise(20_000_000, 3);
  const read = windowsOf(new Blob([bytes]));
  const ends = [0, 7_999_999, 8_000_000, 8_000_001, 16_000_000, 19_999_999, 20_000_000];
  await Promise.all(
    ends.flatMap((from) =>
      [0, 1, 30, 8_500_000].map(async (length) => {
        const part = await read(from, length);
        expect(Buffer.compare(part, bytes.subarray(from, from + length))).toBe(0);
      }),
    ),
  );
});

it("turns pictures into bytes and back", () => {
  const bytes = noise(100_000, 7);
  expect(bytesOf(base64Of(bytes))).toEqual(bytes);
});

it("leaves the pictures out of the one text where they are not wanted", async () => {
  await addPictures(2);
  expect((await makeBackup(db())).tables.photos).toEqual([]);
});
