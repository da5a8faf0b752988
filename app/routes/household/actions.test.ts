import { beforeEach, describe, expect, it } from "vitest";
import { makeBackup } from "../../data/backup";
import { database } from "../../data/db";
import { openDemo } from "../../data/household";
import { readTables } from "../../data/rows";
import { emptyBrowser, outcome, post } from "../../data/testing/browserStore";
import { changeHousehold, type HouseholdAnswer } from "./actions";

const act = (fields: Record<string, string | string[] | File>) =>
  outcome(changeHousehold(post("/household", fields))) as Promise<HouseholdAnswer>;
const child = (id: string) => database().rows("children").get(id);
const form = {
  intent: "child",
  id: "tove",
  part: "tove",
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
  it("are changed, with lists split at commas and the due date worked out", async () => {
    await act({ ...form, interests: " boats, , moon ", allergies: '["wheat","kiwi"]', earlyWeeks: "3" });
    expect(await child("tove")).toMatchObject({
      interests: ["boats", "moon"],
      allergies: ["wheat", "kiwi"],
      due: "2024-10-26",
    });
    await act({ ...form, earlyWeeks: "0" });
    expect((await child("tove"))?.due).toBeUndefined();
  });

  it("are added", async () => {
    await act({ ...form, id: "", name: "Nils", planFor: "no" });
    const all = await database().rows("children").toArray();
    expect(all.find((one) => one.name === "Nils")).toMatchObject({ planFor: false });
  });

  it.each([
    ["name", ""],
    ["birth", "2999-01-01"],
    ["birth", "2024-02-30"],
    ["earlyWeeks", "40"],
    ["mouths", "maybe"],
    ["allergies", "["],
  ])("with %s %j are refused, and nothing is changed", async (field, value) => {
    const before = await child("tove");
    expect((await act({ ...form, [field]: value })).problems.map((problem) => problem.path)).toContain(field);
    expect(await child("tove")).toEqual(before);
  });

  it("go and come back; the last one that is planned for stays", async () => {
    await act({ intent: "remove", table: "children", id: "pim", part: "pim" });
    expect((await child("pim"))?.deletedAt).toBeDefined();
    expect(
      (await act({ intent: "remove", table: "children", id: "tove", part: "tove" })).problems,
    ).toMatchObject([{ code: "last-child" }]);
    await act({ intent: "put-back", table: "children", id: "pim", part: "" });
    expect((await child("pim"))?.deletedAt).toBeUndefined();
  });
});

