import { describe, expect, it } from "vitest";
import { type Situation, situationOf, standingRotation } from "../household";
import { addDays, DAY_KINDS, type DayKind, plainDate, type Tables, Tray, weekdayOf } from "../model";
import { partFor, randomTables } from "../planner/testing/households";
import { withMoments } from "../planner/testing/moments";
import { judge, offerAt, whileAsleep } from "../safety";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { runs } from "../testing/runs";
import { suggestDay } from ".";

const ON = plainDate("2026-05-10");
type Day = ReturnType<typeof suggestDay>;

/** What is wrong with a made day, judged from the tables. */
function faultsOf(s: Situation, tables: Tables, kind: DayKind, uses: Day): string[] {
  const faults: string[] = [];
  const standing = standingRotation(tables, s.site, ON)?.id;
  const out = tables.trays.filter((one) => one.rotation === standing && one.downOn === undefined);
  const stock = s.stock.map((one) => ({
    ...one,
    quantity:
      one.quantity -
      out
        .flatMap((tray) => tray.allotted)
        .reduce((sum, it) => sum + (it.holding === one.holding?.id ? it.quantity : 0), 0),
  }));
  const supply = {
    materials: s.materials,
    stock: stock.filter((one) => one.holding && one.quantity > 0),
    cents: 0,
  };
  for (const { activity, rung, children, place, things, judgement, moment } of uses) {
    const fault = (bad: boolean, text: string) => bad && faults.push(`${activity.id}/${rung.id}: ${text}`);
    const minutes = (rung.prepMinutes ?? activity.prepMinutes) + activity.playMinutes + activity.clearMinutes;
    const hours = moment && moment.asleep.length > 0 ? whileAsleep(place, moment.asleep) : place;
    const here = { ...hours, servesOnly: [] };
    const offer = offerAt(activity, rung, here, {
      ...{ users: s.planned, people: s.people, supply, from: ON, to: addDays(ON, 1) },
    });
    fault(!offer || offer.judgement.state === "blocked", "is not there, or not safe");
    const listed = judge({ activity, rung, things, place: here, users: s.planned, people: s.people }, ON, ON);
    fault(listed.state !== judgement.state, `what is fetched is ${listed.state}, not ${judgement.state}`);
    fault(children.length === 0, "is for nobody");
    for (const child of children) {
      const { chance, word } = s.readiness.get(child.id)?.rung(activity, rung) ?? {
        chance: 0,
        word: "coming",
      };
      fault(chance < 0.35, `is ${word} for ${child.name}`);
      fault(s.readiness.get(child.id)?.barred(rung) ?? true, "is barred");
      fault(
        out.some((one) => one.child === child.id && one.activity === activity.id),
        "stands already",
      );
      const refused = tables.wishes.some(
        (one) => one.activity === activity.id && one.kind === "never" && !one.rung,
      );
      fault(refused, "was refused");
    }
    fault(kind === "short" && minutes > 10, `takes ${minutes} minutes`);
    fault((kind === "ill" || kind === "indoors") && place.kind === "outdoors", "is outdoors");
    fault(
      kind === "ill" && (activity.wet || activity.messy || activity.loud || activity.area === "body"),
      "is no rest",
    );
    if (!moment) continue;
    fault(moment.place !== place.id || !moment.weekdays.includes(weekdayOf(ON)), "comes at another moment");
    fault(activity.playMinutes > moment.minutes, "is longer than its moment");
    fault(
      children.every((child) => moment.asleep.includes(child.id)),
      "is for who sleeps",
    );
  }
  const twice = (keys: readonly string[]) => new Set(keys).size !== keys.length;
  if (twice(uses.map((one) => one.activity.id)) || twice(uses.map((one) => one.activity.form)))
    faults.push("the same twice");
  if (twice(uses.flatMap((one) => one.moment?.id ?? []))) faults.push("two at one moment");
  return faults;
}

const HOUSEHOLDS = runs(20, 400);

