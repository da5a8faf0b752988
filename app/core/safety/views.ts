import type { PieceShape } from "../model";
import { CYLINDER_DIAMETER_MM, DEEP_DEPTH_MM, SHALLOW_DEPTH_MM } from "./cylinder";
import { frameOf, type Orientation } from "./projections";

export type Point = readonly [number, number];
type Spatial = readonly [number, number, number];

/** So many points on a round edge: smooth enough at the size of a screen. */
const ROUND = 48;

const circle = (i: number): Point => [
  Math.cos((2 * Math.PI * i) / ROUND),
  Math.sin((2 * Math.PI * i) / ROUND),
];

/** Points of a piece, in its own axes, of which every outline is the hull. */
function pointsOf(piece: PieceShape): Spatial[] {
  const around = Array.from({ length: ROUND }, (_, i) => circle(i));
  switch (piece.shape) {
    case "box": {
      const [l, w, h] = [piece.mm[0] / 2, piece.mm[1] / 2, piece.mm[2] / 2];
      return [-1, 1].flatMap((a) =>
        [-1, 1].flatMap((b) => [-1, 1].map((c): Spatial => [a * l, b * w, c * h])),
      );
    }
    case "cylinder":
    case "disc": {
      const [r, h] = [piece.mm[0] / 2, piece.mm[1] / 2];
      return around.flatMap(([x, y]): Spatial[] => [
        [r * x, r * y, h],
        [r * x, r * y, -h],
      ]);
    }
    case "sphere":
    case "ellipsoid": {
      const [a, b, c] =
        piece.shape === "sphere"
          ? [piece.mm[0] / 2, piece.mm[0] / 2, piece.mm[0] / 2]
          : [piece.mm[0] / 2, piece.mm[1] / 2, piece.mm[2] / 2];
      return Array.from({ length: ROUND / 2 + 1 }, (_, i) => i).flatMap((i) => {
        const polar = Math.PI * (i / (ROUND / 2));
        return around.map(
          ([x, y]): Spatial => [a * Math.sin(polar) * x, b * Math.sin(polar) * y, c * Math.cos(polar)],
        );
      });
    }
  }
}

/** The convex hull of points in a plane, counter-clockwise (monotone chain). */
export function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((p, q) => p[0] - q[0] || p[1] - q[1]);
  const cross = (o: Point, a: Point, b: Point) =>
    (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
  const chain = (all: readonly Point[]) => {
    const hull: Point[] = [];
    for (const point of all) {
      while (hull.length > 1 && cross(hull.at(-2) as Point, hull.at(-1) as Point, point) <= 1e-9) hull.pop();
      hull.push(point);
    }
    return hull.slice(0, -1);
  };
  return [...chain(sorted), ...chain(sorted.reverse())];
}

/** The search for the best orientation is right to half a per cent. */
const RIM_TOLERANCE = 1.02;

/** Depth of the gauge below its rim, x mm from its middle towards the deep side. */
export const depthAt = (x: number): number =>
  (SHALLOW_DEPTH_MM + DEEP_DEPTH_MM) / 2 + ((DEEP_DEPTH_MM - SHALLOW_DEPTH_MM) / CYLINDER_DIAMETER_MM) * x;

export interface GaugeViews {
  /** From the side, through the slope: x from the middle, height above the rim (negative: inside); lying on the bottom, or on the rim. */
  side: Point[];
  /** From above: the gauge's mouth is a circle round 0. */
  above: Point[];
  /** How far it stands out above the rim, in mm; 0 where it lies wholly inside. */
  standsOut: number;
}

/** A turned piece as it lies in the small-parts cylinder, in outlines in mm. */
export function gaugeViews(piece: PieceShape, orientation: Orientation): GaugeViews {
  const [a, b, c] = frameOf(orientation);
  const turned = pointsOf(piece).map(
    ([x, y, z]): Spatial => [
      x * a[0] + y * b[0] + z * c[0],
      x * a[1] + y * b[1] + z * c[1],
      x * a[2] + y * b[2] + z * c[2],
    ],
  );
  // Let down until the first point touches the bottom; what is wider than the mouth stays lying on the rim.
  const width = Math.max(...turned.map(([x, y]) => Math.hypot(x, y)));
  const onRim = width > (CYLINDER_DIAMETER_MM / 2) * RIM_TOLERANCE;
  const drop = Math.min(...turned.map(([x, , z]) => (onRim ? z : z + depthAt(x))));
  const top = Math.max(...turned.map(([, , z]) => z)) - drop;
  return {
    side: hullOf(turned.map(([x, , z]): Point => [x, z - drop])),
    above: hullOf(turned.map(([x, y]): Point => [x, y])),
    standsOut: Math.max(0, top),
  };
}

/** The least factor by which a piece that fits has to grow, all its sizes alike, so that it no longer counts as fitting. */
export const growthToPass = (scale: number, countsFrom: number): number => Math.max(1, scale / countsFrom);
