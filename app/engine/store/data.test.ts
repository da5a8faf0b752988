import { beforeEach, describe, expect, it, vi } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { anId } from "../../core/testing/ids";
import { demoBackup } from "../../demo";
import { openDemo } from "../commands/demo";
import { keptCopies, makeBackup, restoreBackup, restoreCopy } from "./backup";
import { onForeignChange } from "./changes";
import { database } from "./db";
import { showHousehold, whichHousehold } from "./device";
import { insertRow, readTables, softDelete, undelete } from "./rows";
import { emptyBrowser, shownHome } from "./testing/browserStore";

beforeEach(emptyBrowser);

describe("backup and restore", () => {
  it("restores exactly what was saved, and keeps a safety copy of what was there", async () => {
    await openDemo();
    const db = database("demo");
    const saved = await makeBackup(db);
    const [child] = saved.tables.children;
    await softDelete(db, "children", child?.id ?? "");
    await insertRow(db, "settings", { value: 1 }, "s");
    const before = await readTables(db);
    const restored = await restoreBackup(JSON.parse(JSON.stringify(saved)), db);
    expect(restored.ok).toBe(true);
    expect((await makeBackup(db)).tables).toEqual(saved.tables);
    const [copy] = await keptCopies(db);
    expect((await restoreCopy(db, copy?.id ?? "")).ok).toBe(true);
    expect(await readTables(db)).toEqual(before);
  });

  it("changes nothing for a faulty file", async () => {
    await openDemo();
    const db = database("demo");
    const before = await readTables(db);
    const faulty = structuredClone(demoBackup(CATALOGUE));
    Object.assign(faulty.tables.trays[0] ?? {}, { place: "nowhere" });
    expect((await restoreBackup(faulty, db)).ok).toBe(false);
    expect(await readTables(db)).toEqual(before);
    expect(await keptCopies(db)).toEqual([]);
  });

  it("keeps the demo apart from our own household, and a tab with what it shows", async () => {
    const { tables } = demoBackup(CATALOGUE);
    const [only] = tables.household;
    if (!only) throw new Error("the demo has no household");
    const { demoDate: _, ...ours } = only;
    await database("ours")
      .rows("household")
      .put({ ...ours, name: "Ours" });
    await openDemo();
    expect(await whichHousehold()).toBe("demo");
    expect((await shownHome()).children).toHaveLength(2);
    // Another tab opens ours: this one stays with the demo, a new one begins with ours.
    const tab = sessionStorage.getItem("orto.household") ?? "";
    await showHousehold("ours");
    sessionStorage.setItem("orto.household", tab);
    expect((await shownHome()).which).toBe("demo");
    sessionStorage.clear();
    expect((await shownHome()).household.name).toBe("Ours");
  });
});

describe("rows", () => {
  it("leave a tombstone, and come back", async () => {
    await openDemo();
    await softDelete(database("demo"), "children", "pim");
    expect((await shownHome()).children.map((child) => child.id)).toEqual(["tove"]);
    expect((await readTables(database("demo"))).children).toHaveLength(2);
    await undelete(database("demo"), "children", "pim");
    expect((await shownHome()).children).toHaveLength(2);
  });

  it("refuse what their schema refuses", async () => {
    await expect(
      insertRow(database("demo"), "holdings", { site: anId("home"), material: anId("towel"), quantity: -2 }),
    ).rejects.toThrow(/0 or more/);
  });

  it("tell of what another tab changes, and not of what this one does", async () => {
    await openDemo();
    const db = database("demo");
    const heard = vi.fn();
    const stop = onForeignChange("demo", heard);
    await insertRow(db, "settings", { value: "ours" });
    await new Promise((done) => setTimeout(done, 50));
    expect(heard).not.toHaveBeenCalled();
    const { updatedAt } = await insertRow(db, "settings", { value: "ours, too" });
    const later = new Date(Date.parse(updatedAt) + 5).toISOString();
    await db.rows("settings").put({ id: "theirs", value: "theirs", createdAt: later, updatedAt: later });
    await vi.waitFor(() => expect(heard).toHaveBeenCalledTimes(1));
    stop();
  });
});
