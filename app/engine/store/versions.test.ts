import Dexie from "dexie";
import { describe, expect, it, vi } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { DATA_VERSION, readBackup, TABLE_NAMES } from "../../core/model";
import { EARLIER_VERSIONS, earlierBackup } from "../../core/model/testing/backups";
import { anId } from "../../core/testing/ids";
import { OrtoDb } from "./db";
import { photosOf } from "./photos";
import { readTables } from "./rows";
import { setAsideRows } from "./setAside";

/** The stores as each number of the database added or changed them; null where a store went. */
const STORES_FROM: Readonly<Record<number, Readonly<Record<string, string | null>>>> = {
  1: {
    ...Object.fromEntries(
      [
        ...["household", "children", "places", "ownMaterials", "ownActivities", "wishes", "rotations"],
        ...["skillNotes", "decisions", "inserts", "settings", "photos"],
      ].map((table) => [table, "id, updatedAt"]),
    ),
    trays: "id, updatedAt, rotation",
    observations: "id, updatedAt, on, tray, child",
    holdings: "id, updatedAt, site",
    safetyCopies: "id",
  },
  3: {
    prepStates: "id, updatedAt",
    countings: "id, updatedAt",
    watches: "id, updatedAt",
    cautionsRead: "id, updatedAt",
    worries: "id, updatedAt",
    nextTimes: "id, updatedAt",
    photos: "id, updatedAt, observation",
  },
  5: { photos: "id, updatedAt, observation, deletedAt", safetyCopies: "id, savedAt", setAside: "id" },
  6: { incoming: "id" },
  7: { moments: "id, updatedAt" },
  8: { anecdotes: "id, updatedAt", sittings: "id, updatedAt", pieceLists: "id, updatedAt" },
  9: { madeSheets: "id, updatedAt" },
  10: {
    photos: "id, updatedAt, observation, deletedAt, sha256",
    safetyCopies: "id, savedAt, *pictures",
    safetyRows: "id",
    pictures: "id",
    incoming: null,
  },
  11: { clashes: "id" },
  12: {
    ownSkills: "id, updatedAt",
    ownThemes: "id, updatedAt",
    photos: "id, updatedAt, observation, activity, deletedAt, sha256",
  },
};

/** The stores that a database of a number had. */
function storesAt(number: number): Record<string, string> {
  const all = Object.entries(STORES_FROM)
    .filter(([since]) => Number(since) <= number)
    .flatMap(([, stores]) => Object.entries(stores));
  return Object.fromEntries(
    [...new Map(all)].filter((one): one is [string, string] => typeof one[1] === "string"),
  );
}

/** A database as an earlier version left it. */
async function storeOf(number: number, tables: Record<string, readonly object[]>): Promise<string> {
  const name = `orto-of-number-${number}-${Math.random()}`;
  const old = new Dexie(name);
  old.version(number).stores(storesAt(number));
  await old.open();
  for (const [table, rows] of Object.entries(tables))
    if (rows.length > 0 || old.tables.some((one) => one.name === table))
      await old.table(table).bulkAdd([...rows]);
  old.close();
  return name;
}

/** The number of the database that backups of a version were made from: some numbers changed nothing that is in a backup. */
const databaseOf = (version: number): number => ({ 6: 7, 7: 8, 8: 9, 9: 12, 10: 12 })[version] ?? version;

/** The stores of a database as the browser has them, each with its indexes. */
const schemaOf = (db: OrtoDb): Record<string, string[]> =>
  Object.fromEntries(
    [...db.backendDB().objectStoreNames].map((store) => [
      store,
      [...db.backendDB().transaction(store).objectStore(store).indexNames],
    ]),
  );

const byId = (rows: readonly { id: string }[]) => [...rows].sort((a, b) => (a.id < b.id ? -1 : 1));

