import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../../commands/demo";
import { keptCopies, makeBackup, restoreBackup } from "../../data/backup";
import { database } from "../../data/db";
import { readTables } from "../../data/rows";
import { emptyBrowser } from "../../data/testing/browserStore";
import { outcome, sent } from "../testing/act";
import { actOnHousehold, type HouseholdAnswer } from "./actions";

const act = (fields: object) =>
  outcome(actOnHousehold, sent("/household", fields)) as Promise<HouseholdAnswer>;
const child = (id: string) => database("demo").rows("children").get(id);
const form = {
  intent: "child",
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
    await act({ ...form, interests: [" boats", "moon "], allergies: ["wheat", "kiwi"], earlyWeeks: "3" });
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
    const all = await database("demo").rows("children").toArray();
    expect(all.find((one) => one.name === "Nils")).toMatchObject({ planFor: false });
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
    expect((await act({ ...form, [field]: value })).issues.map((issue) => issue.path)).toContainEqual(
      expect.stringContaining(field),
    );
    expect(await child("tove")).toEqual(before);
  });

  it("go and come back; the last one that is planned for stays", async () => {
    await act({ intent: "remove", table: "children", id: "pim" });
    expect((await child("pim"))?.deletedAt).toBeDefined();
    expect((await act({ intent: "remove", table: "children", id: "tove" })).issues).toMatchObject([
      { code: "last-child" },
    ]);
    await act({ intent: "put-back", table: "children", id: "pim" });
    expect((await child("pim"))?.deletedAt).toBeUndefined();
  });
});

