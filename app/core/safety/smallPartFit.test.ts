import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { PieceShape } from "../model";
import { processorMs } from "../testing/processorTime";
import { IS_LONG, runs } from "../testing/runs";
import { countsAsSmallPart } from "./smallPart";
import { smallPartFit } from "./smallPartFit";
import { bruteScale } from "./testing/bruteGauge";
import { tubeFit } from "./tubeFit";

const piece = (shape: PieceShape["shape"], ...mm: number[]) => ({ shape, mm }) as PieceShape;
const within = (found: number, wanted: number, share = 0.005) =>
  expect(Math.abs(found / wanted - 1)).toBeLessThan(share);

describe("smallPartFit against known limits", () => {
  it.each<[string, PieceShape, number]>([
    // A ball is limited by the width alone: 31.7 mm.
    ["ball of the gauge's width", piece("sphere", 31.7), 1],
    ["ball of half the width", piece("sphere", 15.85), 2],
    // The longest needle runs from the rim at the shallow side to the foot of the deep side.
    ["longest needle", piece("cylinder", 0.01, Math.hypot(31.7, 57.1)), 1],
    ["flat needle", piece("box", Math.hypot(31.7, 57.1), 0.01, 0.01), 1],
    // Every outline of a disc is as wide as the disc.
    ["thin disc of full width", piece("disc", 31.7, 0.01), 1],
    ["full drum down to the shallow side", piece("cylinder", 31.7, 25.4), 1],
  ])("%s", (_, shape, scale) => {
    within(smallPartFit(shape).scale, scale);
  });

  it("counts what is within 1.5 % of the limit as fitting", () => {
    expect(smallPartFit(piece("sphere", 32.1)).fits).toBe(true);
    expect(smallPartFit(piece("sphere", 32.3)).fits).toBe(false);
  });

  const shapes: PieceShape[] = [
    piece("box", 22, 22, 22),
    piece("box", 50, 10, 10),
    piece("box", 45, 30, 2),
    piece("box", 44.5, 44.6, 17.2),
    piece("cylinder", 21.1, 6.5),
    piece("cylinder", 59.6, 10.5),
    piece("disc", 28, 20),
    piece("ellipsoid", 30.3, 9.3, 7.7),
    piece("ellipsoid", 55.7, 20.2, 14.9),
    piece("ellipsoid", 40, 30, 25),
  ];
  const searched = shapes.filter((_, i) => IS_LONG || i % 2 === 0);
  it.each(searched.map((shape, i) => [`${shape.shape} ${shape.mm.join(" × ")}`, shape, i] as const))(
    "agrees with a search by random turning and pushing: %s",
    (_, shape, i) => {
      const brute = bruteScale(shape, 1000 + i);
      const { scale } = smallPartFit(shape);
      expect(scale).toBeGreaterThan(brute * 0.995);
      expect(scale).toBeLessThan(brute * 1.005);
    },
  );

  it.each(shapes)("answers within 50 ms, at best of five: $shape $mm", (shape) => {
    const times = Array.from({ length: 5 }, () => {
      const start = processorMs();
      smallPartFit(shape);
      return processorMs() - start;
    });
    expect(Math.min(...times)).toBeLessThan(50);
  });
});

const edge = fc.double({ min: 3, max: 90, noNaN: true });
const anyShape: fc.Arbitrary<PieceShape> = fc.oneof(
  fc.tuple(edge).map(([d]) => piece("sphere", d)),
  fc.tuple(edge, edge).map(([d, h]) => piece("cylinder", d, h)),
  fc.tuple(edge, edge).map(([d, h]) => piece("disc", d, h)),
  fc.tuple(edge, edge, edge).map(([l, w, h]) => piece("box", l, w, h)),
  fc.tuple(edge, edge, edge).map(([a, b, c]) => piece("ellipsoid", a, b, c)),
);