describe("a database of an earlier version", () => {
  it.each(EARLIER_VERSIONS)(
    "of version %i opens with all that was in it, as its backup is read",
    async (version) => {
      const backup = earlierBackup(version);
      const db = new OrtoDb(await storeOf(databaseOf(version), backup.tables));
      const tables = await readTables(db);
      const read = readBackup(backup, CATALOGUE);
      if (!read.ok) throw new Error(read.issues[0]?.message);
      for (const table of TABLE_NAMES) {
        expect(JSON.parse(JSON.stringify(byId(tables[table])))).toEqual(
          JSON.parse(JSON.stringify(byId(read.value.tables[table]))),
        );
      }
      expect(await db.setAside.count()).toBe(0);
      db.close();
    },
  );

  it.each(Array.from({ length: 12 }, (_, i) => i + 1))(
    "of number %i has the stores and indexes of a new one, and the number of today's data",
    async (number) => {
      const fresh = new OrtoDb(`orto-new-${Math.random()}`);
      const db = new OrtoDb(await storeOf(number, {}));
      await Promise.all([fresh.open(), db.open()]);
      expect(schemaOf(db)).toEqual(schemaOf(fresh));
      expect([db.verno, fresh.verno]).toEqual([DATA_VERSION, DATA_VERSION]);
      fresh.close();
      db.close();
    },
  );

  it("of number 11 keeps its pictures, its safety copies, and its questions of two devices", async () => {
    const { tables } = earlierBackup(8);
    const rows = { id: "copy", backup: { savedAt: "2026-05-01" } };
    const kept = {
      pictures: [{ id: "ab", bytes: new Uint8Array([1, 2]) }],
      safetyCopies: [{ id: "copy", savedAt: "2026-05-01T18:00:00.000Z", pictures: ["ab"] }],
      safetyRows: [rows],
      clashes: [{ id: "clash", at: "2026-05-01T18:00:00.000Z" }],
    };
    const db = new OrtoDb(await storeOf(11, { ...tables, ...kept }));
    for (const [store, all] of Object.entries(kept)) expect(await db.table(store).toArray()).toEqual(all);
    expect(await db.rows("observations").count()).toBe(tables.observations?.length);
    expect(await db.setAside.count()).toBe(0);
    db.close();
  });

  it("is left as it is where its upgrade can't be ended", async () => {
    const { tables } = earlierBackup(9);
    const name = await storeOf(12, tables);
    const db = new OrtoDb(name);
    const put = vi.spyOn(db.Table.prototype, "bulkPut").mockRejectedValue(new Error("no room"));
    await expect(db.open()).rejects.toThrow("no room");
    put.mockRestore();
    db.close();
    const again = await new Dexie(name).open();
    expect(again.verno).toBe(12);
    expect(await again.table("trays").toArray()).toEqual(byId(tables.trays ?? []));
    again.close();
  });

  it("of version 1 has its focus on an area, and trays for one child", async () => {
    const { tables } = earlierBackup(1);
    const [household] = tables.household ?? [];
    Object.assign(household ?? {}, { focusArea: "words" });
    const db = new OrtoDb(await storeOf(1, tables));
    expect(await db.rows("household").toArray()).toMatchObject([
      {
        focuses: [{ kind: "area", on: "words", weight: "little" }],
        planning: { rhythm: "all-at-once" },
        limits: { trays: 20 },
      },
    ]);
    expect((await db.rows("trays").toArray()).every((tray) => tray.also.length === 0)).toBe(true);
    db.close();
  });

  it.each([2, 3, 4, 5, 7])("of number %i keeps its focus as the first of several", async (number) => {
    const { tables } = earlierBackup(number === 7 ? 6 : number);
    const [household] = tables.household ?? [];
    Object.assign(household ?? {}, { focus: { kind: "theme", on: "snails" } });
    const db = new OrtoDb(await storeOf(number, tables));
    expect(await db.rows("household").toArray()).toMatchObject([
      { focuses: [{ kind: "theme", on: "snails", weight: "little" }] },
    ]);
    expect(await db.setAside.count()).toBe(0);
    db.close();
  });

  it("of version 2 moves what was kept among the settings to tables of their own", async () => {
    const { tables } = earlierBackup(2);
    const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
    const [first, second] = (tables.trays ?? []).map((row) => row.id);
    const settings = [
      { ...stamp, id: anId(`counted-${first}`), value: [{ on: "2026-01-02", out: 6 }] },
      { ...stamp, id: anId(`watch-${second}`), value: { began: 1, taps: [] } },
    ];
    const db = new OrtoDb(await storeOf(2, { ...tables, settings }));
    expect(await db.rows("settings").toArray()).toEqual([]);
    expect(await db.rows("countings").toArray()).toMatchObject([{ tray: first, times: [{ out: 6 }] }]);
    expect(await db.rows("watches").toArray()).toMatchObject([{ tray: second, began: 1 }]);
    db.close();
  });

  it("of version 3 gives boards their heights, counted from the lowest", async () => {
    const db = new OrtoDb(await storeOf(3, earlierBackup(3).tables));
    const places = await db.rows("places").toArray();
    const heightOf = (id: string) => places.find((place) => place.id === id)?.heightCm;
    expect([heightOf("bay-0-0"), heightOf("bay-1-2"), heightOf("bay-2-0"), heightOf("mat")]).toEqual([
      55,
      30,
      5,
      undefined,
    ]);
    db.close();
  });

  it("of version 4 has ids of one grammar", async () => {
    const { tables } = earlierBackup(4);
    const [tray] = tables.trays ?? [];
    const activity = structuredClone(CATALOGUE.activities[0]);
    const own = { ...activity, ...(tables.children?.[0] as object), id: "Our.Lids", name: "Our lids" };
    const { createdAt, updatedAt } = own as unknown as Record<string, string>;
    Object.assign(tray ?? {}, { activity: "Our.Lids", rung: activity?.rungs[0]?.id });
    const db = new OrtoDb(
      await storeOf(4, {
        ...tables,
        ownActivities: [{ ...activity, createdAt, updatedAt, id: "Our.Lids", name: "Our lids" }],
      }),
    );
    expect((await db.rows("ownActivities").toArray()).map((row) => row.id)).toEqual(["our-lids"]);
    expect(await db.rows("trays").get(tray?.id ?? "")).toMatchObject({ activity: "our-lids" });
    db.close();
  });
});

