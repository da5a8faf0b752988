import { describe, expect, it } from "vitest";
import { type Backup, Observation, readBackup, TABLE_NAMES, type Tables } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { clashesOf } from "./clashes";
import { mergeBackups, mergeTables, whatCame } from "./merge";
import { stamped } from "./registers";

const stampAt = (minutes: number) => new Date(Date.UTC(2026, 4, 1) + minutes * 60_000).toISOString();

describe("two backups of one household", () => {
  const note = (id: string, minutes: number, more: Partial<Observation> = {}) => {
    const made = Observation.parse({
      ...{ id, createdAt: stampAt(0), updatedAt: stampAt(0) },
      ...{ child: "tove", activity: "discs-in-a-slot", rung: "discs", on: "2026-05-01" },
    });
    return stamped("observations", made, { ...made, ...more }, stampAt(minutes));
  };
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
      note("back", 4, { words: "Later." }),
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
    expect(clashes.map((one) => one.row)).toEqual(["back", "both"]);
    expect(clashes[1]).toMatchObject({ stands: { words: "Theirs." }, other: { words: "Ours." } });
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
