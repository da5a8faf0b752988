import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, addMonths, daysBetween, type PlainDate, plainDate } from "../model";
import { ageOn, applicableMonths, childMonthsOn, DAYS_PER_MONTH, dueDateOf, monthsFromBirth } from "./ageOn";

const age = (birth: string, on: string, due?: string) => {
  const result = ageOn(plainDate(birth), plainDate(on), due === undefined ? undefined : plainDate(due));
  if (!result.ok) throw new Error(result.issues[0]?.message);
  return result.value;
};

describe("ageOn", () => {
  it.each([
    ["2024-01-31", "2024-02-28", 0, 4],
    ["2023-01-31", "2023-02-28", 1, 0],
    ["2024-01-31", "2024-02-29", 1, 0],
    ["2024-02-29", "2025-02-27", 11, 4],
    ["2024-02-29", "2025-02-28", 12, 0],
    ["2024-02-29", "2028-02-28", 47, 4],
    ["2024-02-29", "2028-02-29", 48, 0],
    ["2024-03-30", "2024-04-29", 0, 4],
    ["2024-08-31", "2024-09-30", 1, 0],
    ["2024-12-15", "2025-01-14", 0, 4],
    ["2024-12-15", "2025-01-15", 1, 0],
    ["2024-10-05", "2026-05-10", 19, 0],
    ["2025-10-02", "2026-05-10", 7, 1],
    ["2026-05-10", "2026-05-10", 0, 0],
  ])("born %s, on %s: %i months and %i weeks", (birth, on, months, weeks) => {
    expect(age(birth, on)).toMatchObject({ months, weeks });
  });

  it("corrects for an early birth of three weeks or more, until 24 months", () => {
    expect(age("2024-10-05", "2026-05-10", "2024-11-09")).toMatchObject({ applies: "due" });
    expect(age("2024-10-05", "2026-05-10", "2024-10-26").applies).toBe("due");
    expect(age("2024-10-05", "2026-05-10", "2024-10-25").applies).toBe("birth");
    expect(age("2024-10-05", "2026-10-04", "2024-11-09").applies).toBe("due");
    expect(age("2024-10-05", "2026-10-05", "2024-11-09").applies).toBe("birth");
    const before = age("2024-10-05", "2024-10-10", "2024-11-09");
    expect(before.correctedMonths).toBeCloseTo(-30 / DAYS_PER_MONTH, 12);
  });

  it("never corrects for a late birth", () => {
    const late = age("2024-11-01", "2025-03-01", "2024-10-20");
    expect(late.applies).toBe("birth");
    expect(late.correctedMonths).toBeGreaterThan(late.decimalMonths);
  });

  it.each([
    ["2026-05-11", "2026-05-10", undefined, "before-birth", "on"],
    ["2024-10-05", "2026-05-10", "2025-10-05", "due-out-of-range", "due"],
    ["2024-10-05", "2026-05-10", "2023-10-05", "due-out-of-range", "due"],
  ])("refuses born %s, on %s, due %s", (birth, on, due, code, path) => {
    const result = ageOn(plainDate(birth), plainDate(on), due === undefined ? undefined : plainDate(due));
    expect(result).toMatchObject({ ok: false, issues: [{ code, path }] });
  });

  const date = fc
    .integer({ min: 0, max: 20_000 })
    .map((days): PlainDate => addDays(plainDate("1999-12-31"), days));

  it("counts days, months and weeks that agree with each other (property)", () => {
    fc.assert(
      fc.property(date, fc.integer({ min: 0, max: 2500 }), (birth, days) => {
        const on = addDays(birth, days);
        const result = ageOn(birth, on);
        if (!result.ok) throw new Error("an age was expected");
        const { months, weeks, decimalMonths } = result.value;
        expect(result.value.days).toBe(days);
        expect(decimalMonths).toBeCloseTo(days / 30.4375, 10);
        const completed = addMonths(birth, months);
        expect(completed <= on).toBe(true);
        expect(addMonths(birth, months + 1) > on).toBe(true);
        expect(weeks).toBe(Math.floor(daysBetween(completed, on) / 7));
        expect(Math.abs(months - decimalMonths)).toBeLessThan(1.2);
      }),
    );
  });

  it("grows by at most one month from day to day (property)", () => {
    fc.assert(
      fc.property(date, fc.integer({ min: 0, max: 2500 }), (birth, days) => {
        const today = age(birth, addDays(birth, days));
        const tomorrow = age(birth, addDays(birth, days + 1));
        expect([0, 1]).toContain(tomorrow.months - today.months);
      }),
    );
  });

  it("is the same in every time zone", () => {
    const zones = ["Pacific/Kiritimati", "America/Sao_Paulo", "Africa/Cairo", "Pacific/Niue", "UTC"];
    const before = process.env.TZ;
    const ages = zones.map((zone) => {
      process.env.TZ = zone;
      return JSON.stringify(age("2024-03-31", "2025-10-26", "2024-05-01"));
    });
    process.env.TZ = before;
    expect(new Set(ages).size).toBe(1);
  });
});

describe("monthsFromBirth", () => {
  it("is days over 30.4375, and 0 before the birth", () => {
    const birth = plainDate("2024-10-05");
    expect(monthsFromBirth({ birth }, addDays(birth, 487))).toBe(16);
    expect(monthsFromBirth({ birth }, addDays(birth, -20))).toBe(0);
  });
});

describe("childMonthsOn", () => {
  it("goes by the due date while that applies, and never below 0", () => {
    const child = { birth: plainDate("2024-10-05"), due: dueDateOf(plainDate("2024-10-05"), 5) };
    expect(child.due).toBe("2024-11-09");
    const young = age("2024-10-05", "2026-05-10", "2024-11-09");
    expect(childMonthsOn(child, plainDate("2026-05-10"))).toBe(applicableMonths(young));
    expect(childMonthsOn(child, plainDate("2024-10-20"))).toBe(0);
    expect(childMonthsOn(child, plainDate("2024-01-01"))).toBe(0);
    expect(childMonthsOn(child, plainDate("2028-10-05"))).toBeCloseTo(48, 0);
  });
});
