import type { Op } from "./drawing";

const STEPS = 32;

/** A path as points close to each other, from its beginning to its end. */
function points(ops: readonly Op[]): [number, number][] {
  const all: [number, number][] = [];
  let start: [number, number] = [0, 0];
  for (const op of ops) {
    const [x, y] = all.at(-1) ?? [0, 0];
    if (op[0] === "M") start = [op[1], op[2]];
    if (op[0] === "C") {
      const [, a, b, c, d, e, f] = op;
      for (let i = 1; i <= STEPS; i++) {
        const [t, u] = [i / STEPS, 1 - i / STEPS];
        all.push([
          u ** 3 * x + 3 * u * u * t * a + 3 * u * t * t * c + t ** 3 * e,
          u ** 3 * y + 3 * u * u * t * b + 3 * u * t * t * d + t ** 3 * f,
        ]);
      }
    } else if (op[0] === "Z") all.push(start);
    else all.push([op[1], op[2]]);
  }
  return all;
}

/**
 * Spots along a path at equal distances: `stepMm` apart or a little more, so that they come out even, or `count` of them. A
 * closed path has none twice.
 */
export function alongPath(
  ops: readonly Op[],
  stepMm: number | undefined,
  count?: number,
): [number, number][] {
  const line = points(ops);
  const far = line.map(([x, y], i) => {
    const [px, py] = line[i - 1] ?? [x, y];
    return Math.hypot(x - px, y - py);
  });
  const whole = far.reduce((sum, one) => sum + one, 0);
  const isClosed = ops.some((op) => op[0] === "Z");
  const gaps =
    count === undefined ? Math.max(1, Math.floor(whole / (stepMm ?? whole))) : isClosed ? count : count - 1;
  const many = isClosed ? gaps : gaps + 1;
  let [i, gone] = [0, 0];
  return Array.from({ length: many }, (_, k): [number, number] => {
    const goal = Math.min(whole, (k * whole) / gaps);
    while (i < line.length - 1 && gone + (far[i + 1] ?? 0) < goal - 1e-9) gone += far[++i] ?? 0;
    const [x, y] = line[i] ?? [0, 0];
    const [nx, ny] = line[i + 1] ?? [x, y];
    const part = (far[i + 1] ?? 0) === 0 ? 0 : (goal - gone) / (far[i + 1] ?? 1);
    return [x + (nx - x) * part, y + (ny - y) * part];
  });
}
