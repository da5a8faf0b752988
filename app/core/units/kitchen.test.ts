import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fractionText, kitchenText } from "./kitchen";

describe("kitchen measures", () => {
  it.each<[number, "ml" | "g" | "piece", string, string]>([
    // A US cup is 236.6 ml, a tablespoon 14.8, a teaspoon 4.93, an ounce 28.35 g.
    [120, "ml", "120 ml", "½ cup"],
    [25, "ml", "25 ml (1⅔ tbsp)", "1⅔ tbsp"],
    [5, "ml", "1 tsp (5 ml)", "1 tsp"],
    [350, "ml", "350 ml", "1½ cups"],
    [475, "ml", "475 ml", "2 cups"],
    [250, "g", "250 g", "8¾ oz"],
    [5, "g", "5 g", "¼ oz"],
    [4, "piece", "4", "4"],
  ])("%s %s are %s, or %s", (quantity, unit, metric, us) => {
    expect(kitchenText(quantity, unit, "metric")).toBe(metric);
    expect(kitchenText(quantity, unit, "us")).toBe(us);
  });

  it("are never off by more than a sixth of a unit, nor nothing at all", () => {
    const SIGNS: Record<string, number> = { "¼": 0.25, "⅓": 1 / 3, "½": 0.5, "⅔": 2 / 3, "¾": 0.75 };
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 40, noNaN: true }), (amount) => {
        const text = fractionText(amount);
        const sign = SIGNS[text.at(-1) ?? ""] ?? 0;
        const read = Number(sign ? text.slice(0, -1) || 0 : text) + sign;
        expect(read).toBeGreaterThan(0);
        expect(Math.abs(read - Math.max(amount, 0.125))).toBeLessThanOrEqual(0.126);
      }),
    );
  });
});
