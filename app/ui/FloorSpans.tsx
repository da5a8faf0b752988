import type { Span } from "../core/draw";
import type { Units } from "../core/units";
import { distanceText, stepsText } from "../words/layout";
import { COLOURS } from "./theme/tokens";

/** The height of the letters, of the width of the picture. */
const LETTER = 1 / 30;
/** Rows of numbers under the line: one that has no room beside its neighbour stands a row lower. */
const ROWS = 3;
/** How wide a letter is, of its height. */
const WIDE = 0.58;
/** A span of less than this, in letters, is told in words alone. */
const LEAST_LETTERS = 0.9;

/** A deep picture is shown smaller, so that all of it is in sight: its letters are larger. */
const letterMm = (widthMm: number, depthMm: number) => Math.max(widthMm, 1.6 * depthMm) * LETTER;

/** How much the picture grows at its foot for the distances, in mm. */
export const spansMm = (widthMm: number, depthMm: number, spans: readonly Span[]): number =>
  spans.length === 0 ? 0 : letterMm(widthMm, depthMm) * (1.6 + ROWS * 1.15);

interface Label {
  text: string;
  x: number;
  row: number;
}

/** The numbers, each in the first row in which it touches no other; steps under their centimetres where there is room. */
function labelsOf(spans: readonly Span[], letter: number, units: Units): Label[] {
  const ends = Array.from({ length: ROWS }, () => Number.NEGATIVE_INFINITY);
  const labels: Label[] = [];
  const put = (text: string, x: number) => {
    const half = (text.length * WIDE * letter) / 2;
    const row = ends.findIndex((end) => end <= x - half);
    if (row < 0) return undefined;
    ends[row] = x + half + letter * 0.4;
    labels.push({ text, x, row });
    return row;
  };
  const shown = spans
    .filter((one) => one.toMm - one.fromMm >= letter * LEAST_LETTERS)
    .map((one) => ({ mm: one.toMm - one.fromMm, x: (one.fromMm + one.toMm) / 2 }));
  const rows = shown.map(({ mm, x }) => put(distanceText(mm, units), x));
  shown.forEach(({ mm, x }, i) => {
    const steps = stepsText(mm);
    const row = (rows[i] ?? ROWS) + 1;
    const half = ((steps?.length ?? 0) * WIDE * letter) / 2;
    const isFree = labels.every(
      (one) =>
        one.row !== row || Math.abs(one.x - x) > half + (one.text.length * WIDE * letter) / 2 + letter * 0.4,
    );
    if (!steps || row >= ROWS || !isFree) return;
    labels.push({ text: steps, x, row });
  });
  return labels;
}

interface FloorSpansProps {
  spans: readonly Span[];
  widthMm: number;
  /** The near edge of the ground, in mm. */
  footMm: number;
  units: Units;
}

/** The distances along a way, each between its two ends, in cm and in steps. */
export function FloorSpans({ spans, widthMm, footMm, units }: FloorSpansProps) {
  const letter = letterMm(widthMm, footMm);
  const y = footMm + letter * 0.8;
  const [up, down] = [y - letter * 0.3, y + letter * 0.3];
  return (
    <>
      {spans.map(({ fromMm, toMm }) => (
        <path
          key={`${fromMm} ${toMm}`}
          d={`M${fromMm} ${up}V${down}M${fromMm} ${y}H${toMm}M${toMm} ${up}V${down}`}
          stroke={COLOURS.ink}
          strokeWidth={1.2}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {labelsOf(spans, letter, units).map(({ text, x, row }) => (
        <text
          key={`${x} ${row}`}
          x={x}
          y={y + letter * (1.4 + row * 1.15)}
          fontSize={letter}
          textAnchor="middle"
          fill={COLOURS.ink}
        >
          {text}
        </text>
      ))}
    </>
  );
}
