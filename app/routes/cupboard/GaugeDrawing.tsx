import type { Drawing } from "../../core/draw";
import { gaugePictures } from "../../core/draw/gauge";
import type { PieceShape } from "../../core/model";
import type { Orientation } from "../../core/safety";
import { DrawnMarks } from "../../ui/Drawn";

export interface GaugeDrawingProps {
  piece: PieceShape;
  orientation: Orientation;
  fits: boolean;
  tubeDiameterMm: number;
}

const View = ({ drawing, name, caption }: { drawing: Drawing; name: string; caption: string }) => (
  <figure>
    <svg
      viewBox={`0 0 ${drawing.widthMm} ${drawing.heightMm}`}
      width="100%"
      height="220"
      role="img"
      aria-label={name}
    >
      <DrawnMarks marks={drawing.marks} lineMm={drawing.lineMm} />
    </svg>
    <figcaption>
      <small>{caption}</small>
    </figcaption>
  </figure>
);

/** The piece to scale: in the small-parts cylinder from the side and from above, and against the tube. */
export function GaugeDrawing({ piece, orientation, fits, tubeDiameterMm }: GaugeDrawingProps) {
  const { side, above, tube } = gaugePictures(piece, orientation, fits, tubeDiameterMm);
  return (
    <div className="panel grid grow">
      <View drawing={side} name="In the cylinder, from the side" caption="from the side" />
      <View drawing={above} name="In the cylinder, from above" caption="from above" />
      <View drawing={tube} name="Against the toilet-roll tube" caption="through the roll tube (dashed)" />
    </div>
  );
}
