import Dexie from "dexie";
import { describe, expect, it } from "vitest";
import { OrtoDb } from "./db";

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

describe("a database with rows out of their bounds", () => {
  it("opens: what can be mended is, what cannot is set aside, and both are told", async () => {
    const old = new Dexie("orto-old-4");
    old
      .version(4)
      .stores({ holdings: "id, updatedAt, site", observations: "id, updatedAt, on, tray, child" });
    const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
    const holding = { ...stamp, site: "home", material: "rice" };
    await old.table("holdings").bulkAdd([
      { ...holding, id: "good", quantity: 5, origin: "owned" },
      { ...holding, id: "half", quantity: 5, where: "x".repeat(500) },
      { ...holding, id: "bad", quantity: -3 },
      { ...holding, id: "late", quantity: 1, updatedAt: "9999-12-31T23:59:59.999Z" },
    ]);
    old.close();
    const db = new OrtoDb("orto-old-4");
    const rows = new Map((await db.rows("holdings").toArray()).map((row) => [row.id, row]));
    expect([...rows.keys()].sort()).toEqual(["good", "half", "late"]);
    expect(rows.get("half")?.where).toBeUndefined();
    expect(rows.get("half")?.quantity).toBe(5);
    expect((rows.get("late")?.updatedAt ?? "9") < "2100").toBe(true);
    const aside = await db.setAside.toArray();
    expect(aside.map((one) => [(one.row as { id: string }).id, one.mended]).sort()).toEqual([
      ["bad", false],
      ["half", true],
    ]);
    expect(aside.find((one) => !one.mended)?.problems[0]).toMatchObject({ path: "quantity" });
    db.close();
  });
});
