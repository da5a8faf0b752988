import Dexie from "dexie";
import loadHighs from "highs";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { CATALOGUE } from "../catalogue/catalogue";
import { standingRotation } from "../core/household";
import { plainDate } from "../core/model";

import { demoBackup } from "../demo";
import { planService } from "../workers/planService";
import { makeBackup, newestSafetyCopy, restoreBackup } from "./backup";
import { onChange } from "./changes";
import { database, OrtoDb, showHousehold, whichHousehold } from "./db";
import { openDemo, readHome } from "./household";
import { acceptPlan, undoAccept } from "./rotations";
import { addRow, readTables, removeRow, restoreRow } from "./rows";
import { parseSetUp, setUpHousehold } from "./setUp";
import { emptyBrowser } from "./testing/browserStore";

const request = (query = "") => new Request(`http://orto.test/${query}`);

beforeEach(emptyBrowser);

const form = (more: Record<string, string> = {}) => {
  const data = new FormData();
  const usual = {
    name: "Ida",
    birth: "2025-03-01",
    earlyWeeks: "0",
    mouths: "by-age",
    heightsCm: "[70, 30]",
    baysPerBoard: "3",
    approach: "quiet-shelf",
    usual: "on",
  };
  for (const [key, value] of Object.entries({ ...usual, ...more })) data.set(key, value);
  data.append("places", "floor");
  return data;
};

describe("first set-up", () => {
  it("makes a household with places and the usual things, once", async () => {
    const read = parseSetUp(
      form({
        others: JSON.stringify([{ name: "Bo", birth: "2026-01-02" }]),
        reach: JSON.stringify([{ board: 0, child: 1, says: "kept" }]),
        allergies: JSON.stringify(["eggs"]),
        does: JSON.stringify([{ child: 1, does: "sits" }]),
        earlyWeeks: "4",
      }),
    );
    if (!read.ok) throw new Error(read.problems[0]?.message);
    await setUpHousehold(read.value);
    await setUpHousehold(read.value);
    const home = await readHome(request());
    expect(home?.children.map((child) => [child.name, child.planFor])).toEqual([
      ["Ida", true],
      ["Bo", false],
    ]);
    expect(home?.children[0]?.due).toBe("2025-03-29");
    expect(home?.tables.places).toHaveLength(7);
    const bo = home?.children[1]?.id;
    expect(
      home?.tables.places.map((place) => [
        place.heightCm,
        place.because,
        place.outOfReachOf.includes(bo ?? ""),
      ]),
    ).toEqual([
      ...Array(3).fill([70, "lock", true]),
      ...Array(3).fill([30, "high", false]),
      [undefined, "high", false],
    ]);
    expect(home?.tables.places[0]?.saidOn).toBe(home?.today);
    expect(home?.children[0]?.allergies).toEqual(["eggs"]);
    expect(home?.tables.skillNotes.map((one) => [one.child === bo, one.skill, one.seen])).toEqual([
      [true, "sits", true],
      [true, "crawls", false],
      [true, "pulls-up", false],
      [true, "climbs", false],
    ]);
    expect(home?.tables.holdings.length).toBeGreaterThan(50);
  });

  it.each<[string, Record<string, string>, string]>([
    ["no name", { name: " " }, "name"],
    ["a birth in the future", { birth: "2999-01-01" }, "birth"],
    ["no birth date", { birth: "" }, "birth"],
    ["a date that is none", { birth: "2025-02-30" }, "birth"],
    ["half a week early", { earlyWeeks: "2.5" }, "earlyWeeks"],
    ["no boards", { heightsCm: "[]" }, "heightsCm"],
    ["boards in the wrong order", { heightsCm: "[10, 40]" }, "heightsCm"],
    ["a height that is none", { heightsCm: "[70, null]" }, "heightsCm[1]"],
    ["another child without a date", { others: '[{"name":"Bo","birth":""}]' }, "others[0].birth"],
    ["another child without a name", { others: '[{"name":"","birth":"2026-01-02"}]' }, "others[0].name"],
    ["a damaged list", { others: "[" }, "others"],
  ])("says what is wrong with %s, and saves nothing", async (_, more, path) => {
    const read = parseSetUp(form(more));
    expect(read.ok ? [] : read.problems.map((problem) => problem.path)).toContain(path);
    expect(await readHome(request())).toBeUndefined();
  });
});

