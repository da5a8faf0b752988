import { beforeEach, describe, expect, it } from "vitest";
import { database } from "../store/db";
import { readTables } from "../store/rows";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("homes and places", () => {
  it("adds a home, gives one another name, and refuses one without a name", async () => {
    await openDemo();
    const sites = async () => (await readTables(database("demo"))).household[0]?.sites.map((one) => one.name);
    expect(await act("household.saveSite", { id: "", name: "" })).toMatchObject({
      issues: [{ path: "name" }],
    });
    await act("household.saveSite", { id: "", name: "The hut" });
    await act("household.saveSite", { id: "home", name: "Quay 7" });
    expect(await sites()).toEqual(["Quay 7", "Grandmother's flat", "The hut"]);
  });

  it("keeps why a place is out of reach, its cue and what cannot be used at once with it", async () => {
    await openDemo();
    await act("household.savePlace", {
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
  const say = (says: string, place = "bay-1-0") => act("household.sayReach", { place, child: "pim", says });
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
    await act("household.sayDoes", { child: "pim", does: "crawls" });
    const ticks = (await database("demo").rows("skillNotes").toArray()).filter(
      (one) => one.on === "2026-05-10",
    );
    expect(ticks.map((one) => [one.child, one.skill, one.seen]).sort()).toEqual([
      ["pim", "climbs", false],
      ["pim", "crawls", true],
      ["pim", "pulls-up", false],
    ]);
    expect((await act("household.sayDoes", { child: "pim", does: "flies" })).issues).toHaveLength(1);
  });
});

describe("moments of the day", () => {
  const bath = {
    ...{ place: "mat", routine: "evening", at: "18:30", minutes: "15" },
    ...{ weekdays: [1, 3], children: ["pim"], asleep: [], adultBeside: true },
  };
  const moments = () => database("demo").rows("moments").toArray();
  const refused = async (more: object) => (await act("moments.save", { ...bath, ...more })).issues[0];

  it("are added, changed, removed and put back", async () => {
    const before = (await moments()).length;
    expect(await act("moments.save", bath)).toMatchObject({ issues: [] });
    const row = (await moments()).find((one) => one.routine === "evening");
    expect(row).toMatchObject({
      at: "18:30",
      minutes: 15,
      weekdays: [1, 3],
      children: ["pim"],
      adultBeside: true,
    });
    await act("moments.save", { ...bath, id: row?.id, minutes: "25", adultBeside: false });
    expect((await moments()).find((one) => one.id === row?.id)).toMatchObject({
      minutes: 25,
      adultBeside: false,
    });
    await act("household.remove", { table: "moments", id: row?.id });
    const living = async () => (await moments()).filter((one) => !one.deletedAt).length;
    expect(await living()).toBe(before);
    await act("household.putBack", { table: "moments", id: row?.id });
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
