import type { PieceShape } from "../model";
import { CYLINDER_DIAMETER_MM, DEEP_DEPTH_MM, FIT_FROM_SCALE, SHALLOW_DEPTH_MM } from "./cylinder";
import { frameOf, type Orientation, type Projection, type Projector, projectorOf } from "./projections";
import { tubeDiameterMm } from "./tubeFit";

const RADIUS = CYLINDER_DIAMETER_MM / 2;
/** How much deeper the bottom lies for each mm towards the deep side. */
const SLOPE = (DEEP_DEPTH_MM - SHALLOW_DEPTH_MM) / CYLINDER_DIAMETER_MM;
/** Depth under the cylinder's middle. */
const MIDDLE_DEPTH = (DEEP_DEPTH_MM + SHALLOW_DEPTH_MM) / 2;

export interface SmallPartFit {
  /** True where the piece counts as a small part. */
  fits: boolean;
  /** The largest factor by which the piece could be scaled and still fit; to 0.5 %. */
  scale: number;
  /** The piece as it was turned: a box's or an ellipsoid's sizes from the longest on, however they were written. */
  piece: PieceShape;
  /** The orientation in which that fits best (radians). */
  orientation: Orientation;
}

/** The same body however its sizes are written, so that the search goes the same way. */
const inOrder = (piece: PieceShape): PieceShape =>
  piece.shape === "box" || piece.shape === "ellipsoid"
    ? ({ ...piece, mm: piece.mm.toSorted((a, b) => b - a) } as PieceShape)
    : piece;

const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** Least value of a function with one valley on [from, to]. */
function leastOn(from: number, to: number, steps: number, f: (x: number) => number): number {
  let [a, b] = [from, to];
  let [x1, x2] = [b - GOLDEN * (b - a), a + GOLDEN * (b - a)];
  let [f1, f2] = [f(x1), f(x2)];
  for (let i = 0; i < steps; i++) {
    if (f1 <= f2) {
      [b, x2, f2] = [x2, x1, f1];
      x1 = b - GOLDEN * (b - a);
      f1 = f(x1);
    } else {
      [a, x1, f1] = [x1, x2, f2];
      x2 = a + GOLDEN * (b - a);
      f2 = f(x2);
    }
  }
  return Math.min(f1, f2);
}

/** Greatest distance from the centre of the cylinder to the outline, moved by (x, y). */
function reach({ outline }: Projection, x: number, y: number): number {
  let most = 0;
  for (let i = 0; i < outline.length; i += 2) {
    const px = outline[i] ?? 0;
    const py = outline[i + 1] ?? 0;
    // The outline's other half is the mirror image: the farther of ±p moved by (x, y).
    const d = px * px + py * py + 2 * Math.abs(x * px + y * py);
    if (d > most) most = d;
  }
  return Math.sqrt(x * x + y * y + most);
}

/** Where a growing function that starts below 0 crosses it on [0, to]: regula falsi, Illinois variant. */
function crossing(to: number, f: (x: number) => number): number {
  let [a, b, fa, fb] = [0, to, f(0), f(to)];
  for (let i = 0; i < 8 && b - a > 1e-4; i++) {
    const x = (a * fb - b * fa) / (fb - fa);
    const fx = f(x);
    if (fx > 0) {
      [b, fb, fa] = [x, fx, fa / 2];
    } else {
      [a, fa, fb] = [x, fx, fb / 2];
    }
    if (Math.abs(fx) < 1e-5) return x;
  }
  return (a + b) / 2;
}

/**
 * How much the gauge would have to grow (1 / scale) to take the piece as turned, moved in the
 * best way. The piece touches the opening from below; moved by x towards the deep side it
 * needs (up + towardsBottom − SLOPE·x) / MIDDLE_DEPTH of the depth and reach / RADIUS of the width.
 * The depth falls with x; the width (least over moves to the side) is convex and even in x, so
 * it rises: the least of the greater of the two is where they cross.
 */
