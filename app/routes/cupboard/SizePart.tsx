import { Form, InputNumber, Select } from "antd";
import { PieceShape } from "../../core/model";
import { isSmallPart, passesTube, smallPartFit, tubeFit } from "../../core/safety";
import { EntryItem } from "../../ui/form/parts";
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

/** The fields of a size as they are typed. */
export interface SizeFields {
  shape?: string;
  mm1?: number | null;
  mm2?: number | null;
  mm3?: number | null;
}

/** The piece as far as it is typed; undefined while a size is missing. */
export const pieceOf = (given: SizeFields | undefined): PieceShape | undefined => {
  const edges = EDGES[given?.shape ?? ""];
  const mm = [given?.mm1, given?.mm2, given?.mm3];
  const read = edges && PieceShape.safeParse({ shape: given?.shape, mm: edges.map((_, i) => mm[i] ?? 0) });
  return read?.success ? read.data : undefined;
};

/** What the gauges say of a piece. */
function GaugeWord({ piece }: { piece: PieceShape }) {
  const isSmall = isSmallPart(piece);
  const passes = passesTube(piece);
  return (
    <p className={isSmall || passes ? "fault" : "good strong"} role="status">
      {isSmall
        ? "It fits in the small-parts cylinder."
        : passes
          ? "It passes a toilet-roll tube."
          : "It is larger than both gauges."}
    </p>
  );
}

/** The size of one piece, asked by its shape, with the gauge beside it. */
export function SizePart() {
  const given: SizeFields | undefined = Form.useWatch([]);
  const edges = EDGES[given?.shape ?? ""] ?? [];
  const piece = pieceOf(given);
  const fit = piece && smallPartFit(piece);
  return (
    <div className="row at-top">
      <div>
        <EntryItem label="One piece is" name="shape" className="wide">
          <Select
            options={SHAPES}
            placeholder="choose: it decides who may have it"
            popupMatchSelectWidth={320}
          />
        </EntryItem>
        <div className="grid fields">
          {edges.map((edge, i) => (
            <EntryItem key={edge} label={`${edge}, mm`} name={`mm${i + 1}`}>
              <InputNumber min={0} />
            </EntryItem>
          ))}
        </div>
        {piece && <GaugeWord piece={piece} />}
      </div>
      {piece && fit && (
        <GaugeDrawing
          piece={fit.piece}
          orientation={fit.orientation}
          fits={fit.fits}
          tubeDiameterMm={tubeFit(piece).tubeDiameterMm}
        />
      )}
    </div>
  );
}
