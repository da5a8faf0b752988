import type { PieceShape } from "../model";
import {
  CYLINDER_DIAMETER_MM,
  depthAt,
  gaugeViews,
  type Orientation,
  type Point,
  TUBE_DIAMETER_MM,
} from "../safety";
import { circle, type Drawing, filled, lined, type Mark, moveBy, polyline, transformed } from "./drawing";

export interface GaugePictures {
  /** The piece in the cylinder, from the side and from above, and its cross-section against the toilet-roll tube. */
  side: Drawing;
  above: Drawing;
  tube: Drawing;
}

const R = CYLINDER_DIAMETER_MM / 2;
/** How much more of the drawing is shown above the gauge, in mm. */
const ROOM_MM = 30;
/** From the rim to under its deepest point. */
const BELOW_MM = 62;

const outline = (points: readonly Point[], fits: boolean): Mark =>
  filled(
    polyline(
      points.map(([x, y]) => [x, y] as const),
      true,
    ),
    fits ? "peach" : "pale",
    { tone: fits ? "brick" : "spruce", weight: 0.8 },
  );

/** Marks round an origin, as a drawing of its own: so far to each side, and up and down. */
const framed = (marks: readonly Mark[], sideMm: number, upMm: number, downMm: number): Drawing => ({
  widthMm: 2 * sideMm,
  heightMm: upMm + downMm,
  lineMm: 1,
  marks: transformed(marks, moveBy(sideMm, upMm)),
});

/** A piece to scale in the small-parts cylinder and against the tube; `fits` colours it. */
export function gaugePictures(
  piece: PieceShape,
  orientation: Orientation,
  fits: boolean,
  tubeDiameterMm: number,
): GaugePictures {
  const { side, above, standsOut } = gaugeViews(piece, orientation);
  const wall = polyline([
    [-R, 0],
    [-R, depthAt(-R)],
    [R, depthAt(R)],
    [R, 0],
  ]);
  const wide = Math.max(R, ...side.map(([x]) => Math.abs(x))) + 4;
  const around = Math.max(R, ...above.map(([x, y]) => Math.hypot(x, y))) + 3;
  const tube = Math.max(TUBE_DIAMETER_MM, tubeDiameterMm) / 2 + 3;
  return {
    side: framed(
      [
        outline(
          side.map(([x, z]) => [x, -z] as const),
          fits,
        ),
        lined(wall),
      ],
      wide,
      Math.max(ROOM_MM, standsOut + 4),
      BELOW_MM,
    ),
    above: framed([outline(above, fits), lined(circle(0, 0, R))], around, around, around),
    tube: framed(
      [
        filled(circle(0, 0, tubeDiameterMm / 2), "ash", { tone: "earth", weight: 0.8 }),
        lined(circle(0, 0, TUBE_DIAMETER_MM / 2), { tone: "ink", weight: 1, dashMm: [3, 2] }),
      ],
      tube,
      tube,
      tube,
    ),
  };
}