function growth(projection: Projection, sideways: boolean): number {
  const height = projection.up + projection.towardsBottom;
  const centred = reach(projection, 0, 0);
  const depthAt = (x: number) => (height - SLOPE * x) / MIDDLE_DEPTH;
  if (depthAt(0) <= centred / RADIUS) return centred / RADIUS;
  const side = centred / 2;
  const widthAt = (x: number) =>
    (sideways ? leastOn(-side, side, 14, (y) => reach(projection, x, y)) : reach(projection, x, 0)) / RADIUS;
  const x = crossing(RADIUS * depthAt(0), (at) => widthAt(at) - depthAt(at));
  return Math.max(widthAt(x), depthAt(x));
}

/** All orientations on a coarse grid; a body of revolution needs no roll. */
function orientations(tilts: number, azimuths: number, rolls: number): Orientation[] {
  const all: Orientation[] = [];
  for (let t = 0; t < tilts; t++) {
    for (let a = 0; a < azimuths; a++) {
      for (let r = 0; r < rolls; r++) {
        all.push([(t / (tilts - 1)) * (Math.PI / 2), (a / (azimuths - 1)) * Math.PI, (r / rolls) * Math.PI]);
      }
    }
  }
  return all;
}

const REVOLVED = orientations(13, 13, 1);
const ROLLED = orientations(9, 13, 8);

const SPREAD = 31;
const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));

/** Directions spread evenly over half the sphere (a golden spiral, taken in leaps), every other one along an axis. */
const STEPS_3D = Array.from({ length: 2 * SPREAD }, (_, i): Orientation => {
  const half = i >> 1;
  if (i % 2 === 1) return [half % 3 === 0 ? 1 : 0, half % 3 === 1 ? 1 : 0, half % 3 === 2 ? 1 : 0];
  const at = (half * 12) % SPREAD;
  const up = 1 - (at + 0.5) / SPREAD;
  const round = Math.sqrt(1 - up * up);
  return [round * Math.cos(at * GOLDEN_ANGLE), round * Math.sin(at * GOLDEN_ANGLE), up];
});
/** The same without roll, for a body of revolution. */
const STEPS_2D = Array.from({ length: 2 * SPREAD }, (_, i): Orientation => {
  const half = i >> 1;
  if (i % 2 === 1) return [half % 2, 1 - (half % 2), 0];
  return [Math.cos(half * GOLDEN_ANGLE), Math.sin(half * GOLDEN_ANGLE), 0];
});

/**
 * Turns from `start`, in every direction forwards and backwards: further where it helped, less far where it did not.
 * The best fit often lies on a ridge, as wide as it is deep, along which a few fixed directions do not lead.
 */
function refine(
  start: Orientation,
  from: number,
  tries: number,
  directions: readonly Orientation[],
  value: (o: Orientation) => number,
) {
  let best = start;
  let least = value(start);
  let step = from;
  for (let i = 0; i < tries; i++) {
    const d = directions[i % directions.length] ?? start;
    let helped = false;
    for (const by of [step, -step]) {
      const turned: Orientation = [best[0] + d[0] * by, best[1] + d[1] * by, best[2] + d[2] * by];
      const found = value(turned);
      helped = found < least;
      if (helped) {
        [best, least] = [turned, found];
        break;
      }
    }
    step *= helped ? 1.5 : 0.9;
  }
  return { orientation: best, growth: least };
}

/** Coarse, middling and fine: a cylinder's outline is sampled all round, an ellipsoid's half way. */
const projectors = (piece: PieceShape, revolved: boolean) => {
  const points = revolved ? ([16, 24, 40] as const) : ([8, 14, 28] as const);
  return [
    projectorOf(piece, points[0]),
    projectorOf(piece, points[1]),
    projectorOf(piece, points[2]),
  ] as const;
};

const STARTS = 10;
const FINALISTS = 4;
const ALIKE = Math.cos(0.35);

