import { beforeEach, describe, expect, it } from "vitest";
import { parseWith } from "../../core/model";
import { readHome } from "../store/home";
import { emptyBrowser } from "../store/testing/browserStore";
import { SetUpInput, setUpHousehold } from "./setUp";

beforeEach(emptyBrowser);

const IDA = { name: "Ida", birth: "2025-03-01", earlyWeeks: 0 };

const form = (more: object = {}) =>
  parseWith(SetUpInput, {
    children: [IDA],
    heightsCm: [70, 30],
    baysPerBoard: "3",
    approach: "quiet-shelf",
    usual: "on",
    places: "floor",
    ...more,
  });

describe("first set-up", () => {
  it("makes a household with places and the usual things, once", async () => {
    const read = form({
      children: [
        { ...IDA, allergies: ["eggs"], earlyWeeks: "4" },
        { name: "Bo", birth: "2026-01-02", earlyWeeks: 0, plans: "no", mouths: "yes", allergies: ["milk"] },
      ],
      reach: [{ board: 0, child: 1, says: "kept" }],
      does: [{ child: 1, does: "sits" }],
    });
    if (!read.ok) throw new Error(read.issues[0]?.message);
    expect(await setUpHousehold(read.value)).toMatchObject({ ok: true });
    expect(await setUpHousehold(read.value)).toMatchObject({ issues: [{ code: "has-household" }] });
    const home = await readHome();
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
        bo !== undefined && place.outOfReachOf.includes(bo),
      ]),
    ).toEqual([
      ...Array(3).fill([70, "lock", true]),
      ...Array(3).fill([30, "high", false]),
      [undefined, "high", false],
    ]);
    expect(home?.tables.places[0]?.saidOn).toBe(home?.today);
    expect(home?.children.map((child) => [child.allergies, child.mouths])).toEqual([
      [["eggs"], "by-age"],
      [["milk"], "yes"],
    ]);
    expect(home?.tables.skillNotes.map((one) => [one.child === bo, one.skill, one.seen])).toEqual([
      [true, "sits", true],
      [true, "crawls", false],
      [true, "pulls-up", false],
      [true, "climbs", false],
    ]);
    expect(home?.tables.holdings.length).toBeGreaterThan(50);
  });

  it.each<[string, object, string]>([
    ["no child", { children: [] }, "children"],
    ["nine children", { children: Array(9).fill(IDA) }, "children"],
    ["no name", { children: [{ ...IDA, name: " " }] }, "children[0].name"],
    ["a birth in the future", { children: [{ ...IDA, birth: "2999-01-01" }] }, "children[0].birth"],
    ["no birth date", { children: [{ ...IDA, birth: "" }] }, "children[0].birth"],
    ["a date that is none", { children: [{ ...IDA, birth: "2025-02-30" }] }, "children[0].birth"],
    ["half a week early", { children: [{ ...IDA, earlyWeeks: 2.5 }] }, "children[0].earlyWeeks"],
    ["neither a board nor a place", { heightsCm: [], places: [] }, "places"],
    ["boards in the wrong order", { heightsCm: [10, 40] }, "heightsCm"],
    ["a height that is none", { heightsCm: [70, null] }, "heightsCm[1]"],
    ["another child without a date", { children: [IDA, { name: "Bo", birth: "" }] }, "children[1].birth"],
    ["another child without a name", { children: [IDA, { ...IDA, name: "" }] }, "children[1].name"],
    ["a list that is none", { children: "[" }, "children[0]"],
  ])("says what is wrong with %s, and saves nothing", async (_, more, path) => {
    const read = form(more);
    expect(read.ok ? [] : read.issues.map((issue) => issue.path)).toContain(path);
    expect(await readHome()).toBeUndefined();
  });

  it("begins with what goes with the approach, and gives table and mat their hours where that is wanted", async () => {
    const read = form({ approach: "open-play", places: ["table", "mat", "floor"], hours: "on" });
    if (!read.ok) throw new Error(read.issues[0]?.message);
    await setUpHousehold(read.value);
    const home = await readHome();
    expect(home?.household.mix).toEqual({ anchors: 1, stretches: 0, openEnded: 2 });
    expect(home?.household.planning).toMatchObject({ rhythm: "few-at-a-time", stay: "little" });
    expect(home?.household.limits.trays).toBe(4);
    const kindOf = (id: string) => home?.tables.places.find((place) => place.id === id)?.kind;
    expect(home?.tables.moments.map((one) => [kindOf(one.place), one.routine, one.at]).sort()).toEqual([
      ["mat", "morning", "09:30"],
      ["table", "after-breakfast", "08:30"],
      ["table", "after-nap", "15:00"],
    ]);
  });

  it("has the day itself as a place for who works in the day, without what another place is used for", async () => {
    const read = form({ approach: "in-the-day", places: ["wet-spot"] });
    if (!read.ok) throw new Error(read.issues[0]?.message);
    await setUpHousehold(read.value);
    const tables = (await readHome())?.tables;
    const kindOf = (id: string) => tables?.places.find((place) => place.id === id)?.kind;
    expect(tables?.moments.map((one) => `${kindOf(one.place)} ${one.routine}`).sort()).toEqual([
      "routine at-meal",
      "routine before-nap",
      "routine dressing",
      "routine evening",
      "routine walk",
      "wet-spot bath",
    ]);
  });
});
