import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { GUIDES } from "../../catalogue/guides";
import { situationOf, standingSafety, turningUnsafe } from "../household";
import {
  addDays,
  type Catalogue,
  Child,
  Holding,
  Household,
  Limits,
  Place,
  type PlainDate,
  plainDate,
  Rotation,
  SkillNote,
  TABLE_NAMES,
  type Tables,
  Tray,
} from "../model";
import { showPages } from "../rotation";
import { assess, judge, peopleOf, safetyActions } from "../safety";
import { FIXTURE } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { runs } from "../testing/runs";
import { explainPlacement } from "./explain/explainPlacement";

import { makeRotation } from "./plan";

import { partFor, ON as RANDOM_ON, randomTables } from "./testing/households";

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const HOMES = runs(100, 300);
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const ON = plainDate("2026-06-01");
const ring = FIXTURE.activities.find((one) => one.id === "ring-overhead");
const [look] = ring?.rungs ?? [];
if (!ring || !look) throw new Error("the catalogue has changed");
const only: Catalogue = { ...FIXTURE, activities: [ring] };

/** A home with one baby, a mat, a ring to hang up and a mat that crackles. */
function home(birth: PlainDate, more: Partial<Tables> = {}): Tables {
  const empty = Object.fromEntries(TABLE_NAMES.map((name) => [name, []])) as unknown as Tables;
  return {
    ...empty,
    household: [
      Household.parse({
        ...stamp,
        id: anId("h"),
        name: "H",
        sites: [{ id: anId("home"), name: "Home" }],
        limits: Limits.parse({}),
      }),
    ],
    children: [Child.parse({ ...stamp, id: anId("baby"), name: "Baby", birth })],
    places: [Place.parse({ ...stamp, id: anId("mat"), site: anId("home"), name: "Mat", kind: "mat" })],
    holdings: ["elastic-hanger", "crackle-mat"].map((material) =>
      Holding.parse({ ...stamp, id: material, site: anId("home"), material, quantity: 1 }),
    ),
    ...more,
  };
}
/** Born so that five months are full (152.2 days) on the given day. */
const fiveMonthsOn = (day: PlainDate) => addDays(day, -153);

const standing = {
  rotations: [Rotation.parse({ ...stamp, id: anId("r"), site: anId("home"), from: ON })],
  trays: [
    Tray.parse({
      ...stamp,
      id: anId("t"),
      rotation: anId("r"),
      child: anId("baby"),
      activity: anId("ring-overhead"),
      rung: anId("look"),
      place: anId("mat"),
      state: "free",
      allotted: [
        {
          need: anId("ring"),
          material: anId("elastic-hanger"),
          holding: anId("elastic-hanger"),
          quantity: 1,
        },
      ],
      outSince: ON,
    }),
  ],
};
const tick = (skill: string, on: PlainDate) =>
  SkillNote.parse({ ...stamp, id: skill, child: anId("baby"), skill, on, seen: true });

const planned = (tables: Tables) =>
  makeRotation(highs, situationOf(only, tables, ON), { seconds: 5 }).rotations[0]?.trays ?? [];