/** True where two orientations differ by more than 20 degrees in an axis that matters. */
function turnedApart(one: Orientation, other: Orientation, revolved: boolean): boolean {
  const [from, to] = [frameOf(one), frameOf(other)];
  const axes = revolved ? [2] : [0, 1, 2];
  return axes.some((i) => {
    const [a, b] = [from[i] ?? from[2], to[i] ?? to[2]];
    return Math.abs(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]) < ALIKE;
  });
}

function leastGrowth(coarse: Projector, middling: Projector, fine: Projector, revolved: boolean) {
  const ranked = (revolved ? REVOLVED : ROLLED)
    .map((orientation) => ({ orientation, growth: growth(coarse(orientation, SLOPE), false) }))
    .sort((a, b) => a.growth - b.growth);
  const apart: Orientation[] = [];
  for (const { orientation } of ranked) {
    if (apart.length === STARTS) break;
    if (apart.every((other) => turnedApart(orientation, other, revolved))) apart.push(orientation);
  }
  const directions = revolved ? STEPS_2D : STEPS_3D;
  const turn = (o: Orientation, step: number, tries: number, value: (o: Orientation) => number) =>
    refine(o, step, tries, directions, value);
  const best = apart
    .map((start) => turn(start, 0.17, 30, (o) => growth(middling(o, SLOPE), false)))
    .sort((a, b) => a.growth - b.growth)
    .slice(0, FINALISTS)
    .map((found) => turn(found.orientation, 0.08, 100, (o) => growth(fine(o, SLOPE), false)))
    .reduce((a, b) => (b.growth < a.growth ? b : a));
  // Moving to the side as well helps few orientations; it costs much, so it is asked first.
  const aside = (o: Orientation) => growth(fine(o, SLOPE), true);
  return aside(best.orientation) < best.growth * 0.9995 ? turn(best.orientation, 0.02, 40, aside) : best;
}

/** The longest straight line that lies inside the gauge, in mm. */
const LONGEST_INSIDE_MM = Math.hypot(CYLINDER_DIAMETER_MM, DEEP_DEPTH_MM);

/** The longest straight line inside a piece, in mm: the diameter of the ball round it. */
const spanMm = (piece: PieceShape): number =>
  piece.shape === "ellipsoid" ? Math.max(...piece.mm) : Math.hypot(...piece.mm);

/**
 * What the scale can't be below or above: what fits into a ball that fits, fits; what is longer than any line inside the
 * gauge, or does not go through a tube as wide as it, does not.
 */
export function boundsOf(piece: PieceShape): { least: number; most: number } {
  const span = spanMm(piece);
  return {
    least: CYLINDER_DIAMETER_MM / span,
    most: Math.min(LONGEST_INSIDE_MM / span, CYLINDER_DIAMETER_MM / tubeDiameterMm(piece)),
  };
}

const within = (scale: number, { least, most }: { least: number; most: number }): number =>
  Math.min(most, Math.max(least, scale));

/**
 * Does a rigid piece, in any orientation, lie wholly inside the small-parts cylinder?
 * Lengths in mm; `scale` is right to 0.5 %. A home aid, not a certified test.
 *
 * Source: 16 CFR 1501.4 (the gauge). Method: all five shapes are symmetric about their centre,
 * so a piece as turned is its outline from above and its reach up and against the bottom;
 * the orientation is searched on a grid, then refined.
 */
export function smallPartFit(asWritten: PieceShape): SmallPartFit {
  const piece = inOrder(asWritten);
  const revolved = piece.shape === "cylinder" || piece.shape === "disc" || piece.shape === "sphere";
  const found =
    piece.shape === "sphere"
      ? { orientation: [0, 0, 0] as const, growth: piece.mm[0] / CYLINDER_DIAMETER_MM }
      : leastGrowth(...projectors(piece, revolved), revolved);
  const scale = within(1 / found.growth, boundsOf(piece));
  return { fits: scale >= FIT_FROM_SCALE, scale, piece, orientation: found.orientation };
}
