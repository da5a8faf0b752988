import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cuttingOf, triangular } from "./cutting";

describe("cutting", () => {
  it.each([
    // A noodle of 1.2 m in slices of 5 cm: 24 without loss, 22 where each cut takes 3 mm.
    { count: 22, stock: 1200, slice: 50, cut: 3, slicesEach: 22, lengths: 1, cuts: 22, wasteMm: 34 },
    { count: 24, stock: 1200, slice: 50, cut: 0, slicesEach: 24, lengths: 1, cuts: 23, wasteMm: 0 },
    { count: 23, stock: 1200, slice: 50, cut: 3, slicesEach: 22, lengths: 2, cuts: 23, wasteMm: 34 + 1147 },
    { count: 6, stock: 1200, slice: 50, cut: 3, slicesEach: 22, lengths: 1, cuts: 6, wasteMm: 882 },
    // A straw of 20 cm in beads of 4 cm with scissors: five, four cuts, nothing left.
    { count: 5, stock: 200, slice: 40, cut: 0, slicesEach: 5, lengths: 1, cuts: 4, wasteMm: 0 },
    { count: 1, stock: 100, slice: 100, cut: 2, slicesEach: 1, lengths: 1, cuts: 0, wasteMm: 0 },
  ])("$count slices of $slice mm from $stock mm, the cut taking $cut mm", (given) => {
    expect(cuttingOf(given.count, given.stock, given.slice, given.cut)).toEqual({
      slicesEach: given.slicesEach,
      lengths: given.lengths,
      cuts: given.cuts,
      wasteMm: given.wasteMm,
    });
  });

  it("says when a slice is longer than the stock", () => {
    expect(cuttingOf(3, 40, 50, 1)).toBeUndefined();
  });

  it("neither loses nor makes material: slices, cuts and waste add up to the stock", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 20, max: 2000 }),
        fc.integer({ min: 5, max: 200 }),
        fc.integer({ min: 0, max: 5 }),
        (count, stock, slice, cut) => {
          const made = cuttingOf(count, stock, slice, cut);
          if (!made) return slice > stock;
          const used = count * slice + made.cuts * cut + made.wasteMm;
          // The last cut may run out at the end of the stock and take less than its width.
          const total = made.lengths * stock;
          return used >= total - 1e-6 && used <= total + made.lengths * cut + 1e-6;
        },
      ),
    );
  });

  it("counts one to ten: 55 counters", () => {
    expect([1, 3, 5, 10].map(triangular)).toEqual([1, 6, 15, 55]);
  });
});
