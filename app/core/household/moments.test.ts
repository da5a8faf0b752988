import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, Child, Moment, Place, plainDate, weekdayOf } from "../model";
import { anId } from "../testing/ids";
import { childrenAt, daysFor, daysOf, neighboursOf, type Opening, overlap, type Visit } from "./moments";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
const MONDAY = plainDate("2026-05-11");
const moment = (id: string, at: string, minutes: number, more: object = {}) =>
  Moment.parse({ ...stamp, id, place: "p", routine: "after-nap", at, minutes, ...more });
const place = (id: string, more: object = {}) =>
  Place.parse({ ...stamp, id, site: "home", name: id, kind: "table", ...more });
const child = (id: string) => Child.parse({ ...stamp, id, name: id, birth: "2024-10-01" });

describe("moments of the day", () => {
  it.each([
    ["2026-05-11", 1],
    ["2026-05-17", 7],
    ["1970-01-01", 4],
    ["1969-12-28", 7],
    ["2024-02-29", 4],
  ])("%s is day %i of its week", (date, day) => {
    expect(weekdayOf(plainDate(date))).toBe(day);
  });

  it("come on their days of the week, the first and not the last", () => {
    const weekend = moment("m", "09:00", 20, { weekdays: [6, 7] });
    expect(daysOf(weekend, MONDAY, addDays(MONDAY, 14))).toEqual(
      [5, 6, 12, 13].map((n) => addDays(MONDAY, n)),
    );
    expect(daysOf(weekend, addDays(MONDAY, 5), addDays(MONDAY, 6))).toEqual([addDays(MONDAY, 5)]);
  });

  it("overlap where they share a minute of a day they share", () => {
    const first = moment("a", "09:00", 30);
    expect(overlap(first, moment("b", "09:29", 10))).toBe(true);
    expect(overlap(first, moment("b", "09:30", 10))).toBe(false);
    expect(overlap(moment("b", "09:29", 10), first)).toBe(true);
    expect(
      overlap(moment("a", "09:00", 30, { weekdays: [1] }), moment("b", "09:00", 30, { weekdays: [2] })),
    ).toBe(false);
  });

  it("are for who is there, awake, and served by the place", () => {
    const all = ["a", "b", "c"].map(child);
    const ids = (more: object, served: string[] = []) =>
      childrenAt(moment("m", "09:00", 20, more), place("p", { servesOnly: served }), all).map(
        (one) => one.id,
      );
    expect(ids({})).toEqual(["a", "b", "c"]);
    expect(ids({ children: ["a", "b"], asleep: ["b"] })).toEqual(["a"]);
    expect(ids({ asleep: ["a"] }, ["a", "c"])).toEqual(["c"]);
  });
});

/** Random moments at three places for two children, the second place exclusive with the first. */
const openings = fc
  .array(
    fc.record({
      hour: fc.integer({ min: 8, max: 11 }),
      minutes: fc.integer({ min: 10, max: 90 }),
      weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 7 }),
      place: fc.integer({ min: 0, max: 2 }),
      who: fc.integer({ min: 0, max: 2 }),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((all): Opening[] =>
    all.map((one, i) => {
      const row = moment(`m${i}`, `${String(one.hour).padStart(2, "0")}:00`, one.minutes, {
        weekdays: one.weekdays,
        place: `p${one.place}`,
      });
      const children = one.who === 2 ? ["a", "b"].map(child) : [child(one.who === 0 ? "a" : "b")];
      const exclusiveWith = one.place === 1 ? ["p0"] : [];
      return {
        moment: row,
        place: place(`p${one.place}`, { exclusiveWith }),
        children,
        days: daysOf(row, MONDAY, addDays(MONDAY, 7)),
      };
    }),
  );

/** Visits that keep to the two rules of the plan, as many as go in. */
function keepingToTheRules(all: readonly Opening[], wanted: readonly Visit[]): Visit[] {
  const taken: Visit[] = [];
  const sum = (moments: readonly string[], only: (visit: Visit) => boolean) =>
    taken.reduce((n, visit) => n + (moments.includes(visit.moment) && only(visit) ? visit.times : 0), 0);
  for (const visit of wanted) {
    taken.push(visit);
    const ok = neighboursOf(all).every(({ opening, rivals, beside }) => {
      const own = [opening, ...rivals].map((one) => one.moment.id);
      const near = beside.map((one) => one.moment.id);
      const every = () => true;
      const close = (one: Visit) => one.close;
      return (
        sum(own, every) <= opening.days.length &&
        sum([opening.moment.id], close) + sum(own.slice(1), every) + sum(near, close) <= opening.days.length
      );
    });
    if (!ok) taken.pop();
  }
  return taken;
}

describe("giving days", () => {
  const wanted = fc.array(
    fc.record({
      which: fc.integer({ min: 0, max: 4 }),
      times: fc.integer({ min: 1, max: 4 }),
      close: fc.boolean(),
    }),
    { maxLength: 20 },
  );
  it("never fails for what keeps to the rules, and nothing is at two places at once", () => {
    fc.assert(
      fc.property(openings, wanted, (all, asked) => {
        const visits = keepingToTheRules(
          all,
          asked.map(({ which, times, close }) => ({ moment: anId(`m${which % all.length}`), times, close })),
        );
        const days = daysFor(all, visits);
        const of = (visit: Visit) => all.find((one) => one.moment.id === visit.moment) as Opening;
        visits.forEach((visit, i) => {
          expect(days[i]).toHaveLength(visit.times);
          expect(new Set(days[i]).size).toBe(visit.times);
          for (const day of days[i] ?? []) expect(of(visit).days).toContain(day);
          visits.slice(0, i).forEach((other, j) => {
            const shared = (days[i] ?? []).filter((day) => days[j]?.includes(day));
            if (shared.length === 0) return;
            expect(other.moment).not.toBe(visit.moment);
            const [a, b] = [of(visit), of(other)];
            if (!overlap(a.moment, b.moment)) return;
            expect(a.children.filter((one) => b.children.some((two) => two.id === one.id))).toEqual([]);
            expect(a.place.id).not.toBe(b.place.id);
            expect(a.place.exclusiveWith).not.toContain(b.place.id);
            expect(b.place.exclusiveWith).not.toContain(a.place.id);
            expect(visit.close && other.close).toBe(false);
          });
        });
      }),
      { numRuns: 500 },
    );
  });

  it("sets what comes twice apart, and leaves the days between to others", () => {
    const row = moment("m", "09:00", 20);
    const one: Opening = {
      moment: row,
      place: place("p"),
      children: [],
      days: daysOf(row, MONDAY, addDays(MONDAY, 7)),
    };
    const days = daysFor(
      [one],
      [
        { moment: anId("m"), times: 2, close: false },
        { moment: anId("m"), times: 1, close: false },
      ],
    );
    expect(days).toEqual([[addDays(MONDAY, 1), addDays(MONDAY, 5)], [addDays(MONDAY, 3)]]);
  });
});
