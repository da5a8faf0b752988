import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MOST_PIXELS, scaledSize } from "./photoSize";

describe("the size of a kept picture", () => {
  it.each([
    [4000, 3000, 1600, 1200],
    [3000, 4000, 1200, 1600],
    [1600, 900, 1600, 900],
    [640, 480, 640, 480],
    [9000, 2, 1600, 1],
  ])("%d × %d becomes %d × %d", (width, height, w, h) => {
    expect(scaledSize(width, height)).toEqual({ width: w, height: h });
  });

  it("never exceeds the longest edge, and keeps its shape", () => {
    const edge = fc.integer({ min: 1, max: 12_000 });
    fc.assert(
      fc.property(edge, edge, (width, height) => {
        const made = scaledSize(width, height);
        expect(Math.max(made.width, made.height)).toBeLessThanOrEqual(MOST_PIXELS);
        expect(Math.abs(made.width / width - made.height / height)).toBeLessThanOrEqual(
          1 / Math.min(width, height) + 1e-9,
        );
      }),
    );
  });
});
