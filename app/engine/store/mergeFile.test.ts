import { beforeEach, describe, expect, it } from "vitest";
import { type Backup, TABLE_NAMES } from "../../core/model";
import { decideClash } from "../commands/clashes";
import { openDemo } from "../commands/demo";
import { makeBackup, restoreBackup, restoreCopy } from "./backup";
import { zipBackup } from "./backupZip";
import { openClashes } from "./clashes";
import { database } from "./db";
import type { Home } from "./home";
import { mergeFile } from "./mergeFile";
import { insertPhoto, photosOf } from "./photos";
import { livingRow, readTables, softDelete, updateRow } from "./rows";
import { emptyBrowser } from "./testing/browserStore";

const db = () => database("ours");
const fileOf = (backup: object) => new Blob([JSON.stringify(backup)], { type: "application/json" });
const PICTURE = { mime: "image/png", base64: "AAAA" };

/** The same household as on another device, which went on by itself. */
async function twoDevices(): Promise<Backup> {
  await openDemo();
  const backup = await makeBackup(database("demo"));
  await restoreBackup(JSON.parse(JSON.stringify(backup)), db());
  return JSON.parse(JSON.stringify(backup));
}

const later = "2026-11-01T10:00:00.000Z";

beforeEach(emptyBrowser);

describe("a file of another device", () => {
  it("brings its notes and changes and takes none of ours; both ways, both are the same", async () => {
    const theirs = await twoDevices();
    const [first, second] = theirs.tables.observations;
    if (!first || !second) throw new Error("notes were expected");
    Object.assign(first, { words: "From there.", updatedAt: later });
    Object.assign(theirs.tables, {
      observations: [...theirs.tables.observations, { ...second, id: "from-there", updatedAt: later }],
    });
    await updateRow(db(), "observations", second.id, { words: "From here." });
    const merged = await mergeFile(fileOf(theirs), db());
    if (!merged.ok) throw new Error(merged.issues[0]?.message);
    expect(merged.value.came.map((one) => `${one.table} ${one.what}`).sort()).toEqual([
      "observations changed",
      "observations new",
    ]);
    expect(await livingRow(db(), "observations", first.id)).toMatchObject({ words: "From there." });
    expect(await livingRow(db(), "observations", second.id)).toMatchObject({ words: "From here." });
    expect(await livingRow(db(), "observations", "from-there")).toBeDefined();

    // The other device takes what is here now, and then both have the very same rows.
    const here = await readTables(db());
    const there = database("demo");
    await restoreBackup(theirs, there);
    const back = await mergeFile(fileOf(await makeBackup(db())), there);
    expect(back.ok).toBe(true);
    const other = await readTables(there);
    const byId = (rows: readonly { id: string }[]) => [...rows].sort((a, b) => (a.id < b.id ? -1 : 1));
    for (const name of TABLE_NAMES) expect(byId(other[name])).toEqual(byId(here[name]));
  });

  it("keeps what both have said of one note until it is decided: taken, left, or gone on with", async () => {
    const theirs = await twoDevices();
    const there = database("demo");
    const [one, two, three] = theirs.tables.observations.slice(0, 3).map((row) => row.id);
    const ids = [one, two, three].map(String);
    for (const id of ids) await updateRow(there, "observations", id, { words: `From there ${id}.` });
    for (const id of ids)
      await updateRow(db(), "observations", id, { words: `From here ${id}.`, minutes: 7 });
    const merged = await mergeFile(fileOf(await makeBackup(there)), db());
    if (!merged.ok) throw new Error(merged.issues[0]?.message);
    expect(merged.value).toMatchObject({ came: [], clashes: 3 });
    const home = { db: db() } as Home;
    const open = await openClashes(db());
    expect(open).toHaveLength(3);
    for (const clash of open) expect(clash.other).toEqual({ words: `From there ${clash.row}.` });
    await decideClash(home, `observations ${ids[0]}`, true);
    await decideClash(home, `observations ${ids[1]}`, false);
    await updateRow(db(), "observations", String(ids[2]), { words: "Written anew." });
    expect(await openClashes(db())).toEqual([]);
    const words = await Promise.all(
      ids.map(async (id) => (await livingRow(db(), "observations", id))?.words),
    );
    expect(words).toEqual([`From there ${ids[0]}.`, `From here ${ids[1]}.`, "Written anew."]);
    // What was asked is not answered by a page that shows an earlier state.
    expect(await decideClash(home, `observations ${ids[2]}`, true)).toMatchObject({
      issues: [{ code: "changed" }],
    });
  });

  it("lets a row that one of the two took away stay where the other went on with it, and asks", async () => {
    const theirs = await twoDevices();
    const there = database("demo");
    const id = String(theirs.tables.observations[0]?.id);
    await softDelete(there, "observations", id);
    await updateRow(db(), "observations", id, { words: "Still here." });
    expect((await mergeFile(fileOf(await makeBackup(there)), db())).ok).toBe(true);
    expect(await livingRow(db(), "observations", id)).toMatchObject({ words: "Still here." });
    await decideClash({ db: db() } as Home, `observations ${id}`, true);
    expect(await livingRow(db(), "observations", id)).toBeUndefined();
  });

  it("brings pictures by zip, and can be taken back as a whole", async () => {
    const theirs = await twoDevices();
    const other = database("demo");
    await restoreBackup(theirs, other);
    const note = theirs.tables.observations[0]?.id;
    if (!note) throw new Error("a note was expected");
    await insertPhoto(other, { observation: note, ...PICTURE }, "picture");
    const before = await readTables(db());
    const merged = await mergeFile(await zipBackup(other), db());
    if (!merged.ok) throw new Error(merged.issues[0]?.message);
    expect(await photosOf(db(), note)).toMatchObject([PICTURE]);
    expect((await restoreCopy(db(), merged.value.copy ?? "")).ok).toBe(true);
    expect((await readTables(db())).photos).toEqual(before.photos);
  });

  it("of another household, or damaged, changes nothing and says so", async () => {
    const theirs = await twoDevices();
    const before = await readTables(db());
    const [household] = theirs.tables.household;
    Object.assign(household ?? {}, { id: "another" });
    expect(await mergeFile(fileOf(theirs), db())).toMatchObject({
      ok: false,
      issues: [{ code: "other-household" }],
    });
    expect(await mergeFile(new Blob(["{"]), db())).toMatchObject({
      ok: false,
      issues: [{ code: "damaged-file" }],
    });
    expect(await readTables(db())).toEqual(before);
  });
});
