import loadHighs, { type Highs } from "highs";
import { beforeAll, describe, expect, it } from "vitest";
import { focusText, outcomeText } from "../../words/focus";
import { focusFrom, situationOf } from "../household";
import {
  addDays,
  Child,
  type Focus,
  type FocusWeight,
  type Household,
  Limits,
  plainDate,
  seasonOn,
  type Tables,
  Wish,
} from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { horizonOf } from "./candidates/horizon";
import { explainPlacement } from "./explain/explainPlacement";

import { makePlan } from "./plan";

import { checkWeeks } from "./testing/checkWeeks";

const ON = plainDate("2026-05-11");
const stamp = { createdAt: "2026-05-10T00:00:00.000Z", updatedAt: "2026-05-10T00:00:00.000Z" };
let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const demo = () => fixtureHome().tables;
const withHousehold = (change: Partial<Household>, tables = demo()): Tables => ({
  ...tables,
  household: tables.household.map((row) => ({ ...row, ...change })),
});
const plan = (tables: Tables, weeks = 1) => makePlan(highs, horizonOf(FIXTURE, tables, ON, weeks));
const activityOf = (id: string) => FIXTURE.activities.find((one) => one.id === id);
const traysOf = (tables: Tables, weeks = 1) => plan(tables, weeks).rotations.flatMap((one) => one.trays);

describe("focus, theme and season", () => {
  const count = (tables: Tables, is: (activity: string, rung: string) => boolean) =>
    traysOf(tables).filter((tray) => is(tray.activity, tray.rung)).length;

  it("bring more of an area, of a skill, of a material and of a theme", () => {
    const cases = [
      [{ kind: "area", on: "hands" }, (a: string) => activityOf(a)?.area === "hands"],
      [
        { kind: "skill", on: "shares-job" },
        (a: string, r: string) =>
          activityOf(a)
            ?.rungs.find((one) => one.id === r)
            ?.grows.includes(anId("shares-job")),
      ],
      [
        { kind: "material", on: "bowl-small" },
        (a: string, r: string) =>
          activityOf(a)
            ?.rungs.find((one) => one.id === r)
            ?.materials.some((need) => need.material === "bowl-small"),
      ],
      [{ kind: "theme", on: "Balls" }, (a: string) => activityOf(a)?.interests.includes("balls")],
    ] as const;
    for (const [focus, is] of cases) {
      const test = (a: string, r: string) => Boolean((is as (a: string, r: string) => unknown)(a, r));
      const before = count(demo(), test);
      expect({
        focus,
        more: count(withHousehold({ focuses: [{ ...focus, weight: "little" }] }), test) > before,
      }).toEqual({ focus, more: true });
    }
  });

  it("end on their last day", () => {
    const over = withHousehold({
      focuses: [{ kind: "area", on: "hands", weight: "little", until: addDays(ON, -1) }],
    });
    expect(plan(over).objective).toBeCloseTo(plan(demo()).objective, 6);
  });

  it("have half of the shelf or all of it where they are to, several at once, and else say why not", () => {
    const serving = (tables: Tables, of: (a: string) => boolean) => {
      const [week] = plan(tables).rotations;
      return { week, share: (week?.trays ?? []).filter((tray) => of(tray.activity)).length };
    };
    const hands = (a: string) => activityOf(a)?.area === "hands";
    const before = serving(demo(), hands).share;
    const focus = (weight: FocusWeight, on = "hands"): Focus => ({ kind: "area", on, weight });
    const half = serving(withHousehold({ focuses: [focus("half")] }), hands);
    const whole = serving(withHousehold({ focuses: [focus("whole")] }), hands);
    const [outcome] = half.week?.focuses ?? [];
    expect(half.share).toBeGreaterThan(before);
    expect(outcome).toMatchObject({ inPlan: half.share, focus: focus("half") });
    expect(half.share).toBeGreaterThanOrEqual(Math.min(outcome?.wanted ?? 0, 5));
    expect(whole.share).toBeGreaterThan(half.share);
    const two = withHousehold({ focuses: [focus("half"), focus("half", "home")] });
    const [week] = plan(two).rotations;
    expect(week?.focuses.map((one) => one.focus.on)).toEqual(["hands", "home"]);
    for (const one of week?.focuses ?? []) expect(one.inPlan).toBeGreaterThan(1);
  });

  it("count everything that serves them once: what could come, and each that can't with its reason", () => {
    const focuses: Focus[] = [
      { kind: "skill", on: "snips", weight: "whole" },
      { kind: "theme", on: "no such theme", weight: "half" },
    ];
    const [week] = plan(withHousehold({ focuses })).rotations;
    const [snips, nothing] = week?.focuses ?? [];
    if (!snips || !nothing) throw new Error("two outcomes were expected");
    const barred = Object.values(snips.barred).reduce((sum, n) => sum + n, 0);
    expect(snips.could + barred).toBe(snips.serve);
    expect(snips.serve).toBeGreaterThan(0);
    expect(nothing).toMatchObject({ serve: 0, could: 0, inPlan: 0 });
    expect(outcomeText(nothing, FIXTURE)).toMatch(/nothing here serves it/);
    expect(outcomeText(snips, FIXTURE)).toMatch(/too early or outgrown|lack/);
  });

  it("are understood by their names, and written so that they can be typed again", () => {
    const areas = { hands: "Hands", body: "Body" } as never;
    const names = { areas, catalogue: FIXTURE };
    for (const text of ["Hands", "Passes from hand to hand", "snails", "4", "T"]) {
      const focus = focusFrom(text, names);
      expect(focus && focusText(focus, FIXTURE)).toBe(text);
    }
    expect(focusFrom("  ", names)).toBeUndefined();
  });

  it("know the seasons on both halves of the earth", () => {
    const north = ["2026-01-10", "2026-03-01", "2026-07-31", "2026-11-30", "2026-12-01"].map((day) =>
      seasonOn(plainDate(day), "north"),
    );
    expect(north).toEqual(["winter", "spring", "summer", "autumn", "winter"]);
    expect(seasonOn(plainDate("2026-01-10"), "south")).toBe("summer");
  });
});

