import type { Mark, Op } from "./drawing";

/** Rows and columns of the raster that outlines are compared on. */
const CELLS = 48;
/** So many short lines draw a curve. */
const STEPS = 10;

type Point = readonly [number, number];

/** The closed outlines of a path as points. */
function polygons(ops: readonly Op[]): Point[][] {
  const all: Point[][] = [];
  let [x, y] = [0, 0];
  for (const op of ops) {
    if (op[0] === "M") all.push([[op[1], op[2]]]);
    else if (op[0] === "L") all.at(-1)?.push([op[1], op[2]]);
    else if (op[0] === "C") {
      const [, a, b, c, d, e, f] = op;
      for (let i = 1; i <= STEPS; i++) {
        const t = i / STEPS;
        const u = 1 - t;
        const at = (p: number, q: number, r: number, s: number) =>
          u ** 3 * p + 3 * u * u * t * q + 3 * u * t * t * r + t ** 3 * s;
        all.at(-1)?.push([at(x, a, c, e), at(y, b, d, f)]);
      }
    }
    if (op[0] === "C") [x, y] = [op[5], op[6]];
    else if (op[0] !== "Z") [x, y] = [op[1], op[2]];
  }
  return all;
}

const isInside = (polygon: readonly Point[], x: number, y: number): boolean =>
  polygon.reduce((inside, [px, py], i) => {
    const [qx, qy] = polygon[(i + polygon.length - 1) % polygon.length] ?? [px, py];
    return py > y !== qy > y && x < ((qx - px) * (y - py)) / (qy - py) + px ? !inside : inside;
  }, false);

/** A picture is rastered once. */
const KNOWN = new WeakMap<readonly Mark[], boolean[]>();

/** The cells of a field of 100 × 100 that a picture covers. */
function raster(marks: readonly Mark[]): boolean[] {
  const known = KNOWN.get(marks) ?? cellsOf(marks);
  KNOWN.set(marks, known);
  return known;
}

function cellsOf(marks: readonly Mark[]): boolean[] {
  const shapes = marks.flatMap((mark) => (mark.kind === "path" && mark.fill ? polygons(mark.ops) : []));
  return Array.from({ length: CELLS * CELLS }, (_, i) => {
    const [x, y] = [(((i % CELLS) + 0.5) * 100) / CELLS, ((Math.floor(i / CELLS) + 0.5) * 100) / CELLS];
    return shapes.some((one) => isInside(one, x, y));
  });
}

/**
 * How alike the shadows of two pictures are, 0 to 1: the area that both cover as part of the area that either covers, each
 * in the same field (the Jaccard index).
 */
export function likeness(a: readonly Mark[], b: readonly Mark[]): number {
  const [p, q] = [raster(a), raster(b)];
  const both = p.filter((one, i) => one && q[i]).length;
  const either = p.filter((one, i) => one || q[i]).length;
  return either === 0 ? 1 : both / either;
}