describe(`a day of what is there, in ${HOUSEHOLDS} random households`, () => {
  it.each(DAY_KINDS)("keeps to what such a day bears: %s", (kind) => {
    let found = 0;
    for (let seed = 0; seed < HOUSEHOLDS; seed++) {
      const tables = seed % 2 === 0 ? randomTables(seed) : withMoments(randomTables(seed), seed);
      const s = situationOf(partFor(tables, seed, 1), tables, ON);
      const days = [0, 1].map((turn) => suggestDay(s, tables, ON, kind, turn));
      for (const uses of days)
        expect({ seed, faults: faultsOf(s, tables, kind, uses) }).toEqual({ seed, faults: [] });
      const [first = [], second = []] = days;
      expect(first.length).toBeLessThanOrEqual(4);
      expect(second.filter((one) => first.some((other) => other.activity.id === one.activity.id))).toEqual(
        [],
      );
      expect(suggestDay(s, tables, ON, kind)).toEqual(first);
      found += first.length;
    }
    expect(found).toBeGreaterThan(HOUSEHOLDS);
  });
});

describe("a day of what is there, in the fixture's home", () => {
  const { tables } = fixtureHome();
  const s = situationOf(FIXTURE, tables, ON, anId("home"));

  it("is for a rainy day one of moving, and of several areas", () => {
    const areas = suggestDay(s, tables, ON, "indoors").map((one) => one.activity.area);
    expect(areas).toContain("body");
    expect(new Set(areas).size).toBeGreaterThan(1);
  });

  it("fetches nothing that a standing tray holds, as it is or mixed into something", () => {
    const standing = standingRotation(tables, anId("home"), ON);
    const tray = tables.trays.find((one) => one.rotation === standing?.id);
    if (!tray) throw new Error("a tray was expected to stand");
    const fetched = (over: Tables, kind: DayKind) =>
      suggestDay(situationOf(FIXTURE, over, ON, anId("home")), over, ON, kind).flatMap((use) =>
        use.things.map((thing) => thing.material.id),
      );
    let held = 0;
    for (const kind of DAY_KINDS) {
      for (const material of new Set(fetched(tables, kind))) {
        const rows = tables.holdings.filter((one) => one.material === material);
        const need = tray.allotted[0]?.need ?? "a";
        const allotments = {
          "as it is": rows.map(({ id, quantity }) => ({ need, material, holding: id, quantity })),
          mixed: [
            {
              need,
              material: "dough",
              quantity: 1,
              mixed: rows.map(({ id, quantity }) => ({ holding: id, quantity })),
            },
          ],
        };
        for (const [how, allotted] of Object.entries(allotments)) {
          const over: Tables = {
            ...tables,
            prepStates: [],
            trays: tables.trays.map((one) =>
              one.id === tray.id ? Tray.parse({ ...one, allotted: [...one.allotted, ...allotted] }) : one,
            ),
          };
          expect({ kind, how, fetched: fetched(over, kind) }).not.toMatchObject({
            fetched: expect.arrayContaining([material]),
          });
          held++;
        }
      }
    }
    expect(held).toBeGreaterThan(8);
  });

  it("ends where nothing is left, and is none where nobody is planned for", () => {
    expect(suggestDay(s, tables, ON, "short", 20)).toEqual([]);
    const children = tables.children.map((one) => ({ ...one, planFor: false }));
    const nobody = { ...tables, children };
    expect(suggestDay(situationOf(FIXTURE, nobody, ON, anId("home")), nobody, ON, "ill")).toEqual([]);
  });

  it("goes by the home where one is", () => {
    const there = situationOf(FIXTURE, tables, ON, anId("grandmother"));
    const uses = suggestDay(there, tables, ON, "elsewhere");
    expect(uses.length).toBeGreaterThan(0);
    expect(uses.every((one) => one.place.site === "grandmother")).toBe(true);
    expect(faultsOf(there, tables, "elsewhere", uses)).toEqual([]);
  });
});