describe("preview", () => {
  it.each([
    ["", 0],
    ["?ahead=6", 6],
    ["?ahead=-3", 0],
    ["?ahead=999", 0],
    ["?ahead=soon", 0],
    ["?ahead=1.5", 0],
  ])("%s looks %i months ahead", async (query, ahead) => {
    await openDemo();
    expect((await readHome(request(query)))?.ahead).toBe(ahead);
  });
});

describe("backup and restore", () => {
  it("restores exactly what was saved, and keeps a safety copy of what was there", async () => {
    await openDemo();
    const db = database("demo");
    const saved = await makeBackup(db);
    const [child] = saved.tables.children;
    await removeRow("children", child?.id ?? "", db);
    await addRow("settings", { value: 1 }, "s", db);
    const before = await readTables(db);
    const restored = await restoreBackup(JSON.parse(JSON.stringify(saved)), db);
    expect(restored.ok).toBe(true);
    expect((await makeBackup(db)).tables).toEqual(saved.tables);
    expect(JSON.parse((await newestSafetyCopy(db))?.json ?? "{}").tables).toEqual(
      JSON.parse(JSON.stringify(before)),
    );
  });

  it("changes nothing for a faulty file", async () => {
    await openDemo();
    const db = database("demo");
    const before = await readTables(db);
    const faulty = structuredClone(demoBackup(CATALOGUE));
    Object.assign(faulty.tables.trays[0] ?? {}, { place: "nowhere" });
    expect((await restoreBackup(faulty, db)).ok).toBe(false);
    expect(await readTables(db)).toEqual(before);
    expect(await newestSafetyCopy(db)).toBeUndefined();
  });

  it("keeps the demo apart from our own household", async () => {
    const read = parseSetUp(form());
    if (read.ok) await setUpHousehold(read.value);
    await openDemo();
    expect(whichHousehold()).toBe("demo");
    expect((await readHome(request()))?.children).toHaveLength(2);
    showHousehold("ours");
    expect((await readHome(request()))?.children.map((child) => child.name)).toEqual(["Ida"]);
  });
});

describe("a database of version 1", () => {
  it("is brought to the present one when it is opened", async () => {
    const old = new Dexie("orto-old");
    old.version(1).stores({ household: "id, updatedAt", trays: "id, updatedAt, rotation" });
    const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
    const limits = { adultBeside: 3, adultHeld: 2, wet: 1, messy: 2, loud: 2, prepMinutes: 40, cents: 0 };
    await old.table("household").add({
      ...stamp,
      id: "household",
      name: "Ours",
      sites: [{ id: "home", name: "Home" }],
      limits,
      mix: { anchors: 1, stretches: 1 },
      focusArea: "words",
    });
    const tray = { rotation: "r", child: "c", activity: "towers", rung: "two", place: "p", state: "free" };
    await old.table("trays").add({ ...stamp, ...tray, id: "t", allotted: [], outSince: "2026-01-01" });
    old.close();
    const db = new OrtoDb("orto-old");
    expect(await db.rows("household").toArray()).toMatchObject([
      { focus: { kind: "area", on: "words" }, planning: { rhythm: "all-at-once" }, limits: { trays: 20 } },
    ]);
    expect(await db.rows("trays").toArray()).toMatchObject([{ activity: "towers", also: [] }]);
    db.close();
  });
});

describe("a database of version 2", () => {
  it("moves what was kept among the settings to tables of their own", async () => {
    const old = new Dexie("orto-old-2");
    const names = ["household", "trays", "holdings", "observations", "settings"];
    old.version(2).stores(Object.fromEntries(names.map((name) => [name, "id, updatedAt"])));
    const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
    await old.table("settings").bulkAdd([
      { ...stamp, id: "counted-t", value: [{ on: "2026-01-02", out: 6 }] },
      { ...stamp, id: "watch-t", value: { began: 1, taps: [] } },
    ]);
    await old.table("holdings").add({ ...stamp, id: "h", site: "home", material: "rice", quantity: 5 });
    old.close();
    const db = new OrtoDb("orto-old-2");
    expect(await db.rows("settings").toArray()).toEqual([]);
    expect(await db.rows("countings").toArray()).toMatchObject([{ tray: "t", times: [{ out: 6 }] }]);
    expect(await db.rows("watches").toArray()).toMatchObject([{ tray: "t", began: 1 }]);
    expect(await db.rows("holdings").toArray()).toMatchObject([{ quantity: 5, origin: "owned" }]);
    db.close();
  });
});

