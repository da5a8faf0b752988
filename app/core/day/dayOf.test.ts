import { describe, expect, it } from "vitest";
import { situationOf } from "../household";
import { addDays, Moment, plainDate, type Tables, type Tray } from "../model";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { dayOf } from "./dayOf";

const SUNDAY = plainDate("2026-05-10");
const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const moment = (id: string, at: string, more: object = {}) =>
  Moment.parse({ ...stamp, id, place: anId("low-table"), routine: "after-nap", at, minutes: 30, ...more });

/** The fixture's home with two moments at the table, its tray there coming by the later one. */
function home(
  change: (tray: Tray) => Partial<Tray> = () => ({}),
  moments = [moment("late", "15:00"), moment("early", "08:30")],
) {
  const { tables } = fixtureHome();
  const trays = tables.trays.map((tray) =>
    tray.rotation === "week-12" && tray.place === "low-table"
      ? { ...tray, when: { moment: anId("late"), days: [SUNDAY] }, ...change(tray) }
      : tray,
  );
  return { ...tables, moments, trays };
}
const on = (tables: Tables, day = SUNDAY) => dayOf(tables, situationOf(FIXTURE, tables, day), day);

describe("a day by its moments", () => {
  it("has them in their order, with what is on and the time to begin with it", () => {
    const { moments } = on(home());
    expect(moments.map((one) => [one.moment.id, one.invitation?.activity.id])).toEqual([
      ["early", undefined],
      ["late", "dough"],
    ]);
    const late = moments[1];
    expect(late?.choices).toHaveLength(1);
    expect(late?.beginAt).toBe(15 * 60 - (late?.prepMinutes ?? 0));
  });

  it("has nothing on a day that it is not planned for, and no moment on a day that it does not come", () => {
    const weekly = [moment("late", "15:00", { weekdays: [7] })];
    const saturday = addDays(SUNDAY, -1);
    expect(on(home(), saturday).moments[1]?.invitation).toBeUndefined();
    expect(on(home(undefined, weekly), saturday).moments).toEqual([]);
    expect(on(home(undefined, weekly)).moments).toHaveLength(1);
  });

  it("leaves out what was taken down, and tells who is to be asleep and that something was noted", () => {
    expect(on(home(() => ({ downOn: SUNDAY }))).moments[1]).toMatchObject({ choices: [] });
    const asleep = on(home(undefined, [moment("late", "15:00", { asleep: [anId("pim")] })])).moments[0];
    expect(asleep?.asleep.map((child) => child.id)).toEqual(["pim"]);
    expect(asleep?.isNoted).toBe(false);
    const noted = home();
    const [first] = noted.observations;
    const tray = noted.trays.find((one) => one.when);
    if (!first || !tray) throw new Error("the fixture has changed");
    const seen = { ...first, id: anId("n"), tray: tray.id, on: SUNDAY };
    expect(on({ ...noted, observations: [...noted.observations, seen] }).moments[1]?.isNoted).toBe(true);
  });

  it("tells what spoils within three days, the soonest first, and not what is past or used", () => {
    const { holdings, ...rest } = home();
    const [a, b, c, d] = holdings.filter((one) => one.site === "home");
    if (!a || !b || !c || !d) throw new Error("the fixture has changed");
    const inDays = (days: number) => addDays(SUNDAY, days);
    const spoiling = [
      { ...a, useBy: inDays(3) },
      { ...b, useBy: inDays(0) },
      { ...c, useBy: inDays(-1) },
      { ...d, useBy: inDays(1), quantity: 0 },
    ];
    expect(on({ ...rest, holdings: spoiling }).useUp.map((one) => one.holding.id)).toEqual([b.id, a.id]);
  });
});
