import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Backup, Observation, type Row, readBackup, TABLE_NAMES, type Tables } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { runs } from "../testing/runs";
import { clashesOf, mergeBackups, mergeRows, mergeTables, whatCame } from "./merge";

/** What a device may do to a few rows: make one, change it, delete it; at some instant, by a clock of its own. */
interface Act {
  id: number;
  does: "write" | "delete";
  at: number;
  value: number;
}
interface Noted extends Row {
  value: number;
}
const stampAt = (minutes: number) => new Date(Date.UTC(2026, 4, 1) + minutes * 60_000).toISOString();
const acts = fc.array(
  fc.record({
    id: fc.integer({ min: 0, max: 5 }),
    does: fc.constantFrom("write" as const, "write" as const, "delete" as const),
    at: fc.integer({ min: 0, max: 30 }),
    value: fc.integer({ min: 0, max: 4 }),
  }),
  { maxLength: 14 },
);

/** The rows of a device after a history that began with what another had. */
function lived(start: readonly Noted[], history: readonly Act[]): Noted[] {
  const rows = new Map(start.map((row) => [row.id, row]));
  for (const { id, does, at, value } of history) {
    const key = `r${id}`;
    const known = rows.get(key);
    const updatedAt = stampAt(at);
    // A device never writes a stamp earlier than the one it knows.
    if (known && known.updatedAt > updatedAt) continue;
    if (does === "delete" && !known) continue;
    const row: Noted = { id: key, createdAt: known?.createdAt ?? updatedAt, updatedAt, value };
    rows.set(key, does === "delete" ? { ...row, deletedAt: updatedAt } : row);
  }
  return [...rows.values()];
}

describe("rows of three devices", () => {
  it("come to the same in whatever order they are put together, however often", () => {
    fc.assert(
      fc.property(acts, acts, acts, acts, (before, one, two, three) => {
        const start = lived([], before);
        const [a, b, c] = [lived(start, one), lived(start, two), lived(start, three)];
        const ab = mergeRows(a, b);
        expect(mergeRows(b, a)).toEqual(ab);
        expect(mergeRows(mergeRows(a, b), c)).toEqual(mergeRows(a, mergeRows(b, c)));
        expect(mergeRows(ab, ab)).toEqual(ab);
        expect(mergeRows(ab, a)).toEqual(ab);
        // Nothing is lost: every row of either is there, in the latest state that any of them had.
        for (const row of [...a, ...b]) {
          const stands = ab.find((other) => other.id === row.id);
          expect(stands && stands.updatedAt >= row.updatedAt).toBe(true);
        }
      }),
      { numRuns: runs(300, 5000) },
    );
  });

  it("written anew with their keys in another order are the same", () => {
    const row: Noted = { id: "r", createdAt: stampAt(0), updatedAt: stampAt(1), value: 1 };
    const other = { value: 2, updatedAt: stampAt(1), createdAt: stampAt(0), id: "r" };
    expect(mergeRows([row], [other])).toEqual(mergeRows([other], [row]));
  });
});

describe("two backups of one household", () => {
  const stamp = (minutes: number) => ({ createdAt: stampAt(0), updatedAt: stampAt(minutes) });
  const note = (id: string, minutes: number, more: object = {}) =>
    Observation.parse({
      ...stamp(minutes),
      ...{ id, child: "tove", activity: "discs-in-a-slot", rung: "discs", on: "2026-05-01" },
      ...more,
    });
  const withNotes = (...observations: Observation[]): Backup => {
    const home = fixtureHome();
    return { ...home, tables: { ...(home.tables as Tables), observations } };
  };
  const merged = (a: Backup, b: Backup) => {
    const both = mergeBackups(a, b);
    if (!both.ok) throw new Error(both.issues[0]?.message);
    return both.value;
  };

  it("are one backup that can be read, with the notes of both", () => {
    const both = merged(withNotes(note("a", 1)), withNotes(note("b", 2)));
    expect(both.tables.observations.map((row) => row.id)).toEqual(["a", "b"]);
    const read = readBackup(JSON.parse(JSON.stringify(both)), FIXTURE);
    expect(read.ok ? [] : read.issues).toEqual([]);
    const home = fixtureHome().tables as Tables;
    const same = mergeTables(home, home);
    for (const name of TABLE_NAMES) expect(same[name]).toHaveLength(home[name].length);
  });

  it("tell what came: new, changed, gone, back; and what both have changed", () => {
    const gone = { deletedAt: stampAt(9) };
    const ours = withNotes(
      note("same", 1),
      note("theirs", 1),
      note("gone", 1),
      note("back", 2, { deletedAt: stampAt(2) }),
      note("both", 5, { words: "Ours." }),
    );
    const theirs = withNotes(
      note("same", 1),
      note("theirs", 3, { words: "Later." }),
      note("gone", 9, gone),
      note("back", 4),
      note("both", 6, { words: "Theirs." }),
      note("new", 1),
      note("never", 9, gone),
    );
    const both = merged(ours, theirs);
    expect(
      whatCame(ours.tables, both.tables)
        .map((one) => `${one.after.id} ${one.what}`)
        .sort(),
    ).toEqual(["back back", "both changed", "gone gone", "new new", "theirs changed"]);
    const clashes = clashesOf(ours.tables, theirs.tables);
    const words = clashes.find((one) => one.stands.id === "both");
    expect(words).toMatchObject({
      fields: ["words"],
      stands: { words: "Theirs." },
      other: { words: "Ours." },
    });
    expect(clashes.some((one) => one.stands.id === "same")).toBe(false);
  });

  it("of different households are not put together", () => {
    const other = fixtureHome();
    const tables = other.tables as Tables;
    const strange = {
      ...other,
      tables: { ...tables, household: tables.household.map((row) => ({ ...row, id: "another" })) },
    };
    expect(mergeBackups(fixtureHome(), strange)).toMatchObject({
      ok: false,
      issues: [{ code: "other-household" }],
    });
  });
});
