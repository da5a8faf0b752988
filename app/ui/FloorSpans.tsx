import type { Span } from "../core/draw";
import type { Units } from "../core/units";
import { distanceText, stepsText } from "../words/layout";
import { COLOURS } from "./theme/tokens";

/** The height of the letters, of the width of the picture. */
const LETTER = 1 / 30;
/** The least span, in letters, that has room for a number of its own. */
const LEAST_LETTERS = 1.6;

/** The height of the letters: a deep picture is shown smaller, so that all of it is in sight. */
const letterMm = (widthMm: number, depthMm: number) => Math.max(widthMm, 1.6 * depthMm) * LETTER;

/** How much the picture grows at its foot for the distances, in mm. */
export const spansMm = (widthMm: number, depthMm: number, spans: readonly Span[]): number =>
  spans.length === 0 ? 0 : letterMm(widthMm, depthMm) * 4;

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
  return spans
    .filter(({ fromMm, toMm }) => toMm - fromMm >= letter * LEAST_LETTERS)
    .map(({ fromMm, toMm }) => {
      const mm = toMm - fromMm;
      // What is too narrow for its number stands on a line of its own.
      const steps = mm >= letter * 5 ? stepsText(mm) : undefined;
      const middle = (fromMm + toMm) / 2;
      return (
        <g key={`${fromMm} ${toMm}`} stroke={COLOURS.ink} fill="none">
          <path
            d={`M${fromMm} ${y - letter * 0.3}V${y + letter * 0.3}M${fromMm} ${y}H${toMm}M${toMm} ${y - letter * 0.3}V${y + letter * 0.3}`}
            strokeWidth={1.2}
            vectorEffect="non-scaling-stroke"
          />
          <text
            x={middle}
            y={y + letter * 1.4}
            fontSize={letter}
            textAnchor="middle"
            fill={COLOURS.ink}
            stroke="none"
          >
            {distanceText(mm, units)}
          </text>
          {steps && (
            <text
              x={middle}
              y={y + letter * 2.6}
              fontSize={letter * 0.9}
              textAnchor="middle"
              fill={COLOURS.ink}
              stroke="none"
            >
              {steps}
            </text>
          )}
        </g>
      );
    });
}
