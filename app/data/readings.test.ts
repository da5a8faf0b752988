import fc from "fast-check";
import { beforeEach, describe, expect, it } from "vitest";
import { CATALOGUE } from "../catalogue/catalogue";
import { livingTables } from "../core/model";
import { demoBackup } from "../demo";
import { restoreBackup } from "./backup";
import { database } from "./db";
import { openDemo } from "./household";
import { newestOf, readLivingTables } from "./readings";
import { addRow, changeRow, readTables, removeRow, restoreRow } from "./rows";
import { emptyBrowser } from "./testing/browserStore";

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

const byId = (rows: readonly { id: string }[]) => [...rows].sort((a, b) => (a.id < b.id ? -1 : 1));

/** What is remembered is what a reading of everything gives. */
async function isTrue() {
  const db = database();
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
    expect(await readLivingTables(database())).toBe(first);
    const ids = first.observations.slice(0, 6).map((row) => row.id);
    const change = fc.record({ what: fc.constantFrom("add", "change", "remove", "restore"), at: fc.nat(5) });
    await fc.assert(
      fc.asyncProperty(fc.array(change, { minLength: 1, maxLength: 6 }), async (changes) => {
        for (const { what, at } of changes) {
          const id = ids[at] ?? "";
          const seen = first.observations[at];
          if (what === "add" && seen) await addRow("observations", { ...seen, words: "more" });
          if (what === "change") await changeRow("observations", id, { minutes: at });
          if (what === "remove") await removeRow("observations", id);
          if (what === "restore") await restoreRow("observations", id);
        }
        await isTrue();
      }),
      { numRuns: 25 },
    );
  });

  it("are read anew after a restore, also of a file as large as what was there", async () => {
    await isTrue();
    const backup = structuredClone(demoBackup(CATALOGUE));
    for (const child of backup.tables.children) child.name = `Another ${child.name}`;
    await restoreBackup(backup);
    expect((await isTrue()).children.map((one) => one.name)).toContain("Another Tove");
  });

  it("show what another tab wrote while this one was writing many rows, ahead of the clock", async () => {
    const [note] = (await isTrue()).observations;
    if (!note) throw new Error("the demo has no notes");
    for (let i = 0; i < 40; i++) await addRow("observations", note);
    const newest = newestOf((await isTrue()).observations);
    const between = new Date(Date.parse(newest) - 30).toISOString();
    const theirs = {
      ...note,
      id: "theirs",
      words: "from the other tab",
      createdAt: between,
      updatedAt: between,
    };
    await database().rows("observations").put(theirs);
    expect((await isTrue()).observations.map((row) => row.words)).toContain("from the other tab");
  });

  it("show what is written after a backup from a device whose clock runs ahead", async () => {
    const backup = structuredClone(demoBackup(CATALOGUE));
    for (const rows of Object.values(backup.tables)) {
      for (const row of rows) row.updatedAt = "2091-01-01T00:00:00.000Z";
    }
    await restoreBackup(backup);
    const [note] = (await isTrue()).observations;
    if (!note) throw new Error("the demo has no notes");
    await changeRow("observations", note.id, { words: "written behind the clock" });
    await addRow("observations", { ...note, words: "and one more" });
    const words = (await isTrue()).observations.map((row) => row.words);
    expect(words).toContain("written behind the clock");
    expect(words).toContain("and one more");
  });
});
