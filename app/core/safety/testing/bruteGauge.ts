import type { PieceShape } from "../../model";
import { randomFrom as seeded } from "../../random";

export { seeded };

type Point = [number, number, number];

/** Points on the surface of the piece, centred on the origin: corners, rims, or a grid on the egg. */
function surface({ shape, mm }: PieceShape): Point[] {
  const round = (n: number) => Array.from({ length: n }, (_, i) => (2 * Math.PI * i) / n);
  switch (shape) {
    case "box":
      return [-1, 1].flatMap((x) =>
        [-1, 1].flatMap((y) =>
          [-1, 1].map((z): Point => [(x * mm[0]) / 2, (y * mm[1]) / 2, (z * mm[2]) / 2]),
        ),
      );
    case "cylinder":
    case "disc":
      return round(72).flatMap((a) =>
        [-1, 1].map((z): Point => [(mm[0] / 2) * Math.cos(a), (mm[0] / 2) * Math.sin(a), (z * mm[1]) / 2]),
      );
    default: {
      const [a, b, c] = shape === "sphere" ? [mm[0], mm[0], mm[0]] : mm;
      return round(48).flatMap((u) =>
        Array.from({ length: 25 }, (_, i) => (Math.PI * i) / 24).map(
          (v): Point => [
            (a / 2) * Math.cos(u) * Math.sin(v),
            (b / 2) * Math.sin(u) * Math.sin(v),
            (c / 2) * Math.cos(v),
          ],
        ),
      );
    }
  }
}

/** Turned by a unit quaternion. */
function turned(points: Point[], [w, x, y, z]: number[]): Point[] {
  const [qw = 1, qx = 0, qy = 0, qz = 0] = [w, x, y, z];
  return points.map(([a, b, c]) => [
    (1 - 2 * (qy * qy + qz * qz)) * a + 2 * (qx * qy - qw * qz) * b + 2 * (qx * qz + qw * qy) * c,
    2 * (qx * qy + qw * qz) * a + (1 - 2 * (qx * qx + qz * qz)) * b + 2 * (qy * qz - qw * qx) * c,
    2 * (qx * qz - qw * qy) * a + 2 * (qy * qz + qw * qx) * b + (1 - 2 * (qx * qx + qy * qy)) * c,
  ]);
}

const R = 31.7 / 2;

/**
 * How far the gauge has to grow for the points at an offset: straight from the gauge's walls
 * (r ≤ 15.85, top at 0, bottom falling from 25.4 to 57.1 mm), with the piece hung from the top.
 */
function growthAt(points: Point[], x: number, y: number): number {
  const top = Math.max(...points.map((p) => p[2]));
  let most = 0;
  for (const p of points) {
    const across = Math.hypot(p[0] + x, p[1] + y) / R;
    // Grown by g, the bottom under px lies at g·41.25 + px; the point hangs top − pz deep.
    const deep = (top - p[2] - (p[0] + x)) / 41.25;
    most = Math.max(most, across, deep);
  }
  return most;
}

function pushed(points: Point[]): number {
  let [x, y] = [0, 0];
  let least = growthAt(points, 0, 0);
  for (let step = 8; step > 0.02; ) {
    const moves = [
      [1, 0],
      [-1, 0],
      [0, 1],
      [0, -1],
      [1, 1],
      [1, -1],
      [-1, 1],
      [-1, -1],
    ].map(([dx = 0, dy = 0]) => [x + dx * step, y + dy * step] as const);
    const best = moves
      .map(([mx, my]) => ({ mx, my, g: growthAt(points, mx, my) }))
      .sort((a, b) => a.g - b.g)[0];
    if (best && best.g < least) [x, y, least] = [best.mx, best.my, best.g];
    else step /= 2;
  }
  return least;
}

/** The scale factor found by random turning, then small random turns round the best: slow, and written apart. */
export function bruteScale(piece: PieceShape, seed: number): number {
  const random = seeded(seed);
  const points = surface(piece);
  const unit = (q: number[]) => {
    const n = Math.hypot(...q);
    return q.map((v) => v / n);
  };
  const gaussian = () => Math.sqrt(-2 * Math.log(random() + 1e-12)) * Math.cos(2 * Math.PI * random());
  // Boxes and cylinders have few points, so more turns are affordable.
  const [turns, starts] = points.length < 300 ? [900, 8] : [160, 2];
  const tries = Array.from({ length: turns }, () => unit([gaussian(), gaussian(), gaussian(), gaussian()]))
    .map((q) => ({ q, g: pushed(turned(points, q)) }))
    .sort((a, b) => a.g - b.g)
    .slice(0, starts);
  let least = Number.POSITIVE_INFINITY;
  for (const start of tries) {
    let { q, g } = start;
    for (let width = 0.25; width > 0.002; width *= 0.8) {
      for (let k = 0; k < 7; k++) {
        const next = unit(q.map((v) => v + width * gaussian()));
        const found = pushed(turned(points, next));
        if (found < g) [q, g] = [next, found];
      }
    }
    least = Math.min(least, g);
  }
  return 1 / least;
}
