import { Button, Input, Slider } from "antd";
import { useDeferredValue, useMemo, useState } from "react";
import { href, Link } from "react-router";
import { type HoldingId, PieceShape } from "../../core/model";
import { FIT_FROM_SCALE, growthToPass, smallPartFit, TUBE_DIAMETER_MM, tubeFit } from "../../core/safety";
import { MM_PER_INCH, sizeText, type Units } from "../../core/units";
import { useCommand } from "../../ui/command/useCommand";
import { Choice } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { percentText } from "../../words/numbers";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/gauge";
import { GaugeDrawing } from "./GaugeDrawing";

export const meta = () => titled("Size gauge");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "gauge");

type Shape = PieceShape["shape"];
const SHAPE_IDS = PieceShape.options.map((one) => one.shape.shape.value);
const SHAPES: Record<Shape, { name: string; sizes: readonly string[]; usual: readonly number[] }> = {
  sphere: { name: "ball", sizes: ["across"], usual: [35] },
  cylinder: { name: "rod or tube", sizes: ["across", "long"], usual: [20, 40] },
  disc: { name: "disc", sizes: ["across", "thick"], usual: [35, 5] },
  box: { name: "block", sizes: ["long", "wide", "high"], usual: [40, 25, 20] },
  ellipsoid: { name: "egg or pebble", sizes: ["long", "wide", "high"], usual: [45, 30, 25] },
};
const MOST_MM = 120;

interface SizeProps {
  label: string;
  mm: number;
  units: Units;
  onChange(mm: number): void;
}

/** One size by slider and by number, in the household's unit. */
function Size({ label, mm, units, onChange }: SizeProps) {
  const per = units === "us" ? MM_PER_INCH : 1;
  const step = units === "us" ? 0.05 : 0.5;
  const set = (text: string) => {
    const value = Number(text) * per;
    if (value > 0 && value <= 5000) onChange(value);
  };
  const shown = Number((mm / per).toFixed(2));
  const unit = units === "us" ? "inches" : "mm";
  return (
    <div className="row one-line gap">
      <label htmlFor={`size-${label}`} style={{ width: 64 }}>
        {label}
      </label>
      <Slider
        className="grow"
        min={step}
        max={MOST_MM / per}
        step={step}
        value={shown}
        ariaLabelForHandle={`${label}, slider`}
        tooltip={{ formatter: null }}
        onChange={(value) => set(String(value))}
      />
      <Input
        id={`size-${label}`}
        style={{ flexBasis: 84 }}
        type="number"
        min={step}
        step={step}
        value={shown}
        onChange={(event) => set(event.target.value)}
      />{" "}
      {unit}
    </div>
  );
}

const percent = (share: number) => percentText(Math.abs(share));

/** What the gauge says, in words, with the margin and the least size that would not fit. */
function Verdict({ piece, units }: { piece: PieceShape; units: Units }) {
  const fit = smallPartFit(piece);
  const tube = tubeFit(piece);
  const k = growthToPass(fit.scale, FIT_FROM_SCALE) * 1.001;
  const grown = PieceShape.parse({ ...piece, mm: piece.mm.map((size) => Math.ceil(size * k * 2) / 2) });
  return (
    <>
      <p className={fit.fits ? "fault" : "good strong"} role="status">
        {fit.fits
          ? "It fits in the small-parts cylinder: it is not for a child who mouths, or where one can reach it."
          : "It does not fit in the small-parts cylinder."}
      </p>
      <p>
        {fit.fits
          ? `It would still fit up to ${percent(fit.scale / FIT_FROM_SCALE - 1)} larger. From about ${sizeText(grown, units)} on it would not fit.`
          : `It is ${percent(FIT_FROM_SCALE / fit.scale - 1)} larger than the largest that fits, turned as well as can be.`}
      </p>
      <p>
        {tube.tubeFits
          ? `It passes through a toilet-roll tube (${sizeText({ shape: "sphere", mm: [TUBE_DIAMETER_MM] }, units)}): by the home rule that is too small for a child who mouths, too.`
          : "It does not pass through a toilet-roll tube."}
      </p>
    </>
  );
}