describe("a database of version 3", () => {
  it("gives boards their heights and keeps everything else", async () => {
    const old = new Dexie("orto-old-3");
    const names = ["places", "holdings", "ownMaterials", "ownActivities"];
    old.version(3).stores(Object.fromEntries(names.map((name) => [name, "id, updatedAt"])));
    const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
    await old.table("places").bulkAdd(
      [
        { id: "high", name: "Upper board", kind: "bay", board: 0, outOfReachOf: ["bo"] },
        { id: "low", name: "Lower board", kind: "bay", board: 1, outOfReachOf: [] },
        { id: "mat", name: "Mat", kind: "mat", outOfReachOf: [] },
      ].map((place) => ({ ...stamp, site: "home", order: 0, servesOnly: [], exclusiveWith: [], ...place })),
    );
    await old.table("holdings").add({ ...stamp, id: "h", site: "home", material: "rice", quantity: 5 });
    old.close();
    const db = new OrtoDb("orto-old-3");
    const places = await db.rows("places").toArray();
    expect(Object.fromEntries(places.map((place) => [place.id, place.heightCm]))).toEqual({
      high: 30,
      low: 5,
      mat: undefined,
    });
    expect(places.find((place) => place.id === "high")).toMatchObject({
      outOfReachOf: ["bo"],
      because: "high",
    });
    expect(await db.rows("holdings").toArray()).toMatchObject([{ quantity: 5 }]);
    db.close();
  });
});

describe("accepting a plan", () => {
  it("ends the standing rotation, keeps carried trays' dates, ends locks; and can be undone", async () => {
    await openDemo();
    const from = plainDate("2026-05-11");
    const service = planService(loadHighs(), async () => CATALOGUE);
    await addRow("wishes", { child: "tove", activity: "towers", rung: "tower", kind: "lock", on: from });
    const { rotations } = await service.plan({
      key: "",
      tables: await readTables(),
      site: "home",
      on: from,
      weeks: 1,
    });
    const [planned] = rotations;
    if (!planned) throw new Error("no rotation");
    const id = await acceptPlan(planned, "home", from, "week-12");
    const tables = (await readHome(request()))?.tables;
    if (!tables) throw new Error("no household");
    expect(standingRotation(tables, "home", from)?.id).toBe(id);
    expect(tables.rotations.find((one) => one.id === "week-12")?.to).toBe(from);
    const trays = tables.trays.filter((tray) => tray.rotation === id);
    expect(trays).toHaveLength(planned.trays.length);
    expect(trays.find((tray) => tray.activity === "discs-in-a-slot")?.outSince).toBe("2026-04-27");
    expect(trays.some((tray) => tray.activity === "towers")).toBe(true);
    expect(tables.wishes).toHaveLength(0);
    await undoAccept(id);
    const back = (await readHome(request()))?.tables;
    expect(back && standingRotation(back, "home", from)?.id).toBe("week-12");
    expect(back?.trays.some((tray) => tray.rotation === id)).toBe(false);
  });
});

describe("rows", () => {
  it("leave a tombstone, and come back", async () => {
    await openDemo();
    await removeRow("children", "pim");
    expect((await readHome(request()))?.children.map((child) => child.id)).toEqual(["tove"]);
    expect((await readTables()).children).toHaveLength(2);
    await restoreRow("children", "pim");
    expect((await readHome(request()))?.children).toHaveLength(2);
  });

  it("refuse what their schema refuses", async () => {
    await expect(addRow("holdings", { site: "home", material: "towel", quantity: -2 })).rejects.toThrow(
      /0 or more/,
    );
  });

  it("tell of changes", async () => {
    await openDemo();
    const heard = vi.fn();
    const stop = onChange(heard);
    await vi.waitFor(async () => {
      await addRow("settings", { value: "x" });
      expect(heard).toHaveBeenCalled();
    });
    stop();
  });
});
