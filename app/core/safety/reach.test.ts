import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, Child, Place, plainDate, SkillNote } from "../model";
import { anId } from "../testing/ids";
import { mayDo, NOT_YET_DAYS } from "./abilities";
import {
  easyReachCm,
  fetchesFrom,
  mayReachCm,
  nextReachChanges,
  reachOf,
  tallCm,
  whileAsleep,
  whoCanReach,
} from "./reach";

const ON = plainDate("2026-06-01");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const child = (months: number, id = "c") =>
  Child.parse({ ...stamp, id, name: id, birth: addDays(ON, -Math.ceil(months * 30.4375)) });
const place = (more: object = {}) =>
  Place.parse({ ...stamp, id: "p", site: "home", name: "P", kind: "bay", ...more });
const tick = (skill: string, seen: boolean, daysAgo: number, of = "c") =>
  SkillNote.parse({ ...stamp, id: `${skill}-${daysAgo}`, child: of, skill, on: addDays(ON, -daysAgo), seen });
const alone = (one: Child, ticks: SkillNote[] = []) => ({ children: [one], ticks });

describe("what a child may already do", () => {
  it.each<[string, number, Parameters<typeof mayDo>[2], boolean]>([
    ["sits before the first in a hundred", 3.7, "sits", false],
    ["sits from 3.8 months", 3.9, "sits", true],
    ["pulls up from 4.8 months, the earliest standing with help", 4.9, "pulls-up", true],
    ["crawls from 5.2 months", 5.3, "crawls", true],
    ["does not climb at eight months", 8, "climbs", false],
    ["climbs from nine months", 9.1, "climbs", true],
  ])("%s", (_, months, ability, may) => {
    const one = child(months);
    expect(mayDo(alone(one), one, ability, ON).may).toBe(may);
  });

  it("is there once it, or what comes after it, was seen, and away while “not yet” is fresh", () => {
    const young = child(4);
    expect(mayDo(alone(young, [tick("walks", true, 1)]), young, "pulls-up", ON).may).toBe(true);
    const ten = child(10);
    expect(mayDo(alone(ten, [tick("climbs", false, 13)]), ten, "climbs", ON).may).toBe(false);
    expect(mayDo(alone(ten, [tick("climbs", false, NOT_YET_DAYS)]), ten, "climbs", ON).may).toBe(true);
    // What was seen once stays seen.
    const both = alone(ten, [tick("climbs", true, 20), tick("climbs", false, 1)]);
    expect(mayDo(both, ten, "climbs", ON).may).toBe(true);
    // Another child's tick says nothing.
    expect(mayDo(alone(ten, [tick("climbs", false, 1, "other")]), ten, "climbs", ON).may).toBe(true);
  });
});

describe("how high a child gets", () => {
  it("follows the table of the tall, and goes on where it ends", () => {
    expect(tallCm(0)).toBe(53.7);
    expect(tallCm(12)).toBe(80.5);
    expect(tallCm(15)).toBeCloseTo((80.5 + 87.7) / 2, 6);
    expect(tallCm(200)).toBe(119.2);
  });

  it("never falls with age, is never below what comes with ease, and knows no height once it may climb", () => {
    const months = fc.double({ min: 0, max: 60, noNaN: true });
    fc.assert(
      fc.property(months, months, (a, b) => {
        const [younger, older] = [child(Math.min(a, b)), child(Math.max(a, b))];
        const high = mayReachCm(alone(older), older, ON).cm;
        expect(high).toBeGreaterThanOrEqual(mayReachCm(alone(younger), younger, ON).cm);
        expect(easyReachCm(alone(older), older, ON)).toBeLessThanOrEqual(high);
      }),
    );
    const climber = child(9.5);
    expect(mayReachCm(alone(climber), climber, ON)).toEqual({ cm: Number.POSITIVE_INFINITY, by: "climbs" });
  });
});

