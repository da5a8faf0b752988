import { beforeEach, describe, expect, it } from "vitest";
import { keptCopies, makeBackup, restoreBackup } from "../store/backup";
import { database } from "../store/db";
import { readTables, updateRow } from "../store/rows";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const child = (id: string) => database("demo").rows("children").get(id);
const form = {
  id: "tove",
  name: "Tove",
  birth: "2024-10-05",
  earlyWeeks: "5",
  mouths: "no",
  planFor: "yes",
  interests: "",
  allergies: "",
};

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("children", () => {
  it("are changed, with what is loved and the due date worked out", async () => {
    await act("household.saveChild", {
      ...form,
      interests: [" boats", "moon "],
      allergies: ["wheat", "kiwi"],
      earlyWeeks: "3",
    });
    expect(await child("tove")).toMatchObject({
      interests: ["boats", "moon"],
      allergies: ["wheat", "kiwi"],
      due: "2024-10-26",
    });
    await act("household.saveChild", { ...form, earlyWeeks: "0" });
    expect((await child("tove"))?.due).toBeUndefined();
  });

  it("are added", async () => {
    await act("household.saveChild", { ...form, id: "", name: "Nils", planFor: "no" });
    const all = await database("demo").rows("children").toArray();
    expect(all.find((one) => one.name === "Nils")).toMatchObject({ planFor: false });
  });

  it("bring as many trays with them as go with the approach, unless one has said another number", async () => {
    const trays = async () => (await readTables(database("demo"))).household[0]?.limits.trays;
    await act("settings.setByApproach", { approach: "quiet-shelf" });
    expect(await trays()).toBe(16);
    await act("household.saveChild", { ...form, id: "", name: "Nils" });
    expect(await trays()).toBe(24);
    await act("household.saveChild", { ...form, planFor: "no" });
    expect(await trays()).toBe(16);
    const [household] = (await readTables(database("demo"))).household;
    if (!household) throw new Error("a household was expected");
    const limits = { ...household.limits, trays: 9 };
    await updateRow(database("demo"), "household", household.id, { limits });
    await act("household.saveChild", form);
    expect(await trays()).toBe(9);
  });

  it.each([
    ["name", ""],
    ["birth", "2999-01-01"],
    ["birth", "2024-02-30"],
    ["earlyWeeks", "40"],
    ["mouths", "maybe"],
    ["allergies", [""]],
  ])("with %s %j are refused, and nothing is changed", async (field, value) => {
    const before = await child("tove");
    expect(
      (await act("household.saveChild", { ...form, [field]: value })).issues.map((issue) => issue.path),
    ).toContainEqual(expect.stringContaining(field));
    expect(await child("tove")).toEqual(before);
  });

  it("go and come back; the last one that is planned for stays", async () => {
    await act("household.remove", { table: "children", id: "pim" });
    expect((await child("pim"))?.deletedAt).toBeDefined();
    expect((await act("household.remove", { table: "children", id: "tove" })).issues).toMatchObject([
      { code: "last-child" },
    ]);
    await act("household.putBack", { table: "children", id: "pim" });
    expect((await child("pim"))?.deletedAt).toBeUndefined();
  });
});

describe("places and settings", () => {
  it("are changed: reach, board, focus, mix", async () => {
    await act("household.savePlace", {
      id: "bay-0-0",
      name: "Very top",
      kind: "bay",
      board: "1",
      because: "high",
      outOfReachOf: ["pim", "tove"],
    });
    expect(await database("demo").rows("places").get("bay-0-0")).toMatchObject({
      name: "Very top",
      board: 0,
      outOfReachOf: ["pim", "tove"],
      servesOnly: ["tove"],
    });
    const forPim = {
      id: "bay-0-0",
      name: "Very top",
      kind: "bay",
      because: "high",
      board: "1",
    };
    await act("household.savePlace", { ...forPim, asksServes: "yes", servesOnly: ["pim"] });
    expect((await database("demo").rows("places").get("bay-0-0"))?.servesOnly).toEqual(["pim"]);
    await act("household.savePlace", { ...forPim, asksServes: "yes" });
    expect((await database("demo").rows("places").get("bay-0-0"))?.servesOnly).toEqual([]);
    await act("household.savePlace", { id: "", name: "Sill", kind: "window", because: "high", board: "" });
    expect(
      (await database("demo").rows("places").toArray()).some(
        (place) => place.name === "Sill" && place.site === "home",
      ),
    ).toBe(true);
    await act("settings.save", {
      name: "Us",
      approach: "open-play",
      units: "us",
      rotationDays: "10",
      anchors: "2",
      stretches: "0",
      openEnded: "1",
      rhythm: "few-at-a-time",
      newAtOnce: "3",
      stay: "much",
      theme: "little",
      hemisphere: "south",
    });
    expect((await database("demo").rows("household").toArray())[0]).toMatchObject({
      name: "Us",
      approach: "open-play",
      units: "us",
      rotationDays: 10,
      mix: { anchors: 2, stretches: 0, openEnded: 1 },
      planning: { rhythm: "few-at-a-time", newAtOnce: 3, stay: "much", theme: "little" },
      hemisphere: "south",
    });
    await act("settings.setByApproach", { approach: "theme-week" });
    expect((await database("demo").rows("household").toArray())[0]).toMatchObject({
      approach: "theme-week",
      planning: { rhythm: "all-at-once", stay: "little", theme: "much" },
      limits: { trays: 20 },
    });
  });

  it("refuse nonsense", async () => {
    const bad = await act("settings.save", {
      name: "Us",
      approach: "open-play",
      units: "us",
      rotationDays: "0",
      anchors: "2",
      stretches: "0",
      openEnded: "0",
      rhythm: "all-at-once",
      newAtOnce: "2",
      stay: "some",
      theme: "some",
      hemisphere: "north",
    });
    expect(bad.issues).toMatchObject([{ path: "rotationDays" }]);
    expect(
      (await act("household.savePlace", { id: "", name: "", kind: "bay", because: "high", board: "1" }))
        .issues,
    ).toMatchObject([{ path: "name" }]);
  });
});

describe("restore", () => {
  const db = () => database("demo");

  it("brings a safety copy back, and refuses one that is gone", async () => {
    await act("household.saveChild", { ...form, name: "Somebody" });
    expect((await restoreBackup(await makeBackup(db()), db())).ok).toBe(true);
    await act("household.saveChild", { ...form, name: "Another" });
    const [copy] = await keptCopies(db());
    expect(await act("household.restoreCopy", { copy: copy?.id ?? "" })).toMatchObject({
      issues: [],
    });
    expect((await child("tove"))?.name).toBe("Somebody");
    expect((await act("household.restoreCopy", { copy: "gone" })).issues).toMatchObject([
      { code: "no-copy" },
    ]);
  });
});

it("moves the demo's day", async () => {
  await act("household.moveDemo", { days: 1 });
  await act("household.moveDemo", { days: 7 });
  expect((await database("demo").rows("household").toArray())[0]?.demoDate).toBe("2026-05-18");
});