describe("how trays change", () => {
  const fresh = (tables: Tables, weeks: number) =>
    plan(tables, weeks).rotations.map((one) => one.trays.filter((tray) => !tray.carried).length);
  const rhythm = (change: Partial<Household["planning"]>) => {
    const [row] = demo().household;
    if (!row) throw new Error("no household");
    return withHousehold({ planning: { ...row.planning, ...change } });
  };

  it("a few at a time: no more new activities than that, in any week", () => {
    const standing = new Set(demo().trays.map((tray) => tray.activity));
    const weeks = plan(rhythm({ rhythm: "few-at-a-time", newAtOnce: 2 }), 3).rotations;
    const newOnes = weeks[0]?.trays.filter((tray) => !standing.has(tray.activity)) ?? [];
    expect(newOnes.length).toBeLessThanOrEqual(2);
    for (const week of weeks.slice(1)) {
      expect(week.trays.filter((tray) => !tray.carried).length).toBeLessThanOrEqual(2);
    }
  });

  it("much repetition keeps more out than little", () => {
    const sum = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0);
    const much = sum(fresh(rhythm({ rhythm: "when-cold", stay: "much" }), 3));
    const little = sum(fresh(rhythm({ rhythm: "all-at-once", stay: "little" }), 3));
    expect(much).toBeLessThan(little);
  });

  it("keeps to so many trays out at once", () => {
    const [row] = demo().household;
    const few = withHousehold({ limits: Limits.parse({ ...row?.limits, trays: 5 }) });
    expect(plan(few, 2).rotations.map((one) => one.trays.length)).toEqual([5, 5]);
  });
});