describe("smallPartFit and tubeFit (properties)", () => {
  it("scales: twice the size has half the factor", () => {
    fc.assert(
      fc.property(anyShape, fc.double({ min: 0.5, max: 2, noNaN: true }), (shape, by) => {
        const bigger = { ...shape, mm: shape.mm.map((mm) => mm * by) } as PieceShape;
        within(smallPartFit(bigger).scale * by, smallPartFit(shape).scale, 0.01);
      }),
      { numRuns: runs(10, 200) },
    );
  });

  it("is no larger for a box than for the ellipsoid inside it, or the ball inside that", () => {
    fc.assert(
      fc.property(edge, edge, edge, (l, w, h) => {
        const box = smallPartFit(piece("box", l, w, h)).scale;
        const egg = smallPartFit(piece("ellipsoid", l, w, h)).scale;
        const ball = smallPartFit(piece("sphere", Math.min(l, w, h))).scale;
        expect(box).toBeLessThanOrEqual(egg * 1.005);
        expect(egg).toBeLessThanOrEqual(ball * 1.005);
      }),
      { numRuns: runs(10, 200) },
    );
  });

  it("does not mind the order of edges", () => {
    fc.assert(
      fc.property(edge, edge, edge, (l, w, h) => {
        expect(smallPartFit(piece("box", h, l, w)).scale).toBe(smallPartFit(piece("box", l, w, h)).scale);
        expect(tubeFit(piece("box", l, w, h)).tubeDiameterMm).toBeCloseTo(
          tubeFit(piece("box", w, h, l)).tubeDiameterMm,
          9,
        );
      }),
      { numRuns: runs(8, 150) },
    );
  });

  it.each<["box" | "ellipsoid", number[]]>([
    ["box", [7.21, 8.1, 34.65]],
    ["box", [11.31, 12.7, 51.99]],
    ["box", [15.31, 16.89, 69.58]],
    ["ellipsoid", [16.5, 19.28, 48.61]],
    ["ellipsoid", [5.64, 14.51, 69.96]],
  ])("finds the same fit for a long %s however its sizes are written: %j", (shape, mm) => {
    const [a = 0, b = 0, c = 0] = mm;
    const scales = [
      [a, b, c],
      [b, a, c],
      [c, a, b],
      [a, c, b],
    ].map(([x = 0, y = 0, z = 0]) => smallPartFit(piece(shape, x, y, z)).scale);
    within(Math.max(...scales), Math.min(...scales), 0.005);
  });

  it("is answered the same by the bounds that spare the search", () => {
    fc.assert(
      fc.property(anyShape, (shape) => {
        expect(countsAsSmallPart(shape)).toBe(smallPartFit(shape).fits);
      }),
      { numRuns: runs(100, 1000) },
    );
  });

  it("lets everything through the tube that fits the narrower cylinder", () => {
    fc.assert(
      fc.property(anyShape, (shape) => {
        if (smallPartFit(shape).scale >= 1) expect(tubeFit(shape).tubeFits).toBe(true);
      }),
      { numRuns: runs(50, 500) },
    );
  });
});

describe("tubeFit", () => {
  it.each<[PieceShape, number]>([
    [piece("sphere", 44.4), 44.4],
    [piece("cylinder", 30, 200), 30],
    [piece("disc", 50, 3), 50],
    [piece("box", 300, 30, 40), 50],
    [piece("box", 10, 10, 10), Math.hypot(10, 10)],
    [piece("ellipsoid", 90, 30, 50), 50],
  ])("%j passes a tube of %d mm", (shape, diameter) => {
    expect(tubeFit(shape).tubeDiameterMm).toBeCloseTo(diameter, 6);
  });

  it("takes another tube's width", () => {
    expect(tubeFit(piece("sphere", 38), 40).tubeFits).toBe(true);
    expect(tubeFit(piece("sphere", 41), 40).tubeFits).toBe(false);
  });
});
