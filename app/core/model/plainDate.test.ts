import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { addDays, addMonths, daysBetween, PlainDate, plainDate } from "./plainDate";

describe("PlainDate", () => {
  it.each([
    "2024-02-30",
    "2023-02-29",
    "2024-13-01",
    "2024-1-1",
    "24-01-01",
    "2024-01-01T00:00",
    "",
    "yesterday",
  ])("refuses %s", (text) => {
    expect(PlainDate.safeParse(text).success).toBe(false);
  });

  it("adds and counts days as each other's inverse (property)", () => {
    const from = plainDate("2000-01-01");
    fc.assert(
      fc.property(
        fc.integer({ min: -10_000, max: 10_000 }),
        fc.integer({ min: -4000, max: 4000 }),
        (a, b) => {
          const start = addDays(from, a);
          expect(daysBetween(start, addDays(start, b))).toBe(b);
          expect(PlainDate.safeParse(start).success).toBe(true);
        },
      ),
    );
  });

  it("ends a month early where it has no such day", () => {
    expect(addMonths(plainDate("2024-01-31"), 1)).toBe("2024-02-29");
    expect(addMonths(plainDate("2024-02-29"), 12)).toBe("2025-02-28");
  });
});