describe("a tray for several", () => {
  it("serves twins at once where both can use it, counts for both, and is safe for both", () => {
    const tables = demo();
    const tove = tables.children.find((one) => one.id === "tove");
    const twin = Child.parse({ ...tove, id: "twin", name: "Twin" });
    const places = tables.places
      .filter((place) => place.kind === "bay")
      .slice(0, 3)
      .map((place) => ({ ...place, servesOnly: [], outOfReachOf: [] }));
    const twins = {
      ...tables,
      children: [...tables.children.filter((one) => one.id === "tove"), twin],
      places,
    };
    const made = plan(twins);
    expect(made.rotations[0]?.trays.some((tray) => tray.also.length === 1)).toBe(true);
    expect(checkWeeks(twins, made)).toEqual([]);
    const notForOne = {
      ...twins,
      wishes: (made.rotations[0]?.trays ?? []).map((tray) =>
        Wish.parse({
          ...stamp,
          id: tray.activity,
          child: "twin",
          activity: tray.activity,
          kind: "never",
          on: ON,
        }),
      ),
    };
    for (const tray of traysOf(notForOne)) {
      const refused = notForOne.wishes.some((wish) => wish.activity === tray.activity);
      expect(refused && [tray.child, ...tray.also].includes(anId("twin"))).toBe(false);
    }
  });
});

describe("a tray put somewhere by hand", () => {
  const s = () => situationOf(FIXTURE, demo(), ON);
  const lock = (more: object) =>
    Wish.parse({
      ...stamp,
      id: "lock",
      child: "tove",
      activity: "lids-to-pots",
      rung: "two",
      kind: "lock",
      on: ON,
      ...more,
    });

  it("may stand where it belongs and is safe, and nowhere else", () => {
    expect(
      explainPlacement(s(), anId("tove"), anId("lids-to-pots"), anId("two"), anId("bay-0-1")),
    ).toBeUndefined();
    expect(
      explainPlacement(s(), anId("tove"), anId("lids-to-pots"), anId("two"), anId("balcony")),
    ).toMatchObject({
      code: "other-kind",
    });
    const medium = explainPlacement(
      s(),
      anId("tove"),
      anId("rings-on-a-rope"),
      anId("lace-medium"),
      anId("bay-2-0"),
    );
    expect(["unsafe", "barred", "missing"]).toContain(medium?.code);
    expect(explainPlacement(s(), anId("tove"), anId("gone"), anId("two"), anId("bay-0-1"))).toEqual({
      code: "gone",
    });
  });

  it("stands at the place that the lock names, in the rotation that it names", () => {
    const here = plan({ ...demo(), wishes: [lock({ place: "bay-0-1" })] }).rotations[0];
    expect(here?.trays.find((tray) => tray.activity === "lids-to-pots")?.place).toBe("bay-0-1");
    const waits = Wish.parse({
      ...lock({}),
      id: "waits",
      kind: "not-until",
      rung: undefined,
      until: addDays(ON, 6),
    });
    const moved = { ...demo(), wishes: [lock({ place: "bay-1-1", from: addDays(ON, 7) }), waits] };
    const [now, then] = plan(moved, 2).rotations;
    expect(now?.trays.some((tray) => tray.activity === "lids-to-pots")).toBe(false);
    expect(then?.trays.find((tray) => tray.activity === "lids-to-pots")).toMatchObject({
      place: "bay-1-1",
      locked: true,
    });
  });

  it("names what others would need of the things in use", () => {
    const contested = plan(demo()).rotations.flatMap((one) => one.contested);
    expect(contested.length).toBeGreaterThan(0);
    for (const one of contested) {
      expect(one.heldBy.length).toBeGreaterThan(0);
      expect(one.wantedBy.length).toBeGreaterThan(0);
      expect(one.wantedBy.some((name) => one.heldBy.includes(name))).toBe(false);
    }
  });
});