describe("a database with rows out of their bounds", () => {
  it("of version 9 has its pictures as bytes, by their SHA-256; one that is none is set aside", async () => {
    const { tables } = earlierBackup(7);
    const stamp = { createdAt: "2026-05-01T18:00:00.000Z", updatedAt: "2026-05-01T18:00:00.000Z" };
    const about = { ...stamp, observation: String(tables.observations?.[0]?.id), mime: "image/png" };
    const photos = [
      { ...about, id: anId("a"), base64: "YWJj" },
      { ...about, id: anId("b"), base64: "YWJj", deletedAt: stamp.updatedAt },
      { ...about, id: anId("c"), base64: "no picture!" },
    ];
    const db = new OrtoDb(await storeOf(9, { ...tables, photos }));
    // The digest of "abc" as the standard (FIPS 180) gives it.
    const sha256 = "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad";
    expect(await db.rows("photos").toArray()).toMatchObject([
      { id: "a", base64: "", sha256 },
      { id: "b", base64: "", sha256, deletedAt: stamp.updatedAt },
    ]);
    expect(await db.pictures.toArray()).toEqual([{ id: sha256, bytes: new TextEncoder().encode("abc") }]);
    expect(await photosOf(db, anId(about.observation))).toMatchObject([{ id: "a", base64: "YWJj" }]);
    expect(await setAsideRows(db)).toMatchObject([{ table: "photos", mended: false, row: { id: "c" } }]);
    db.close();
  });

  it("opens: what can be mended is, what cannot is set aside, and both are told", async () => {
    const { tables } = earlierBackup(4);
    const [, half, bad, late] = (tables.holdings ?? []) as Record<string, unknown>[];
    Object.assign(half ?? {}, { where: "x".repeat(500) });
    Object.assign(bad ?? {}, { quantity: -3 });
    Object.assign(late ?? {}, { updatedAt: "9999-12-31T23:59:59.999Z" });
    const before = tables.holdings?.length ?? 0;
    const db = new OrtoDb(await storeOf(4, tables));
    const rows = new Map((await db.rows("holdings").toArray()).map((row) => [row.id, row]));
    expect(rows.size).toBe(before - 1);
    expect(rows.get(anId(String(half?.id)))).toMatchObject({ quantity: half?.quantity });
    expect(rows.get(anId(String(half?.id)))?.where).toBeUndefined();
    expect((rows.get(anId(String(late?.id)))?.updatedAt ?? "9") < "2100").toBe(true);
    const aside = await db.setAside.toArray();
    expect(aside.find((one) => (one.row as { id: string }).id === bad?.id)).toMatchObject({
      mended: false,
      issues: [{ path: "quantity" }],
    });
    expect(aside.find((one) => (one.row as { id: string }).id === half?.id)?.mended).toBe(true);
    // As rows were set aside before: what was wrong with them is still told.
    const earlier = aside.map(({ issues, ...one }) => ({ ...one, problems: issues }));
    await db.setAside.bulkPut(earlier as unknown as typeof aside);
    expect(await setAsideRows(db)).toEqual(aside);
    const backup = { ...earlierBackup(4), version: 5, tables: await readTables(db) };
    expect(readBackup(backup, CATALOGUE).ok).toBe(true);
    db.close();
  });
});
