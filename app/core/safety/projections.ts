import type { PieceShape } from "../model";

type Vector = readonly [number, number, number];

/** A direction-and-roll of a piece in the gauge: tilt, azimuth and roll, in radians. */
export type Orientation = readonly [tilt: number, azimuth: number, roll: number];

/**
 * What the gauge sees of a piece that is centred on the origin and turned: its outline from
 * above (half of it: the other half is the mirror image through the centre), how far it
 * reaches up, and how far it reaches against the slanted bottom. In mm.
 */
export interface Projection {
  /** x and y of the outline's points, alternating. */
  outline: Float64Array;
  up: number;
  /** Support in the direction (−slope, 0, −1) of the bottom's outward normal. */
  towardsBottom: number;
}

export type Projector = (orientation: Orientation, slope: number) => Projection;

/** The three axes of the turned piece; the third is the axis of a cylinder. */
export function frameOf([tilt, azimuth, roll]: Orientation): readonly [Vector, Vector, Vector] {
  const [ct, st, ca, sa] = [Math.cos(tilt), Math.sin(tilt), Math.cos(azimuth), Math.sin(azimuth)];
  const [cr, sr] = [Math.cos(roll), Math.sin(roll)];
  const u: Vector = [ct * ca, ct * sa, -st];
  const v: Vector = [-sa, ca, 0];
  return [
    [cr * u[0] + sr * v[0], cr * u[1] + sr * v[1], cr * u[2]],
    [cr * v[0] - sr * u[0], cr * v[1] - sr * u[1], -sr * u[2]],
    [st * ca, st * sa, ct],
  ];
}

const againstBottom = (v: Vector, slope: number) => -slope * v[0] - v[2];

const boxProjector =
  (halves: Vector): Projector =>
  (orientation, slope) => {
    const [a, b, c] = frameOf(orientation);
    const [l, w, h] = halves;
    const outline = new Float64Array(8);
    let i = 0;
    for (const sb of [1, -1]) {
      for (const sc of [1, -1]) {
        outline[i++] = l * a[0] + sb * w * b[0] + sc * h * c[0];
        outline[i++] = l * a[1] + sb * w * b[1] + sc * h * c[1];
      }
    }
    return {
      outline,
      up: l * Math.abs(a[2]) + w * Math.abs(b[2]) + h * Math.abs(c[2]),
      towardsBottom:
        l * Math.abs(againstBottom(a, slope)) +
        w * Math.abs(againstBottom(b, slope)) +
        h * Math.abs(againstBottom(c, slope)),
    };
  };

const circle = (points: number, turn: number) =>
  Array.from({ length: points }, (_, i) => {
    const angle = (turn * i) / points;
    return [Math.cos(angle), Math.sin(angle)] as const;
  });

const cylinderProjector = (radius: number, half: number, points: number): Projector => {
  const ring = circle(points, 2 * Math.PI);
  return (orientation, slope) => {
    const [u, v, axis] = frameOf(orientation);
    const outline = new Float64Array(2 * points);
    ring.forEach(([cos, sin], i) => {
      outline[2 * i] = half * axis[0] + radius * (cos * u[0] + sin * v[0]);
      outline[2 * i + 1] = half * axis[1] + radius * (cos * u[1] + sin * v[1]);
    });
    const along = againstBottom(axis, slope);
    return {
      outline,
      up: half * Math.abs(axis[2]) + radius * Math.sqrt(Math.max(0, 1 - axis[2] ** 2)),
      towardsBottom: half * Math.abs(along) + radius * Math.sqrt(Math.max(0, slope ** 2 + 1 - along ** 2)),
    };
  };
};

const ellipsoidProjector = (halves: Vector, points: number): Projector => {
  const arc = circle(points, Math.PI);
  return (orientation, slope) => {
    const frame = frameOf(orientation);
    const sum = (f: (axis: Vector) => number) =>
      frame.reduce((total, axis, i) => total + (halves[i] ?? 0) ** 2 * f(axis), 0);
    const xx = sum((e) => e[0] * e[0]);
    const xy = sum((e) => e[0] * e[1]);
    const yy = sum((e) => e[1] * e[1]);
    // Cholesky factor of the outline's matrix: it maps the unit circle onto the outline.
    const l11 = Math.sqrt(xx);
    const l21 = l11 > 0 ? xy / l11 : 0;
    const l22 = Math.sqrt(Math.max(0, yy - l21 * l21));
    const outline = new Float64Array(2 * points);
    arc.forEach(([cos, sin], i) => {
      outline[2 * i] = l11 * cos;
      outline[2 * i + 1] = l21 * cos + l22 * sin;
    });
    return {
      outline,
      up: Math.sqrt(sum((e) => e[2] * e[2])),
      towardsBottom: Math.sqrt(sum((e) => againstBottom(e, slope) ** 2)),
    };
  };
};

/** A projector for the shape, with `points` points on a round outline's half. */
export function projectorOf(piece: PieceShape, points: number): Projector {
  switch (piece.shape) {
    case "sphere":
      return ellipsoidProjector([piece.mm[0] / 2, piece.mm[0] / 2, piece.mm[0] / 2], points);
    case "cylinder":
    case "disc":
      return cylinderProjector(piece.mm[0] / 2, piece.mm[1] / 2, points);
    case "box":
      return boxProjector([piece.mm[0] / 2, piece.mm[1] / 2, piece.mm[2] / 2]);
    case "ellipsoid":
      return ellipsoidProjector([piece.mm[0] / 2, piece.mm[1] / 2, piece.mm[2] / 2], points);
  }
}
