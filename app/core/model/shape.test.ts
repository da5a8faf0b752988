import { describe, expect, it } from "vitest";
import { extentsMm, PieceShape, sortedExtentsMm } from "./shape";

describe("the sides of the box that holds a piece", () => {
  it.each([
    [{ shape: "sphere", mm: [30] }, [30, 30, 30], [30, 30, 30]],
    [{ shape: "cylinder", mm: [10, 80] }, [10, 10, 80], [10, 10, 80]],
    [{ shape: "disc", mm: [60, 3] }, [60, 60, 3], [3, 60, 60]],
    [{ shape: "box", mm: [40, 10, 25] }, [40, 10, 25], [10, 25, 40]],
    [{ shape: "ellipsoid", mm: [10, 40, 25] }, [10, 40, 25], [10, 25, 40]],
    [{ shape: "box", mm: [25, 40, 10] }, [25, 40, 10], [10, 25, 40]],
    [{ shape: "box", mm: [10, 25, 40] }, [10, 25, 40], [10, 25, 40]],
  ])("are three lengths, and the same three by size: %j", (shape, extents, sorted) => {
    const piece = PieceShape.parse(shape);
    expect(extentsMm(piece)).toEqual(extents);
    expect(sortedExtentsMm(piece)).toEqual(sorted);
  });
});