describe("places and settings", () => {
  it("are changed: reach, board, focus, mix", async () => {
    await act({
      intent: "place",
      id: "bay-0-0",
      part: "x",
      name: "Very top",
      kind: "bay",
      board: "1",
      outOfReachOf: ["pim", "tove"],
    });
    expect(await database().rows("places").get("bay-0-0")).toMatchObject({
      name: "Very top",
      board: 0,
      outOfReachOf: ["pim", "tove"],
      servesOnly: ["tove"],
    });
    const forPim = { intent: "place", id: "bay-0-0", part: "x", name: "Very top", kind: "bay", board: "1" };
    await act({ ...forPim, asksServes: "yes", servesOnly: ["pim"] });
    expect((await database().rows("places").get("bay-0-0"))?.servesOnly).toEqual(["pim"]);
    await act({ ...forPim, asksServes: "yes" });
    expect((await database().rows("places").get("bay-0-0"))?.servesOnly).toEqual([]);
    await act({ intent: "place", id: "", part: "x", name: "Sill", kind: "window", board: "" });
    expect(
      (await database().rows("places").toArray()).some(
        (place) => place.name === "Sill" && place.site === "home",
      ),
    ).toBe(true);
    await act({
      intent: "settings",
      part: "settings",
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
    expect((await database().rows("household").toArray())[0]).toMatchObject({
      name: "Us",
      approach: "open-play",
      units: "us",
      rotationDays: 10,
      mix: { anchors: 2, stretches: 0, openEnded: 1 },
      planning: { rhythm: "few-at-a-time", newAtOnce: 3, stay: "much", theme: "little" },
      hemisphere: "south",
    });
    await act({ intent: "approach", part: "settings", approach: "theme-week" });
    expect((await database().rows("household").toArray())[0]).toMatchObject({
      approach: "theme-week",
      planning: { rhythm: "all-at-once", stay: "little", theme: "much" },
      limits: { trays: 20 },
    });
  });

  it("refuse nonsense", async () => {
    const bad = await act({
      intent: "settings",
      part: "settings",
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
    expect(bad.problems).toMatchObject([{ path: "rotationDays" }]);
    expect(
      (await act({ intent: "place", id: "", part: "x", name: "", kind: "bay", board: "1" })).problems,
    ).toMatchObject([{ path: "name" }]);
    expect((await act({ intent: "explode" })).problems).toMatchObject([{ code: "unknown" }]);
  });
});

describe("restore", () => {
  const file = (content: string) => new File([content], "backup.json", { type: "application/json" });

  it("refuses no file, a damaged one and a foreign one, and changes nothing", async () => {
    const before = await readTables();
    for (const given of [file(""), file("{"), file('{"format":"x","version":1}')]) {
      expect((await act({ intent: "restore", part: "backup", file: given })).problems).toHaveLength(1);
    }
    expect(await readTables()).toEqual(before);
  });

  it("brings a backup back, and then the safety copy of what it replaced", async () => {
    const saved = JSON.stringify(await makeBackup());
    await act({ ...form, name: "Somebody" });
    expect((await act({ intent: "restore", part: "backup", file: file(saved) })).problems).toEqual([]);
    expect((await child("tove"))?.name).toBe("Tove");
    await act({ intent: "restore-safety", part: "backup" });
    expect((await child("tove"))?.name).toBe("Somebody");
  });
});

it("moves the demo's day", async () => {
  await act({ intent: "demo-day", part: "demo" });
  await act({ intent: "demo-week", part: "demo" });
  expect((await database().rows("household").toArray())[0]?.demoDate).toBe("2026-05-18");
});

describe("homes and places", () => {
  it("adds a home, gives one another name, and refuses one without a name", async () => {
    await openDemo();
    const sites = async () => (await readTables()).household[0]?.sites.map((one) => one.name);
    expect(await changeHousehold(post("/household", { intent: "site", id: "", name: "" }))).toMatchObject({
      problems: [{ path: "name" }],
    });
    await changeHousehold(post("/household", { intent: "site", id: "", name: "The hut" }));
    await changeHousehold(post("/household", { intent: "site", id: "home", name: "Quay 7" }));
    expect(await sites()).toEqual(["Quay 7", "Grandmother's flat", "The hut"]);
  });

  it("keeps why a place is out of reach, its cue and what cannot be used at once with it", async () => {
    await openDemo();
    await changeHousehold(
      post("/household", {
        intent: "place",
        id: "low-table",
        name: "Low table",
        kind: "table",
        board: "",
        site: "home",
        because: "asleep",
        cue: "while Pim naps",
        outOfReachOf: ["pim"],
        exclusiveWith: ["balcony"],
      }),
    );
    expect((await readTables()).places.find((one) => one.id === "low-table")).toMatchObject({
      because: "asleep",
      cue: "while Pim naps",
      exclusiveWith: ["balcony"],
      outOfReachOf: ["pim"],
    });
  });
});

describe("who gets at a place", () => {
  const say = (says: string, place = "bay-1-0") =>
    act({ intent: "reach", part: "reach", place, child: "pim", says });
  const place = (id = "bay-1-0") => database().rows("places").get(id);

  it("is said with a tap, kept with the day, and left to be worked out again", async () => {
    await say("reaches");
    expect(await place()).toMatchObject({ reachedBy: ["pim"], outOfReachOf: [], because: "high" });
    await say("kept");
    expect(await place()).toMatchObject({ reachedBy: [], outOfReachOf: ["pim"], because: "lock" });
    expect((await place())?.saidOn).toBeDefined();
    await say("worked-out");
    expect(await place()).toMatchObject({ reachedBy: [], outOfReachOf: [] });
  });

  it("keeps what keeps a child away: a gate stays a gate", async () => {
    await say("kept", "low-table");
    expect(await place("low-table")).toMatchObject({ because: "gate", outOfReachOf: ["pim"] });
    expect((await say("perhaps")).problems).toHaveLength(1);
  });

  it("follows from what a child does so far, as it is seen on the day", async () => {
    await act({ intent: "does", part: "reach", child: "pim", does: "crawls", on: "2026-05-10" });
    const ticks = (await database().rows("skillNotes").toArray()).filter((one) => one.on === "2026-05-10");
    expect(ticks.map((one) => [one.child, one.skill, one.seen]).sort()).toEqual([
      ["pim", "climbs", false],
      ["pim", "crawls", true],
      ["pim", "pulls-up", false],
    ]);
    expect(
      (await act({ intent: "does", part: "reach", child: "pim", does: "flies", on: "2026-05-10" })).problems,
    ).toHaveLength(1);
  });
});