/** For somebody without a ruler: what a toilet-roll tube says. */
function TubeCheck() {
  const [passed, setPassed] = useState<boolean>();
  return (
    <Collapsible title="I don’t know the size, but I have a toilet-roll tube here">
      <ol>
        <li>Stand the tube upright on the table. Press it to no other shape than round.</li>
        <li>Let the piece fall in, turned every way, also end on. Do not push.</li>
        <li>Try each piece that could come off as well.</li>
      </ol>
      <div className="row">
        <Button onClick={() => setPassed(true)}>It goes through, or in whole</Button>
        <Button onClick={() => setPassed(false)}>It stays out every way</Button>
      </div>
      {passed !== undefined && (
        <p role="status" className={passed ? "fault" : "good strong"}>
          {passed
            ? "Too small for a child who mouths, and for where one can reach: keep it high, or take a larger one."
            : "By the home rule it is large enough. Long thin things, strings and soft things that give way need a look of their own."}
        </p>
      )}
    </Collapsible>
  );
}

const sizesOf = ({ mm }: PieceShape) => Object.fromEntries(mm.map((size, i) => [`mm${i + 1}`, String(size)]));

/** Keeps the size as that of the thing in the cupboard: from then on it counts for safety. */
function Keep({ holding, name, piece }: { holding: HoldingId; name: string; piece: PieceShape }) {
  const measure = useCommand("cupboard.measure");
  return (
    <p>
      <Button
        type="primary"
        loading={measure.isBusy}
        style={{ height: "auto", whiteSpace: "normal" }}
        onClick={() => void measure.runForm({ holding, shape: piece.shape, ...sizesOf(piece) })}
      >
        Keep as the size of our {name}
      </Button>
      {measure.answer !== undefined && !measure.isBusy && (
        <span className="good" role="status">
          {" "}
          Kept: from now on this size counts.
        </span>
      )}
    </p>
  );
}

export default function Gauge({ loaderData }: Route.ComponentProps) {
  const { units, material, holding } = loaderData;
  const start = holding?.measured ?? material?.piece ?? { shape: "sphere" as const, mm: [35] };
  const [shape, setShape] = useState<Shape>(start.shape);
  const [sizes, setSizes] = useState<number[]>([...start.mm]);
  const [turn, setTurn] = useState(0);
  const parsed = PieceShape.safeParse({ shape, mm: sizes });
  const piece = useDeferredValue(parsed.success ? parsed.data : start);
  const measured = useMemo(() => ({ fit: smallPartFit(piece), tube: tubeFit(piece) }), [piece]);
  const [tilt, azimuth, roll] = measured.fit.orientation;
  return (
    <main className="main wide">
      <div className="row between at-top">
        <div>
          <h1>The size gauge{material ? `: ${material.name}` : ""}</h1>
          <p className="quiet">
            A home aid, not a certified test: the maker’s age label and local rules come first. Measure the
            smallest piece, and each that could come off.
          </p>
        </div>
        <Link to={href("/cupboard")}>Back to the cupboard</Link>
      </div>
      <div className="columns">
        <div>
          <label htmlFor="shape">Shape</label>{" "}
          <Choice
            id="shape"
            value={shape}
            onChange={(next) => {
              setShape(next);
              setSizes([...SHAPES[next].usual]);
            }}
            options={SHAPE_IDS.map((id) => ({ value: id, label: SHAPES[id].name }))}
          />
          {SHAPES[shape].sizes.map((label, i) => (
            <Size
              key={label}
              label={label}
              mm={sizes[i] ?? 10}
              units={units}
              onChange={(mm) => setSizes(sizes.map((size, j) => (j === i ? mm : size)))}
            />
          ))}
          <Verdict piece={piece} units={units} />
          {material && holding && <Keep holding={holding.id} name={material.name} piece={piece} />}
          <TubeCheck />
        </div>
        <div>
          <GaugeDrawing
            piece={measured.fit.piece}
            orientation={[tilt + (turn * Math.PI) / 180, azimuth, roll]}
            fits={measured.fit.fits}
            tubeDiameterMm={measured.tube.tubeDiameterMm}
          />
          <div className="row one-line gap">
            <span>Turn it</span>
            <Slider
              className="grow"
              min={0}
              max={180}
              value={turn}
              ariaLabelForHandle="Turn it"
              tooltip={{ formatter: null }}
              onChange={setTurn}
            />
            <span>{turn === 0 ? "turned best" : `${turn}° from there`}</span>
          </div>
        </div>
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