describe("places and settings", () => {
  it("are changed: reach, board, focus, mix", async () => {
    await act({
      intent: "place",
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
      intent: "place",
      id: "bay-0-0",
      name: "Very top",
      kind: "bay",
      because: "high",
      board: "1",
    };
    await act({ ...forPim, asksServes: "yes", servesOnly: ["pim"] });
    expect((await database("demo").rows("places").get("bay-0-0"))?.servesOnly).toEqual(["pim"]);
    await act({ ...forPim, asksServes: "yes" });
    expect((await database("demo").rows("places").get("bay-0-0"))?.servesOnly).toEqual([]);
    await act({ intent: "place", id: "", name: "Sill", kind: "window", because: "high", board: "" });
    expect(
      (await database("demo").rows("places").toArray()).some(
        (place) => place.name === "Sill" && place.site === "home",
      ),
    ).toBe(true);
    await act({
      intent: "settings",
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
    await act({ intent: "approach", approach: "theme-week" });
    expect((await database("demo").rows("household").toArray())[0]).toMatchObject({
      approach: "theme-week",
      planning: { rhythm: "all-at-once", stay: "little", theme: "much" },
      limits: { trays: 20 },
    });
  });

  it("refuse nonsense", async () => {
    const bad = await act({
      intent: "settings",
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
      (await act({ intent: "place", id: "", name: "", kind: "bay", because: "high", board: "1" })).issues,
    ).toMatchObject([{ path: "name" }]);
    expect((await act({ intent: "explode" })).issues).toMatchObject([{ path: "intent" }]);
  });
});

describe("restore", () => {
  const db = () => database("demo");

  it("brings a safety copy back, and refuses one that is gone", async () => {
    await act({ ...form, name: "Somebody" });
    expect((await restoreBackup(await makeBackup(db()), db())).ok).toBe(true);
    await act({ ...form, name: "Another" });
    const [copy] = await keptCopies(db());
    expect(await act({ intent: "restore-safety", copy: copy?.id ?? "" })).toMatchObject({
      issues: [],
      done: "The safety copy is back.",
    });
    expect((await child("tove"))?.name).toBe("Somebody");
    expect((await act({ intent: "restore-safety", copy: "gone" })).issues).toMatchObject([
      { code: "no-copy" },
    ]);
  });
});

it("moves the demo's day", async () => {
  await act({ intent: "demo-day" });
  await act({ intent: "demo-week" });
  expect((await database("demo").rows("household").toArray())[0]?.demoDate).toBe("2026-05-18");
});

describe("homes and places", () => {
  it("adds a home, gives one another name, and refuses one without a name", async () => {
    await openDemo();
    const sites = async () => (await readTables(database("demo"))).household[0]?.sites.map((one) => one.name);
    expect(await act({ intent: "site", id: "", name: "" })).toMatchObject({
      issues: [{ path: "name" }],
    });
    await act({ intent: "site", id: "", name: "The hut" });
    await act({ intent: "site", id: "home", name: "Quay 7" });
    expect(await sites()).toEqual(["Quay 7", "Grandmother's flat", "The hut"]);
  });

  it("keeps why a place is out of reach, its cue and what cannot be used at once with it", async () => {
    await openDemo();
    await act({
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
    });
    expect((await readTables(database("demo"))).places.find((one) => one.id === "low-table")).toMatchObject({
      because: "asleep",
      cue: "while Pim naps",
      exclusiveWith: ["balcony"],
      outOfReachOf: ["pim"],
    });
  });
});

describe("who gets at a place", () => {
  const say = (says: string, place = "bay-1-0") => act({ intent: "reach", place, child: "pim", says });
  const place = (id = "bay-1-0") => database("demo").rows("places").get(id);

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
    expect((await say("perhaps")).issues).toHaveLength(1);
  });

  it("follows from what a child does so far, as it is seen on the day", async () => {
    await act({ intent: "does", child: "pim", does: "crawls" });
    const ticks = (await database("demo").rows("skillNotes").toArray()).filter(
      (one) => one.on === "2026-05-10",
    );
    expect(ticks.map((one) => [one.child, one.skill, one.seen]).sort()).toEqual([
      ["pim", "climbs", false],
      ["pim", "crawls", true],
      ["pim", "pulls-up", false],
    ]);
    expect((await act({ intent: "does", child: "pim", does: "flies" })).issues).toHaveLength(1);
  });
});

describe("moments of the day", () => {
  const bath = {
    ...{ intent: "moment", place: "mat", routine: "evening", at: "18:30", minutes: "15" },
    ...{ weekdays: [1, 3], children: ["pim"], asleep: [], adultBeside: true },
  };
  const moments = () => database("demo").rows("moments").toArray();
  const refused = async (more: object) => (await act({ ...bath, ...more })).issues[0];

  it("are added, changed, removed and put back", async () => {
    const before = (await moments()).length;
    expect((await act(bath)).done).toBe("The moment is saved. The next plan goes by it.");
    const row = (await moments()).find((one) => one.routine === "evening");
    expect(row).toMatchObject({
      at: "18:30",
      minutes: 15,
      weekdays: [1, 3],
      children: ["pim"],
      adultBeside: true,
    });
    await act({ ...bath, id: row?.id, minutes: "25", adultBeside: false });
    expect((await moments()).find((one) => one.id === row?.id)).toMatchObject({
      minutes: 25,
      adultBeside: false,
    });
    await act({ intent: "remove", table: "moments", id: row?.id });
    const living = async () => (await moments()).filter((one) => !one.deletedAt).length;
    expect(await living()).toBe(before);
    await act({ intent: "put-back", table: "moments", id: row?.id });
    expect(await living()).toBe(before + 1);
  });

  it.each([
    ["no day of the week", { weekdays: [] }, "weekdays"],
    ["a time that is none", { at: "25:00" }, "at"],
    ["more than a few hours", { minutes: "300" }, "minutes"],
    ["beyond midnight", { at: "23:50" }, "minutes"],
    ["a child there and asleep", { asleep: ["pim"] }, "asleep"],
    ["a board", { place: "bay-0-0" }, "place"],
    ["a place that is gone", { place: "gone" }, "place"],
  ])("are refused with %s, in that field", async (_, more, path) => {
    const before = (await moments()).length;
    expect((await refused(more))?.path).toBe(path);
    expect(await moments()).toHaveLength(before);
  });
});
