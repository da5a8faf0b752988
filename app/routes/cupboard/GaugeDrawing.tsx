import type { PieceShape } from "../../core/model";
import {
  CYLINDER_DIAMETER_MM,
  depthAt,
  gaugeViews,
  type Orientation,
  type Point,
  TUBE_DIAMETER_MM,
} from "../../core/safety";

const R = CYLINDER_DIAMETER_MM / 2;
const pathOf = (points: readonly Point[]) =>
  `M${points.map(([x, y]) => `${x.toFixed(2)} ${y.toFixed(2)}`).join("L")}Z`;

/** How much more of the drawing is shown round the gauge, in mm. */
const ROOM = 30;

export interface GaugeDrawingProps {
  piece: PieceShape;
  orientation: Orientation;
  fits: boolean;
  tubeDiameterMm: number;
}

/** The piece to scale: in the small-parts cylinder from the side and from above, and against the tube. */
export function GaugeDrawing({ piece, orientation, fits, tubeDiameterMm }: GaugeDrawingProps) {
  const { side, above, standsOut } = gaugeViews(piece, orientation);
  const colour = fits ? "#A63D2F" : "#1E5B52";
  const top = Math.max(ROOM, standsOut + 4);
  const wide = Math.max(R, ...side.map(([x]) => Math.abs(x))) + 4;
  const around = Math.max(R, ...above.map(([x, y]) => Math.hypot(x, y))) + 3;
  const tube = Math.max(TUBE_DIAMETER_MM, tubeDiameterMm) / 2 + 3;
  const wall = [
    [-R, 0],
    [-R, depthAt(-R)],
    [R, depthAt(R)],
    [R, 0],
  ] as const;
  return (
    <div className="gauge-drawings">
      <figure>
        <svg
          viewBox={`${-wide} ${-top} ${2 * wide} ${top + 62}`}
          role="img"
          aria-label="In the cylinder, from the side"
        >
          <path
            d={pathOf(side.map(([x, z]) => [x, -z] as const))}
            fill={colour}
            fillOpacity="0.25"
            stroke={colour}
            strokeWidth="0.8"
          />
          <polyline
            points={wall.map((point) => point.join(",")).join(" ")}
            fill="none"
            stroke="#16302F"
            strokeWidth="1"
          />
        </svg>
        <figcaption>from the side</figcaption>
      </figure>
      <figure>
        <svg
          viewBox={`${-around} ${-around} ${2 * around} ${2 * around}`}
          role="img"
          aria-label="In the cylinder, from above"
        >
          <path d={pathOf(above)} fill={colour} fillOpacity="0.25" stroke={colour} strokeWidth="0.8" />
          <circle r={R} fill="none" stroke="#16302F" strokeWidth="1" />
        </svg>
        <figcaption>from above</figcaption>
      </figure>
      <figure>
        <svg
          viewBox={`${-tube} ${-tube} ${2 * tube} ${2 * tube}`}
          role="img"
          aria-label="Against the toilet-roll tube"
        >
          <circle
            r={tubeDiameterMm / 2}
            fill="#B99B63"
            fillOpacity="0.35"
            stroke="#7A5C12"
            strokeWidth="0.8"
          />
          <circle
            r={TUBE_DIAMETER_MM / 2}
            fill="none"
            stroke="#16302F"
            strokeWidth="1"
            strokeDasharray="3 2"
          />
        </svg>
        <figcaption>through the roll tube (dashed)</figcaption>
      </figure>
    </div>
  );
}
