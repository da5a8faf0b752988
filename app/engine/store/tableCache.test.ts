import fc from "fast-check";
import { beforeEach, describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { livingTables } from "../../core/model";
import { anId } from "../../core/testing/ids";
import { demoBackup } from "../../demo";
import { openDemo } from "../commands/demo";
import { restoreBackup } from "./backup";
import { database } from "./db";
import { insertRow, readTables, softDelete, undelete, updateRow } from "./rows";
import { newestOf, readLivingTables } from "./tableCache";
import { emptyBrowser } from "./testing/browserStore";

const db = database("demo");

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

const byId = (rows: readonly { id: string }[]) => [...rows].sort((a, b) => (a.id < b.id ? -1 : 1));

/** What is remembered is what a reading of everything gives. */
async function isTrue() {
  const whole = livingTables(await readTables(db));
  const read = await readLivingTables(db);
  for (const name of ["trays", "observations", "holdings", "children"] as const) {
    expect(byId(read[name])).toEqual(byId(whole[name]));
  }
  return read;
}

describe("tables that are remembered", () => {
  it("come back the same while nothing changes, and are right after any changes", async () => {
    const first = await isTrue();
    expect(await readLivingTables(db)).toBe(first);
    const ids = first.observations.slice(0, 6).map((row) => row.id);
    const change = fc.record({ what: fc.constantFrom("add", "change", "remove", "restore"), at: fc.nat(5) });
    await fc.assert(
      fc.asyncProperty(fc.array(change, { minLength: 1, maxLength: 6 }), async (changes) => {
        for (const { what, at } of changes) {
          const id = ids[at] ?? "";
          const seen = first.observations[at];
          if (what === "add" && seen) await insertRow(db, "observations", { ...seen, words: "more" });
          if (what === "change") await updateRow(db, "observations", id, { minutes: at });
          if (what === "remove") await softDelete(db, "observations", id);
          if (what === "restore") await undelete(db, "observations", id);
        }
        await isTrue();
      }),
      { numRuns: 25 },
    );
  });

  it("keep every row that was not written, also those stamped in the same moment", async () => {
    const { observations } = await isTrue();
    const [first, ...others] = observations;
    await updateRow(db, "observations", first?.id ?? "", { words: "2026-05-02" });
    for (const one of others) await updateRow(db, "observations", one.id, { words: "2026-05-03" });
    const before = await isTrue();
    await updateRow(db, "observations", first?.id ?? "", { words: "2026-05-04" });
    const after = await isTrue();
    const kept = after.observations.filter((row) => before.observations.includes(row));
    expect(kept.map((row) => row.id).sort()).toEqual(others.map((row) => row.id).sort());
  });

  it.each([1999, 2000, 2001, 4000])(
    "are all there where years of notes come piece by piece: %i",
    async (count) => {
      const [first] = await db.rows("observations").toArray();
      if (!first) throw new Error("the demo has no note");
      await db.rows("observations").clear();
      await db
        .rows("observations")
        .bulkPut(Array.from({ length: count }, (_, i) => ({ ...first, id: anId(`n${i}`) })));
      expect((await isTrue()).observations).toHaveLength(count);
    },
  );

  it("are read anew after a restore, also of a file as large as what was there", async () => {
    await isTrue();
    const backup = structuredClone(demoBackup(CATALOGUE));
    for (const child of backup.tables.children) child.name = `Another ${child.name}`;
    await restoreBackup(backup, db);
    expect((await isTrue()).children.map((one) => one.name)).toContain("Another Tove");
  });

  it("show what another tab wrote while this one was writing many rows, ahead of the clock", async () => {
    const [note] = (await isTrue()).observations;
    if (!note) throw new Error("the demo has no notes");
    for (let i = 0; i < 40; i++) await insertRow(db, "observations", note);
    const newest = newestOf((await isTrue()).observations);
    const between = new Date(Date.parse(newest) - 30).toISOString();
    const theirs = {
      ...note,
      id: anId("theirs"),
      words: "from the other tab",
      createdAt: between,
      updatedAt: between,
    };
    await db.rows("observations").put(theirs);
    expect((await isTrue()).observations.map((row) => row.words)).toContain("from the other tab");
  });

  it("show what is written after a backup from a device whose clock runs ahead", async () => {
    const backup = structuredClone(demoBackup(CATALOGUE));
    for (const rows of Object.values(backup.tables)) {
      for (const row of rows) row.updatedAt = "2091-01-01T00:00:00.000Z";
    }
    await restoreBackup(backup, db);
    const [note] = (await isTrue()).observations;
    if (!note) throw new Error("the demo has no notes");
    await updateRow(db, "observations", note.id, { words: "written behind the clock" });
    await insertRow(db, "observations", { ...note, words: "and one more" });
    const words = (await isTrue()).observations.map((row) => row.words);
    expect(words).toContain("written behind the clock");
    expect(words).toContain("and one more");
  });

  it("show what is written beside a row that is stamped in a year that never was", async () => {
    const [note] = (await isTrue()).observations;
    if (!note) throw new Error("the demo has no notes");
    const late = "9999-12-31T23:59:59.999Z";
    await db.rows("observations").put({ ...note, id: anId("late"), createdAt: late, updatedAt: late });
    await isTrue();
    const added = await insertRow(db, "observations", { ...note, words: "written after it" });
    expect(added.updatedAt < "2100").toBe(true);
    expect((await isTrue()).observations.map((row) => row.words)).toContain("written after it");
    await updateRow(db, "observations", "late", { words: "mended" });
    expect((await isTrue()).observations.find((row) => row.id === "late")?.words).toBe("mended");
  });
});
