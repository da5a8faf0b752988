import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ageTermOf } from "./ageTerm";
import { cumulative, density } from "./normal";
import { assumedDensityUpdate, type Offsets, truncated, truncatedOrLapse } from "./offsets";

describe("the normal distribution", () => {
  // Abramowitz & Stegun, table 26.1.
  it.each([
    [0, 0.5],
    [1, 0.8413447461],
    [1.2815515655, 0.9],
    [-1.644853627, 0.05],
    [3, 0.998650102],
    [-4, 0.0000316712],
  ])("at %d is %d", (x, p) => expect(cumulative(x)).toBeCloseTo(p, 6));

  it("cut to an interval has the mean and variance of a numerical integral (property)", () => {
    const bound = fc.double({ min: -3, max: 3, noNaN: true });
    fc.assert(
      fc.property(bound, fc.double({ min: 0.2, max: 3, noNaN: true }), (from, width) => {
        const steps = 4000;
        const [mass, first, second] = Array.from(
          { length: steps },
          (_, i) => from + ((i + 0.5) * width) / steps,
        ).reduce(([m, f, s], x) => [m + density(x), f + x * density(x), s + x * x * density(x)], [0, 0, 0]);
        const mean = first / mass;
        const { shift, factor } = truncated(from, from + width);
        expect(shift).toBeCloseTo(mean, 3);
        expect(factor).toBeCloseTo(Math.max(0.05, second / mass - mean * mean), 2);
      }),
    );
  });
});

describe("outside of its window", () => {
  it("an age counts less for each further step, and still more than the one before", () => {
    const window = { p10: 12, median: 15, p90: 19 };
    const step = (from: number, to: number) => ageTermOf(window, to) - ageTermOf(window, from);
    expect(step(19, 24)).toBeGreaterThan(0);
    expect(step(19, 24) / (Math.log(24 / 19) * (step(15, 19) / Math.log(19 / 15)))).toBeCloseTo(0.7, 9);
    expect(step(9, 12)).toBeGreaterThan(0);
  });
});

describe("a lapse", () => {
  const shifted = (lapse: number) => truncatedOrLapse(Number.NEGATIVE_INFINITY, -2.5, lapse);

  it("is Bayes' rule for a mixture: mean and variance agree with a numerical posterior", () => {
    let [mass, mean, second] = [0, 0, 0];
    for (let u = -6; u <= 6; u += 0.001) {
      const p = density(u) * (0.9 * (u < -2.5 ? 1 : 0) + 0.1 * 0.2);
      mass += p;
      mean += u * p;
      second += u * u * p;
    }
    mean /= mass;
    expect(shifted(0.1).shift).toBeCloseTo(mean, 2);
    expect(shifted(0.1).factor).toBeCloseTo(Math.min(1, second / mass - mean * mean), 2);
  });

  it("makes the least expected sights say the least", () => {
    expect(Math.abs(shifted(0.1).shift)).toBeLessThan(Math.abs(shifted(0).shift) / 2);
    expect(truncatedOrLapse(-1, 1, 0.1).shift).toBeCloseTo(0, 9);
  });
});

describe("one update", () => {
  it("is Bayes' rule for one offset: the mean agrees with a numerical posterior", () => {
    const offsets: Offsets = new Map();
    assumedDensityUpdate(offsets, {
      loadings: [{ key: "k", share: 0.9 }],
      ageTerm: 0.3,
      from: 0,
      to: Number.POSITIVE_INFINITY,
      noise: 0.19,
      weight: 1,
      lapse: 0,
      day: 0,
    });
    let [mass, mean] = [0, 0];
    for (let u = -6; u <= 6; u += 0.001) {
      const p = density(u) * cumulative((0.3 - 0.9 * u) / Math.sqrt(0.19));
      mass += p;
      mean += u * p;
    }
    expect(offsets.get("k")?.mean).toBeCloseTo(mean / mass, 3);
  });
});
