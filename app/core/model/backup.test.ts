import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { demoBackup } from "../../demo";
import { BACKUP_VERSION, type Backup, livingTables, readBackup, readBackupText } from "./backup";
import { TABLES_OF_3 } from "./migrate";

const changed = (change: (backup: Backup) => void): unknown => {
  const copy = structuredClone(demoBackup(CATALOGUE));
  change(copy);
  return copy;
};
const faultsOf = (input: unknown) => {
  const read = readBackup(input, CATALOGUE);
  return read.ok ? [] : read.problems;
};

describe("readBackup", () => {
  it("reads the demo back from its own text, unchanged", () => {
    const demo = demoBackup(CATALOGUE);
    const read = readBackupText(JSON.stringify(demo), CATALOGUE);
    expect(read.ok && JSON.parse(JSON.stringify(read.value))).toEqual(JSON.parse(JSON.stringify(demo)));
  });

  it("reads a backup of version 1: a focus on an area, trays for one child", () => {
    const demo = structuredClone(demoBackup(CATALOGUE)) as unknown as {
      version: number;
      tables: { household: Record<string, unknown>[]; trays: Record<string, unknown>[] };
    };
    demo.version = 1;
    for (const row of demo.tables.household) {
      row.focusArea = "hands";
      for (const key of ["focus", "planning", "hemisphere"]) delete row[key];
      row.mix = { anchors: 1, stretches: 1 };
    }
    for (const tray of demo.tables.trays) delete tray.also;
    const read = readBackup(demo, CATALOGUE);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    expect(read.value.version).toBe(BACKUP_VERSION);
    expect(read.value.tables.household[0]).toMatchObject({
      focus: { kind: "area", on: "hands" },
      planning: { rhythm: "all-at-once" },
      mix: { anchors: 1, stretches: 1, openEnded: 0 },
    });
    expect(read.value.tables.trays.every((tray) => tray.also.length === 0)).toBe(true);
  });

  it("reads a backup of version 2: what was kept among the settings has tables of its own", () => {
    const { tables, ...demo } = structuredClone(demoBackup(CATALOGUE)) as unknown as {
      version: number;
      tables: Record<string, Record<string, unknown>[]>;
    };
    demo.version = 2;
    for (const name of TABLES_OF_3) delete tables[name];
    for (const row of tables.holdings ?? []) delete row.origin;
    const stamp = { createdAt: "2026-05-01T08:00:00.000Z", updatedAt: "2026-05-02T08:00:00.000Z" };
    const [first, second] = (tables.trays ?? []).map((row) => String(row.id));
    tables.settings = [
      {
        ...stamp,
        id: "prep-week-12",
        value: { ticked: ["a"], back: [{ holding: "home-towel", missing: 1 }] },
      },
      { ...stamp, id: `counted-${first}`, value: [{ on: "2026-05-02", out: 12, back: 11 }] },
      { ...stamp, id: `watch-${second}`, value: { began: 5, taps: [{ tap: "self", at: 9 }] } },
      { ...stamp, id: "another", value: 1 },
    ];
    const read = readBackup({ ...demo, tables }, CATALOGUE);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const { settings, prepStates, countings, watches, worries, holdings } = read.value.tables;
    expect(settings).toMatchObject([{ id: "another", value: 1 }]);
    expect(prepStates).toMatchObject([{ ...stamp, rotation: "week-12", ticked: ["a"], kept: [] }]);
    expect(countings).toMatchObject([{ tray: first, times: [{ on: "2026-05-02", out: 12, back: 11 }] }]);
    expect(watches).toMatchObject([{ tray: second, began: 5, taps: [{ tap: "self", at: 9 }] }]);
    expect(worries).toEqual([]);
    expect(holdings.every((one) => one.origin === "owned")).toBe(true);
  });

  it("refuses what is not JSON, another program's file, and a newer version, each with what to do", () => {
    const damaged = readBackupText(JSON.stringify(demoBackup(CATALOGUE)).slice(0, 900), CATALOGUE);
    expect(damaged).toMatchObject({ ok: false, problems: [{ code: "damaged-file" }] });
    expect(faultsOf({ hello: 1 })).toMatchObject([{ code: "foreign-file", path: "format" }]);
    expect(faultsOf([])).toMatchObject([{ code: "foreign-file" }]);
    expect(faultsOf({ ...demoBackup(CATALOGUE), version: BACKUP_VERSION + 1 })).toMatchObject([
      { code: "newer-version", path: "version" },
    ]);
    expect(faultsOf({ ...demoBackup(CATALOGUE), version: BACKUP_VERSION + 1 })[0]?.message).toContain(
      "Update Orto",
    );
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
    expect(faultsOf(changed(change)).map((problem) => problem.path)).toContain(path);
  });

  it("reads a backup of version 3: boards get heights, counted from the lowest", () => {
    const demo = structuredClone(demoBackup(CATALOGUE)) as unknown as {
      version: number;
      tables: { places: Record<string, unknown>[] };
    };
    demo.version = 3;
    for (const place of demo.tables.places) {
      for (const key of ["heightCm", "reachedBy", "saidOn"]) delete place[key];
      if (place.because === "gate") place.because = "high";
    }
    const read = readBackup(demo, CATALOGUE);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const heights = read.value.tables.places.map((place) => `${place.id} ${place.heightCm ?? "-"}`);
    expect(heights).toEqual(
      expect.arrayContaining(["bay-0-0 55", "bay-1-2 30", "bay-2-0 5", "low-table -", "mat -"]),
    );
    expect(read.value.tables.places.every((place) => place.reachedBy.length === 0)).toBe(true);
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
    const tables = structuredClone(demoBackup(CATALOGUE).tables);
    const [first] = tables.children;
    if (first) first.deletedAt = "2026-05-01T00:00:00.000Z";
    expect(livingTables(tables).children.map((child) => child.id)).toEqual(["pim"]);
    expect(tables.children).toHaveLength(2);
  });
});
