import { Input, Select } from "antd";
import { PieceShape } from "../../core/model";
import { isSmallPart, passesTube, smallPartFit, tubeFit } from "../../core/safety";
import { Field } from "../../ui/controls/Field";
import { Hidden } from "../../ui/controls/Hidden";
import { GaugeDrawing } from "./GaugeDrawing";

const SOFT_OR_LARGE = "soft-or-large";
const SHAPES = [
  { value: "sphere", label: "a ball" },
  { value: "disc", label: "a disc" },
  { value: "cylinder", label: "a stick or tube" },
  { value: "box", label: "a block" },
  { value: "ellipsoid", label: "an egg or pebble" },
  { value: SOFT_OR_LARGE, label: "soft, or nothing of it smaller than a fist" },
];
const EDGES: Record<string, readonly string[]> = {
  sphere: ["across"],
  disc: ["across", "thick"],
  cylinder: ["across", "long"],
  box: ["long", "wide", "high"],
  ellipsoid: ["long", "wide", "high"],
};

interface SizePartProps {
  shape: string | undefined;
  mm: readonly string[];
  onShape(shape: string): void;
  onMm(mm: string[]): void;
  faults: readonly (string | undefined)[];
}

/** The piece as far as it is typed; undefined while a size is missing. */
export const pieceOf = (shape: string | undefined, mm: readonly string[]): PieceShape | undefined => {
  const edges = EDGES[shape ?? ""];
  const read = edges && PieceShape.safeParse({ shape, mm: edges.map((_, i) => Number(mm[i])) });
  return read?.success ? read.data : undefined;
};

/** The size of one piece, asked by its shape, with the gauge beside it. */
export function SizePart({ shape, mm, onShape, onMm, faults }: SizePartProps) {
  const edges = EDGES[shape ?? ""] ?? [];
  const piece = pieceOf(shape, mm);
  const fit = piece && smallPartFit(piece);
  return (
    <div className="own-size">
      <div>
        <Field label="One piece is" name="own-shape" fault={faults[0]}>
          <Select
            id="own-shape"
            value={shape}
            onChange={onShape}
            options={SHAPES}
            placeholder="choose: it decides who may have it"
            popupMatchSelectWidth={320}
            style={{ width: 300 }}
          />
          <Hidden name="shape" value={shape ?? ""} />
        </Field>
        <div className="fields">
          {edges.map((edge, i) => (
            <Field
              key={edge}
              label={`${edge}, mm`}
              name={`own-mm${i + 1}`}
              fault={i === 0 ? faults[1] : undefined}
            >
              <Input
                id={`own-mm${i + 1}`}
                name={`mm${i + 1}`}
                type="number"
                min={0}
                step="any"
                value={mm[i] ?? ""}
                onChange={(event) =>
                  onMm([0, 1, 2].map((one) => (one === i ? event.target.value : (mm[one] ?? ""))))
                }
              />
            </Field>
          ))}
        </div>
        {piece && (
          <p className={isSmallPart(piece) || passesTube(piece) ? "fault" : "gauge-passes"} role="status">
            {isSmallPart(piece)
              ? "It fits in the small-parts cylinder."
              : passesTube(piece)
                ? "It passes a toilet-roll tube."
                : "It is larger than both gauges."}
          </p>
        )}
      </div>
      {piece && fit && (
        <GaugeDrawing
          piece={piece}
          orientation={fit.orientation}
          fits={fit.fits}
          tubeDiameterMm={tubeFit(piece).tubeDiameterMm}
        />
      )}
    </div>
  );
}