describe("who gets at a place", () => {
  const baby = child(7, "c");
  it("goes by height only as long as it is above what the child may reach", () => {
    const people = alone(baby);
    expect(reachOf(place({ heightCm: 40 }), people, baby, ON)).toMatchObject({ reaches: true });
    expect(reachOf(place({ heightCm: 150 }), people, baby, ON)).toMatchObject({
      reaches: false,
      because: "high",
    });
    // Said to be high, and nobody knows how high: taken to be low.
    expect(reachOf(place({ outOfReachOf: ["c"] }), people, baby, ON)).toMatchObject({ reaches: true });
    const toddler = child(14);
    expect(reachOf(place({ heightCm: 150, outOfReachOf: ["c"] }), alone(toddler), toddler, ON)).toMatchObject(
      {
        reaches: true,
        by: "climbs",
      },
    );
  });

  it("takes the adult's word for a lock, a gate, a door and sleep, and that a child does get at it", () => {
    const toddler = child(30);
    for (const because of ["lock", "gate", "door", "asleep"]) {
      const kept = place({ outOfReachOf: ["c"], because });
      expect(reachOf(kept, alone(toddler), toddler, ON)).toEqual({ reaches: false, because });
    }
    const said = place({ heightCm: 200, reachedBy: ["c"] });
    expect(reachOf(said, alone(baby), baby, ON)).toEqual({ reaches: true, because: "said" });
  });

  it("for the hours of sleep leaves the others as they are", () => {
    const high = place({ heightCm: 45, outOfReachOf: ["c"] });
    const quiet = whileAsleep(high, [anId("d")]);
    const people = { children: [baby, child(20, "d")], ticks: [] };
    expect(whoCanReach(quiet, [], people, ON).map((one) => one.id)).toEqual(["c"]);
    expect(whileAsleep(place({ outOfReachOf: ["c"], because: "gate" }), [anId("d")]).outOfReachOf).toEqual([
      "c",
      "d",
    ]);
  });

  it("counts the children it is for, and nobody who is not born yet", () => {
    const unborn = Child.parse({ ...stamp, id: "u", name: "u", birth: addDays(ON, 10) });
    const people = { children: [baby, unborn], ticks: [] };
    expect(whoCanReach(place(), [], people, ON).map((one) => one.id)).toEqual(["c"]);
    expect(whoCanReach(place({ outOfReachOf: ["c"], because: "lock" }), [baby], people, ON)).toHaveLength(1);
  });

  it("lets a child fetch from a board of which nobody said the height, unless height keeps it away", () => {
    const [baby, climber] = [child(6), child(30)];
    const said = place({ outOfReachOf: ["c"], because: "high" });
    expect(fetchesFrom(place(), alone(baby), baby, ON)).toBe(true);
    for (const one of [baby, climber]) {
      expect(fetchesFrom(said, alone(one), one, ON)).toBe(reachOf(said, alone(one), one, ON).reaches);
    }
    expect(fetchesFrom(place({ ...said, because: "lock" }), alone(climber), climber, ON)).toBe(false);
  });

  it("lets a child's own tray stand only where that child gets at it with ease", () => {
    const walker = child(14);
    const low = place({ heightCm: 45 });
    expect(fetchesFrom(low, alone(walker), walker, ON)).toBe(true);
    expect(fetchesFrom(place({ heightCm: 130 }), alone(walker), walker, ON)).toBe(false);
    expect(fetchesFrom(place({ outOfReachOf: ["c"], because: "lock" }), alone(walker), walker, ON)).toBe(
      false,
    );
    expect(fetchesFrom(low, alone(child(3)), child(3), ON)).toBe(false);
    // At the table, on the mat and outdoors the adult sets it out.
    expect(fetchesFrom(place({ kind: "table", heightCm: 70 }), alone(child(3)), child(3), ON)).toBe(true);
  });
});

describe("the next change of reach", () => {
  it("is foreseen to the day: what a tick denied may come once it is old", () => {
    const baby = child(7);
    const people = alone(baby, [tick("pulls-up", false, 2), tick("crawls", false, 2)]);
    const boards = [place({ id: "low", heightCm: 10 }), place({ id: "high", heightCm: 62 })];
    expect(nextReachChanges(boards, people, ON, 60)).toMatchObject([
      { on: addDays(ON, NOT_YET_DAYS - 2), by: "pulls-up", places: [{ id: "high" }] },
    ]);
    expect(nextReachChanges(boards, people, ON, 5)).toEqual([]);
  });

  it("is the day on which a child may climb", () => {
    const baby = child(8.5);
    const [change] = nextReachChanges([place({ heightCm: 150 })], alone(baby), ON, 60);
    expect(change).toMatchObject({ by: "climbs" });
    const before = addDays(change?.on ?? ON, -1);
    expect(reachOf(place({ heightCm: 150 }), alone(baby), baby, before).reaches).toBe(false);
  });
});
