import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { PieceShape } from "../model";
import { CYLINDER_DIAMETER_MM, smallPartFit, TUBE_DIAMETER_MM, tubeFit } from "../safety";
import { boundsOf } from "./drawing";
import { gaugePictures } from "./gauge";

const pictures = (piece: PieceShape) => {
  const { orientation, fits } = smallPartFit(piece);
  return gaugePictures(piece, orientation, fits, tubeFit(piece).tubeDiameterMm);
};

describe("a piece in the gauge", () => {
  it("is drawn as large as it is, beside a cylinder and a tube as wide as they are", () => {
    const { above, tube } = pictures({ shape: "sphere", mm: [25] });
    const widths = above.marks.map((one) => boundsOf([one])).map(([left, , right]) => right - left);
    expect(widths[0]).toBeCloseTo(25, 0);
    expect(widths[1]).toBeCloseTo(CYLINDER_DIAMETER_MM, 3);
    const through = tube.marks.map((one) => boundsOf([one])).map(([left, , right]) => right - left);
    expect(through[0]).toBeCloseTo(25, 1);
    expect(through[1]).toBeCloseTo(TUBE_DIAMETER_MM, 3);
  });

  it("stays within its picture, whatever its size, and is red only where it fits", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("sphere", "cylinder", "disc", "box", "ellipsoid"),
        fc.array(fc.integer({ min: 4, max: 120 }), { minLength: 3, maxLength: 3 }),
        (shape, sizes) => {
          const count = { sphere: 1, cylinder: 2, disc: 2, box: 3, ellipsoid: 3 }[shape];
          const piece = { shape, mm: sizes.slice(0, count) } as PieceShape;
          const made = pictures(piece);
          for (const { marks, widthMm, heightMm } of Object.values(made)) {
            const [left, top, right, bottom] = boundsOf(marks);
            expect(Math.min(left, top)).toBeGreaterThanOrEqual(-0.01);
            expect(right).toBeLessThanOrEqual(widthMm + 0.01);
            expect(bottom).toBeLessThanOrEqual(heightMm + 0.01);
          }
          const [first] = made.side.marks;
          const fill = first?.kind === "path" ? first.fill : undefined;
          expect(fill === "peach").toBe(smallPartFit(piece).fits);
        },
      ),
      { numRuns: 60 },
    );
  });
});
