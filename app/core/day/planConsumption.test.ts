import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Holding, Moment, plainDate, type Tables } from "../model";
import { assess } from "../safety";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { planConsumption } from "./planConsumption";
import { sittingUses } from "./sittingUses";

const ON = plainDate("2026-05-11");
const stamp = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };

function home(moments: readonly object[] = []) {
  const before = fixtureHome().tables as Tables;
  const tables: Tables = {
    ...before,
    trays: before.trays.map((tray) => ({ ...tray, when: undefined })),
    moments: moments.map((one, i) =>
      Moment.parse({ ...stamp, id: anId(`m${i}`), routine: "after-nap", at: "15:00", minutes: 45, ...one }),
    ),
    holdings: [
      ...before.holdings,
      Holding.parse({
        ...stamp,
        id: anId("many"),
        site: anId("home"),
        material: anId("paper"),
        quantity: 400,
      }),
    ],
  };
  return { tables, s: situationOf(FIXTURE, tables, ON) };
}

describe("what has to be used up", () => {
  const { tables, s } = home([
    { place: anId("table") },
    { place: anId("table"), at: "09:00", weekdays: [1, 3] },
  ]);
  const children = s.planned.filter((one) => one.id === "tove");

  it("has as many uses as the amount allows, in rising order, each at its time and safe there", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("paper", "bowl-small", "towel", "pasta-large", "ball-soft").map(anId),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 6 }),
        (material, quantity, days) => {
          const by = addDays(ON, days);
          const { steps, left } = planConsumption(s, tables, material, { quantity, by, children });
          expect(left).toBe(quantity - steps.reduce((sum, one) => sum + one.quantity, 0));
          expect(left).toBeGreaterThanOrEqual(0);
          const order = sittingUses(s, material, children).uses.map(
            (one) => `${one.activity.id}/${one.rung.id}`,
          );
          const at = steps.map((one) => order.indexOf(`${one.activity.id}/${one.rung.id}`));
          expect(at).toEqual([...at].sort((a, b) => a - b));
          expect(at).not.toContain(-1);
          const times = steps.map((one) => `${one.on} ${one.moment?.at ?? "24:00"}`);
          expect(times).toEqual([...times].sort());
          for (const { activity, rung, on, moment, place } of steps) {
            expect(on >= ON && on <= by).toBe(true);
            if (moment) expect(activity.playMinutes).toBeLessThanOrEqual(moment.minutes);
            expect((rung.places ?? activity.places).includes(place.kind)).toBe(true);
            const judged = { activity, rung, things: [], place, users: children, people: s.people };
            expect(assess(judged, on).state).not.toBe("blocked");
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  it("never has fewer for more of it or for a day more", () => {
    const count = (quantity: number, days: number) =>
      planConsumption(s, tables, anId("paper"), { quantity, by: addDays(ON, days), children }).steps.length;
    for (const quantity of [1, 3, 6, 12, 30]) {
      for (const days of [0, 1, 3]) {
        expect(count(quantity + 5, days)).toBeGreaterThanOrEqual(count(quantity, days));
        expect(count(quantity, days + 1)).toBeGreaterThanOrEqual(count(quantity, days));
      }
    }
    expect(count(200, 6)).toBeGreaterThan(1);
  });

  it("is spread over its days, and leaves free what is planned already", () => {
    const plan = planConsumption(s, tables, anId("paper"), { quantity: 200, by: addDays(ON, 5), children });
    const days = plan.steps.map((one) => one.on);
    const most = Math.max(...days.map((day) => days.filter((one) => one === day).length));
    expect(most).toBe(Math.ceil(days.length / 6));
    const [tray] = tables.trays;
    if (!tray) throw new Error("a tray was expected");
    const standing = tables.trays.find(
      (one) => one.downOn === undefined && one.rotation === tables.rotations.at(-1)?.id,
    );
    const busy: Tables = {
      ...tables,
      trays: tables.trays.map((one) =>
        one === standing ? { ...one, when: { moment: "m0" as never, days: days as never } } : one,
      ),
    };
    const other = planConsumption(situationOf(FIXTURE, busy, ON), busy, anId("paper"), {
      ...{ quantity: 200, by: addDays(ON, 5), children },
    });
    expect(other.steps.every((one) => one.moment?.id !== "m0")).toBe(true);
  });

  it("is nothing where nothing suits, or there is too little", () => {
    expect(planConsumption(s, tables, anId("paper"), { quantity: 0, by: ON, children })).toEqual({
      steps: [],
      left: 0,
    });
    expect(planConsumption(s, tables, anId("no-such-thing"), { quantity: 9, by: ON, children })).toEqual({
      steps: [],
      left: 9,
    });
  });
});
