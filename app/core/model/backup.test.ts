import { describe, expect, it } from "vitest";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { type Backup, readBackup, readBackupText } from "./backup";
import { DATA_VERSION } from "./migrate";
import { livingTables } from "./tables";
import { EARLIER_VERSIONS, earlierBackup } from "./testing/backups";

const changed = (change: (backup: Backup) => void): unknown => {
  const copy = fixtureHome();
  change(copy);
  return copy;
};
const STAMP = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };
const faultsOf = (input: unknown) => {
  const read = readBackup(input, FIXTURE);
  return read.ok ? [] : read.issues;
};

describe("readBackup", () => {
  it("reads the demo back from its own text, unchanged", () => {
    const demo = fixtureHome();
    const read = readBackupText(JSON.stringify(demo), FIXTURE);
    expect(read.ok && JSON.parse(JSON.stringify(read.value))).toEqual(JSON.parse(JSON.stringify(demo)));
  });

  it("refuses what is not JSON, another program's file, and a newer version, each with what to do", () => {
    const damaged = readBackupText(JSON.stringify(fixtureHome()).slice(0, 900), FIXTURE);
    expect(damaged).toMatchObject({ ok: false, issues: [{ code: "damaged-file" }] });
    expect(faultsOf({ hello: 1 })).toMatchObject([{ code: "foreign-file", path: "format" }]);
    expect(faultsOf([])).toMatchObject([{ code: "foreign-file" }]);
    expect(faultsOf({ ...fixtureHome(), version: DATA_VERSION + 1 })).toMatchObject([
      { code: "newer-version", path: "version" },
    ]);
    expect(faultsOf({ ...fixtureHome(), version: DATA_VERSION + 1 })[0]?.message).toContain("Update Orto");
  });

  it.each(EARLIER_VERSIONS)("reads a backup that the program of version %i made", (version) => {
    const read = readBackup(earlierBackup(version), FIXTURE);
    if (!read.ok) throw new Error(read.issues[0]?.message);
    const { household, places, holdings, trays } = read.value.tables;
    expect(read.value.version).toBe(DATA_VERSION);
    expect(household).toMatchObject([{ planning: { rhythm: "all-at-once" }, limits: { trays: 20 } }]);
    expect(places.filter((place) => place.kind === "bay").every((place) => place.heightCm)).toBe(true);
    expect(holdings.every((one) => one.origin)).toBe(true);
    expect(trays.length).toBe(earlierBackup(version).tables.trays?.length);
  });

  it.each([0, -1, 2.5, "4", null])("refuses the version %j, and says what versions there are", (version) => {
    expect(faultsOf({ ...fixtureHome(), version })).toMatchObject([{ code: "no-version", path: "version" }]);
  });

  it("refuses what is nested without end, and does not end by it", () => {
    const deep = `${"[".repeat(5000)}${"]".repeat(5000)}`;
    const text = JSON.stringify(fixtureHome()).replace('"settings":[]', `"settings":${deep}`);
    expect(readBackupText(text, FIXTURE)).toMatchObject({ issues: [{ code: "damaged-file" }] });
  });

  it.each(["a/b", "constructor", "Upper", "dot.ted", "with space"])("refuses the id %s", (id) => {
    const input = changed((b) => Object.assign(b.tables.settings, [{ id, value: 1, ...STAMP }]));
    expect(faultsOf(input)).toMatchObject([{ path: "tables.settings[0].id" }]);
  });

  it.each<[string, (backup: Backup) => void, string]>([
    [
      "a date that is none",
      (b) => Object.assign(b.tables.children[0] ?? {}, { birth: "2024-02-30" }),
      "tables.children[0].birth",
    ],
    [
      "a negative quantity",
      (b) => Object.assign(b.tables.holdings[3] ?? {}, { quantity: -1 }),
      "tables.holdings[3].quantity",
    ],
    [
      "an unknown word",
      (b) => Object.assign(b.tables.observations[5] ?? {}, { help: "magic" }),
      "tables.observations[5].help",
    ],
    [
      "a tray in no rotation",
      (b) => Object.assign(b.tables.trays[2] ?? {}, { rotation: "gone" }),
      "tables.trays[2].rotation",
    ],
    [
      "a note on no tray",
      (b) => Object.assign(b.tables.observations[1] ?? {}, { tray: "gone" }),
      "tables.observations[1].tray",
    ],
    [
      "a place in no home",
      (b) => Object.assign(b.tables.places[0] ?? {}, { site: "gone" }),
      "tables.places[0].site",
    ],
    [
      "an id that stands twice",
      (b) => Object.assign(b.tables, { places: [...b.tables.places, b.tables.places[0]] }),
      "tables.places[13].id",
    ],
    ["a missing table", (b) => delete (b.tables as Partial<Backup["tables"]>).wishes, "tables.wishes"],
    ["no household", (b) => Object.assign(b.tables, { household: [] }), "tables.household"],
  ])("names the place of %s", (_, change, path) => {
    expect(faultsOf(changed(change)).map((issue) => issue.path)).toContain(path);
  });

  it("refuses a thing or an activity that takes the place of a built-in one", () => {
    const conker = {
      createdAt: "2026-05-01T00:00:00.000Z",
      updatedAt: "2026-05-01T00:00:00.000Z",
      id: "conker",
      name: "conker",
      use: "reusable",
      found: "outdoors",
    };
    expect(faultsOf(changed((b) => Object.assign(b.tables, { ownMaterials: [conker] })))).toMatchObject([
      { code: "built-in-id", path: "tables.ownMaterials[0].id" },
    ]);
  });

  it.each<[string, (backup: Backup) => void, string]>([
    [
      "mouth for mouths",
      (b) => Object.assign(b.tables.children[0] ?? {}, { mouth: "yes" }),
      "tables.children[0].mouth",
    ],
    [
      "hazard for hazards",
      (b) =>
        Object.assign(b.tables, {
          ownMaterials: [
            {
              createdAt: "2026-05-01T00:00:00.000Z",
              updatedAt: "2026-05-01T00:00:00.000Z",
              id: "own",
              name: "a thing",
              use: "reusable",
              found: "toys",
              hazard: [{ kind: "sharp" }],
            },
          ],
        }),
      "tables.ownMaterials[0].hazard",
    ],
    ["a table of its own", (b) => Object.assign(b.tables, { things: [] }), "tables.things"],
  ])("drops nothing in silence: %s", (_, change, path) => {
    expect(faultsOf(changed(change))).toMatchObject([{ code: "unknown-key", path }]);
  });

  it("keeps tombstones in the file and out of the living tables", () => {
    const tables = fixtureHome().tables;
    const [first] = tables.children;
    if (first) first.deletedAt = "2026-05-01T00:00:00.000Z";
    expect(livingTables(tables).children.map((child) => child.id)).toEqual(["pim"]);
    expect(tables.children).toHaveLength(2);
  });
});
