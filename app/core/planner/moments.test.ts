import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Moment, Place, plainDate, type Tables, weekdayOf } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { buildProblem } from "./candidates/buildProblem";
import { stockTaken } from "./candidates/problem";
import { trayFieldsOf } from "./explain/asIfAccepted";
import { explainPlacement } from "./explain/explainPlacement";
import { makeRotation } from "./plan";
import { checkPlan } from "./testing/checkPlan";

const ON = plainDate("2026-05-11");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const moment = (id: string, place: string, at: string, minutes: number, more: object = {}) =>
  Moment.parse({ ...stamp, id, place, routine: "after-nap", at, minutes, ...more });

const home = (moments: Moment[], change: (tables: Tables) => Tables = (same) => same): Tables =>
  change({ ...fixtureHome().tables, moments });
const planned = (tables: Tables) => {
  const [rotation] = makeRotation(highs, situationOf(FIXTURE, tables, ON)).rotations;
  if (!rotation) throw new Error("no rotation");
  expect(checkPlan(tables, rotation)).toEqual([]);
  return rotation;
};

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

describe("a place that is used by moments", () => {
  it("has several invitations in a week, each on its days, and the same one again", () => {
    const alone = planned(home([])).trays.filter((tray) => tray.place === "low-table");
    const { trays } = planned(home([moment("m", "low-table", "15:00", 30)]));
    const here = trays.filter((tray) => tray.place === "low-table");
    expect(alone).toHaveLength(1);
    expect(here.length).toBeGreaterThan(1);
    expect(here.some((tray) => (tray.when?.days.length ?? 0) > 1)).toBe(true);
    const days = here.flatMap((tray) => tray.when?.days ?? []);
    expect(new Set(days).size).toBe(days.length);
  });

  it("says which moments are left free, and why", () => {
    const { empty, trays } = planned(home([moment("m", "low-table", "15:00", 5)]));
    const free = empty.find((one) => one.moment?.id === "m");
    const given = trays.flatMap((tray) => tray.when?.days ?? []).length;
    expect(free?.moment?.free).toBe(7 - given);
    // Not what is missing for something that takes longer anyway.
    expect(["nothing-fits", "breach"]).toContain(free?.because.code);
  });

  it("has nothing that takes longer, or wants an adult who has no time", () => {
    const short = [moment("m", "low-table", "15:00", 7, { adultBeside: false })];
    const { trays } = planned(home(short));
    const here = trays.filter((tray) => tray.when);
    expect(here.length).toBeGreaterThan(0);
    expect(here.every((tray) => !tray.close && tray.position === "in-room")).toBe(true);
    const tableOnly = (tables: Tables) => ({
      ...tables,
      places: tables.places.filter((place) => place.id === "low-table"),
    });
    const s = situationOf(FIXTURE, home(short, tableOnly), ON);
    const barriers = (code: string) => buildProblem(s).exclusions.some((one) => one.barrier.code === code);
    expect([barriers("too-long"), barriers("adult-away")]).toEqual([true, true]);
  });

  it("lets small pieces come while the one who mouths them is asleep, and not otherwise", () => {
    const open = (tables: Tables): Tables => ({
      ...tables,
      places: tables.places.map((one) =>
        one.id === "low-table" ? { ...one, outOfReachOf: [], heightCm: 10 } : one,
      ),
    });
    const at = (asleep: string[]) =>
      buildProblem(
        situationOf(FIXTURE, home([moment("m", "low-table", "13:00", 30, { asleep })], open), ON),
      ).candidates.filter((c) => c.times && c.child === "tove");
    const names = (all: ReturnType<typeof at>) => new Set(all.map((c) => `${c.activity.id} ${c.rung.id}`));
    expect(names(at(["pim"])).size).toBeGreaterThan(names(at([])).size);
    expect(at(["tove"])).toEqual([]);
  });

  it("shares its things with other hours, and not with what stands or is out in the same hour", () => {
    const s = situationOf(
      FIXTURE,
      home([moment("a", "low-table", "09:00", 30), moment("b", "low-table", "15:00", 30)]),
      ON,
    );
    const problem = buildProblem(s);
    const [c] = problem.candidates.filter(
      (one) =>
        one.times &&
        one.needs.some((need) =>
          need.options.some((o) => problem.stock.get(o.stock)?.material.use !== "consumable"),
        ),
    );
    if (!c) throw new Error("nothing comes at a moment");
    const options = c.needs.flatMap((need) => need.options.slice(0, 1));
    const { stock, quantity } = options.find(
      (one) => problem.stock.get(one.stock)?.material.use !== "consumable",
    ) as (typeof options)[number];
    const at = (placeClass: string, times?: { least: number; most: number }) => ({
      candidate: { ...c, placeClass, times },
      options: options.filter((one) => one.stock === stock),
      again: 0,
    });
    const times = { least: 2, most: 3 };
    const taken = (...all: ReturnType<typeof at>[]) => stockTaken(problem, all).get(stock);
    expect(problem.tracks).toEqual([["moment a", "moment b"]]);
    expect(taken(at("moment a", times), at("moment b", times))).toBe(quantity);
    expect(taken(at("moment a", times), at("a board"))).toBe(2 * quantity);
    const overlapping = { ...problem, tracks: [["moment a"], ["moment b"]] };
    expect(stockTaken(overlapping, [at("moment a", times), at("moment b", times)]).get(stock)).toBe(
      2 * quantity,
    );
  });

  it("is judged as such where a tray is put by hand", () => {
    const s = situationOf(FIXTURE, home([moment("m", "low-table", "15:00", 5)]), ON);
    const [c] = buildProblem(situationOf(FIXTURE, home([]), ON)).candidates.filter(
      (one) => one.activity.playMinutes > 5 && one.child === "tove" && one.placeClass.startsWith("table"),
    );
    if (!c) throw new Error("nothing stands on the table");
    expect(explainPlacement(s, anId("tove"), c.activity.id, c.rung.id, anId("low-table"))).toMatchObject({
      code: "too-long",
      most: 5,
    });
  });

  it("has of a routine only what is part of it, and says so of the rest", () => {
    const inTheDay = Place.parse({ ...stamp, id: "day", site: "home", name: "In the day", kind: "routine" });
    const activities = FIXTURE.activities.map((one, i) => ({
      ...one,
      places: [...one.places, "routine" as const],
      rungs: one.rungs.map((rung) => ({ ...rung, places: undefined })),
      routines: i % 2 === 0 ? (["dressing"] as const).slice() : undefined,
    }));
    const s = situationOf(
      { ...FIXTURE, activities },
      home(
        [
          moment("m", "day", "12:00", 60, { routine: "at-meal" }),
          moment("n", "day", "07:30", 60, { routine: "dressing" }),
        ],
        (tables) => ({ ...tables, places: [...tables.places, inTheDay] }),
      ),
      ON,
    );
    const { candidates } = buildProblem(s);
    const at = (placeClass: string) => candidates.filter((one) => one.placeClass === placeClass);
    expect(at("moment m").length).toBeGreaterThan(0);
    expect(at("moment m").every((one) => one.activity.routines === undefined)).toBe(true);
    const dressed = at("moment n").find((one) => one.activity.routines !== undefined);
    if (!dressed) throw new Error("nothing is part of dressing");
    const { activity, rung, child } = dressed;
    expect(explainPlacement(s, child, activity.id, rung.id, anId("day"))).toBeUndefined();
    const mealsOnly = { ...s, openings: s.openings.filter((one) => one.moment.id === "m") };
    expect(explainPlacement(mealsOnly, child, activity.id, rung.id, anId("day"))).toMatchObject({
      code: "other-routine",
      routines: ["dressing"],
    });
  });

  it("keeps its days of the week where the shelf is accepted for a later day than it was planned for", () => {
    const [tray] = planned(home([moment("m", "low-table", "15:00", 30)])).trays.filter((one) => one.when);
    if (!tray?.when) throw new Error("nothing comes at the moment");
    const later = addDays(ON, 3);
    const days = trayFieldsOf(tray, anId("r"), later, []).when?.days ?? [];
    expect(days).toHaveLength(tray.when.days.length);
    expect(days.every((day) => day >= later && day < addDays(later, 7))).toBe(true);
    expect(days.map(weekdayOf).sort()).toEqual(tray.when.days.map(weekdayOf).sort());
    expect(trayFieldsOf(tray, anId("r"), ON, []).when).toEqual(tray.when);
  });

  it("tells what is out at once: what stands, and of what comes in turn no more than one", () => {
    const { trays, used } = planned(home([moment("m", "low-table", "15:00", 30)]));
    const standing = trays.filter((tray) => !tray.when);
    const messy = (all: typeof trays) =>
      all.filter((tray) => FIXTURE.activities.find((one) => one.id === tray.activity)?.messy).length;
    expect(used.trays).toBe(standing.length);
    expect(used.adultBeside).toBe(standing.filter((tray) => tray.close).length);
    const inTurn = trays.filter((tray) => tray.when);
    expect(used.messy).toBe(messy(standing) + Math.min(1, messy(inTurn)));
  });

  it("is not needed: a home of a mat alone has its week", () => {
    const matOnly = (tables: Tables): Tables => ({
      ...tables,
      places: tables.places.filter((place) => place.id === "mat"),
      rotations: [],
      trays: [],
    });
    const { trays } = planned(
      home([moment("a", "mat", "09:00", 20), moment("b", "mat", "16:00", 20)], matOnly),
    );
    expect(trays.length).toBeGreaterThanOrEqual(4);
    expect(trays.every((tray) => tray.when)).toBe(true);
  });
});
