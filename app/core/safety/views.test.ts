import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { PieceShape } from "../model";
import { CYLINDER_DIAMETER_MM, FIT_FROM_SCALE } from "./cylinder";
import { smallPartFit } from "./smallPartFit";
import { depthAt, gaugeViews, growthToPass, hullOf } from "./views";

const R = CYLINDER_DIAMETER_MM / 2;
const mm = fc.double({ min: 4, max: 70, noNaN: true });
const pieces: fc.Arbitrary<PieceShape> = fc.oneof(
  fc.record({ shape: fc.constant("sphere" as const), mm: fc.tuple(mm) }),
  fc.record({ shape: fc.constantFrom("cylinder" as const, "disc" as const), mm: fc.tuple(mm, mm) }),
  fc.record({ shape: fc.constantFrom("box" as const, "ellipsoid" as const), mm: fc.tuple(mm, mm, mm) }),
);

describe("the gauge as drawn", () => {
  it("has the published depths at its sides", () => {
    expect(depthAt(-R)).toBeCloseTo(25.4, 6);
    expect(depthAt(R)).toBeCloseTo(57.1, 6);
  });

  it("shows a ball of 30 mm inside, and one of 60 mm standing out", () => {
    const small = gaugeViews({ shape: "sphere", mm: [30] }, [0, 0, 0]);
    expect(Math.max(...small.above.map(([x, y]) => Math.hypot(x, y)))).toBeCloseTo(15, 1);
    expect(small.standsOut).toBeLessThan(1.5);
    expect(gaugeViews({ shape: "sphere", mm: [60] }, [0, 0, 0]).standsOut).toBeCloseTo(60, 0);
  });

  it("never lets a piece through the bottom, and lets it touch", () => {
    fc.assert(
      fc.property(pieces, mm, mm, (piece, tilt, azimuth) => {
        const { side, above } = gaugeViews(piece, [tilt, azimuth, 0]);
        const isInside = Math.max(...above.map(([x, y]) => Math.hypot(x, y))) < R;
        const gaps = side.map(([x, z]) => (isInside ? z + depthAt(x) : z));
        // Between the mouth's width and two per cent above it either may be.
        fc.pre(isInside || Math.min(...gaps) >= -1);
        expect(Math.min(...gaps)).toBeGreaterThan(-1e-6);
        expect(Math.min(...gaps)).toBeLessThan(1e-6);
      }),
      { numRuns: 60 },
    );
  });

  it("draws a piece that fits within the mouth, turned as it fits", () => {
    fc.assert(
      fc.property(pieces, (piece) => {
        const fit = smallPartFit(piece);
        fc.pre(fit.scale >= 1.02);
        const { above } = gaugeViews(fit.piece, fit.orientation);
        const width = Math.max(...above.map(([x, y]) => Math.hypot(x, y)));
        expect(width).toBeLessThan(R * 1.02);
      }),
      { numRuns: 25 },
    );
  });

  it("names the least size that no longer fits: a hair below it still fits, above it does not", () => {
    for (const piece of [
      { shape: "sphere", mm: [25] },
      { shape: "cylinder", mm: [20, 20] },
      { shape: "box", mm: [20, 15, 10] },
    ] as const) {
      const k = growthToPass(
        smallPartFit({ ...piece, mm: [...piece.mm] } as PieceShape).scale,
        FIT_FROM_SCALE,
      );
      const grown = (by: number) =>
        smallPartFit({
          shape: piece.shape,
          mm: piece.mm.map((size) => size * k * by),
        } as unknown as PieceShape);
      expect(grown(0.98).fits).toBe(true);
      expect(grown(1.02).fits).toBe(false);
    }
  });
});

describe("the hull", () => {
  it("keeps the corners and drops what is inside", () => {
    const square = [
      [0, 0],
      [2, 0],
      [2, 2],
      [0, 2],
      [1, 1],
      [1, 0],
    ] as const;
    expect(new Set(hullOf(square).map(String))).toEqual(new Set(["0,0", "2,0", "2,2", "0,2"]));
  });
});