describe("a hanging ring", () => {
  it("is not planned where it turns unsafe within the rotation", () => {
    const tables = home(fiveMonthsOn(plainDate("2026-06-07")));
    expect(planned(tables)).toEqual([]);
    const s = situationOf(only, tables, ON);
    expect(explainPlacement(s, anId("baby"), anId("ring-overhead"), anId("look"), anId("mat"))).toMatchObject(
      {
        code: "unsafe",
        at: { place: "Mat" },
      },
    );
    // The day itself would have said nothing against it.
    const place = s.places[0];
    if (!place) throw new Error("a place was expected");
    const things = s.stock
      .filter((one) => one.holding)
      .map((one) => ({ material: one.material, loose: false }));
    const tray = { activity: ring, rung: look, things, place, users: s.planned, people: s.people };
    expect(assess(tray, ON).state).toBe("free");
    expect(judge(tray, ON, s.to).state).toBe("blocked");
  });

  it("is planned with its last safe day where it turns unsafe in the week after", () => {
    const [tray] = planned(home(fiveMonthsOn(plainDate("2026-06-12"))));
    expect(tray).toMatchObject({
      activity: "ring-overhead",
      state: "free",
      safeUntil: "2026-06-11",
      becomes: { state: "blocked" },
    });
  });

  it("is planned without a word where it is safe for long", () => {
    const [tray] = planned(home(fiveMonthsOn(plainDate("2026-07-20"))));
    expect(tray?.activity).toBe("ring-overhead");
    expect(tray?.safeUntil).toBeUndefined();
  });

  it("comes down on the day the baby is seen to push up, whatever the age", () => {
    const birth = fiveMonthsOn(plainDate("2026-07-20"));
    const safe = home(birth, standing);
    const pushing = { ...safe, skillNotes: [tick("pushes-up", addDays(ON, 1))] };
    const on = addDays(ON, 1);
    const state = (tables: Tables) => {
      const s = situationOf(only, tables, on);
      const [tray] = tables.trays;
      return tray && standingSafety(s, tables, tray)?.state;
    };
    expect([state(safe), state(pushing)]).toEqual(["free", "blocked"]);
    expect(planned({ ...home(birth), skillNotes: [tick("rolls", ON)] })).toEqual([]);
  });

  it("that stands is foreseen to the day, and then put away for good and not for four weeks", () => {
    const tables = home(fiveMonthsOn(plainDate("2026-06-07")), standing);
    const s = situationOf(only, tables, ON);
    expect(turningUnsafe(s, tables, tables.trays, 14)).toMatchObject([
      { on: "2026-06-07", becomes: { state: "blocked" } },
    ]);
    expect(turningUnsafe(s, tables, tables.trays, 3)).toEqual([]);
    const later = situationOf(only, tables, plainDate("2026-06-08"));
    expect(later.history(anId("baby"), ring).suggestion).toMatchObject({ move: "retire" });
    expect(later.history(anId("baby"), ring).suggestion?.why).toMatchObject({ code: "unsafe", when: "now" });
  });

  it("says the pull test and “take it down” first, in every way of showing", () => {
    const tables = home(fiveMonthsOn(plainDate("2026-07-20")), standing);
    const [tray] = tables.trays;
    const safety = tray && standingSafety(situationOf(only, tables, ON), tables, tray);
    const acts = safety ? safetyActions(safety) : [];
    expect(acts.join(" ")).toMatch(/Pull hard at the frame.*every knot.*take it down before you leave/);
    const guide = GUIDES["ring-overhead"];
    if (!guide) throw new Error("the catalogue has changed");
    for (const way of ["quiet", "talk", "explore"] as const) {
      const pages = showPages(guide, way, acts);
      expect(pages.findIndex((page) => page.kind === "safe")).toBeLessThan(
        pages.findIndex((page) => page.kind === "step"),
      );
    }
  });
});

describe("whatever is put away for safety", () => {
  it("comes back when it is safe again, by the day", () => {
    // Salt by the spoon is not for under threes: a tray that stands a month before is put away until the birthday.
    const salt = FIXTURE.materials.find((one) => one.id === "salt");
    if (!salt) throw new Error("the catalogue has changed");
    const rung = {
      ...look,
      id: anId("look"),
      materials: [{ id: anId("salt"), material: anId("salt"), quantity: 5, loose: true }],
    };
    const salty: Catalogue = { ...FIXTURE, activities: [{ ...ring, rungs: [rung] }] };
    const birth = addDays(ON, -Math.ceil(35 * 30.4375));
    const tables = home(birth, {
      ...standing,
      children: [Child.parse({ ...stamp, id: anId("baby"), name: "Baby", birth, mouths: "no" })],
      holdings: [
        Holding.parse({
          ...stamp,
          id: anId("salt"),
          site: anId("home"),
          material: anId("salt"),
          quantity: 500,
        }),
      ],
      trays: standing.trays.map((tray) => ({
        ...tray,
        allotted: [{ need: anId("salt"), material: anId("salt"), holding: anId("salt"), quantity: 5 }],
      })),
    });
    const { suggestion } = situationOf(salty, tables, ON).history(anId("baby"), { ...ring, rungs: [rung] });
    expect(suggestion).toMatchObject({ move: "rest", until: addDays(birth, Math.ceil(36 * 30.4375)) });
  });
});

describe(`${HOMES} made-up homes`, () => {
  it("get no tray that is blocked before its rotation ends", () => {
    for (let seed = 90_000; seed < 90_000 + HOMES; seed++) {
      const tables = randomTables(seed, "small");
      const s = situationOf(partFor(tables, seed, 10), tables, RANDOM_ON);
      const people = peopleOf(tables);
      for (const tray of makeRotation(highs, s, { seconds: 5 }).rotations[0]?.trays ?? []) {
        const activity = s.catalogue.activities.find((one) => one.id === tray.activity);
        const rung = activity?.rungs.find((one) => one.id === tray.rung);
        const place = s.places.find((one) => one.id === tray.place);
        if (!activity || !rung || !place) throw new Error(`seed ${seed}: a tray of nowhere`);
        const users = s.planned.filter((one) => one.id === tray.child || tray.also.includes(one.id));
        const things = tray.allotted.flatMap((one) => {
          const material = s.materials.get(one.material);
          const measured = tables.holdings.find((holding) => holding.id === one.holding)?.measured;
          const loose = rung.materials.find((need) => need.id === one.need)?.loose ?? true;
          return material ? [{ material, loose, measured }] : [];
        });
        for (let day = s.on; day < s.to; day = addDays(day, 1)) {
          const { state } = assess({ activity, rung, things, place, users, people }, day);
          if (state === "blocked") expect({ seed, tray: tray.activity, day, state }).toEqual({ seed });
        }
      }
    }
  }, 120_000);
});
