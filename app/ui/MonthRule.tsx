import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { MAX_PLANNED_MONTHS } from "../core/household/planned";
import { countText } from "../words/numbers";
import { COLOURS } from "./theme/tokens";

export interface Pin {
  id: string;
  name: string;
  /** Applicable age in months on the day shown. */
  months: number;
  /** Age from birth, where the corrected age applies. */
  ghostMonths?: number;
  colour: string;
}

export interface MonthRuleProps {
  pins: readonly Pin[];
  /** Span of ages from which the present trays come, in months. */
  span?: readonly [number, number];
  /** Months looked ahead now. */
  ahead: number;
  mostAhead: number;
  onAhead(months: number): void;
}

const LAST_MONTH = MAX_PLANNED_MONTHS;
const LEFT = 3;
const RIGHT = 97.5;
/** Where a month stands on the rule, in per cent of its width. */
const at = (months: number) =>
  LEFT + (Math.min(LAST_MONTH, Math.max(0, months)) / LAST_MONTH) * (RIGHT - LEFT);

const TICKS = Array.from({ length: LAST_MONTH + 1 }, (_, month) => month);

/** Flags nearer to each other than this (months) hang at two heights, so that both names can be read. */
const CLOSE_MONTHS = 7;

/** The pins whose flag hangs lower, since the one before it is close. */
function lowered(pins: readonly Pin[]): ReadonlySet<string> {
  const low = new Set<string>();
  const sorted = [...pins].sort((a, b) => a.months - b.months);
  sorted.forEach((pin, i) => {
    const before = sorted[i - 1];
    if (before && pin.months - before.months < CLOSE_MONTHS && !low.has(before.id)) low.add(pin.id);
  });
  return low;
}

/**
 * The ruler across the top: months 0 to 66, a flag a child. Dragging a flag ahead, or the
 * arrow keys on it, previews the app so many months later; back at its own age the preview ends.
 */
export function MonthRule({ pins, span, ahead, mostAhead, onAhead }: MonthRuleProps) {
  const rule = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<{ from: number; ahead: number }>();
  const low = lowered(pins);
  const shift = drag ? drag.ahead - ahead : 0;

  const monthsAt = (clientX: number) => {
    const box = rule.current?.getBoundingClientRect();
    if (!box) return 0;
    return ((((clientX - box.left) / box.width) * 100 - LEFT) / (RIGHT - LEFT)) * LAST_MONTH;
  };
  const limited = (months: number) => Math.min(mostAhead, Math.max(0, Math.round(months)));
  const start = (event: PointerEvent<HTMLButtonElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    setDrag({ from: monthsAt(event.clientX), ahead });
  };
  const move = (event: PointerEvent) => {
    if (drag) setDrag({ ...drag, ahead: limited(ahead + monthsAt(event.clientX) - drag.from) });
  };
  const end = () => {
    if (drag && drag.ahead !== ahead) onAhead(drag.ahead);
    setDrag(undefined);
  };
  const key = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 6, PageDown: -6 }[
      event.key
    ];
    const next =
      event.key === "Home" || event.key === "Escape"
        ? 0
        : step === undefined
          ? undefined
          : limited(ahead + step);
    if (next === undefined || next === ahead) return;
    event.preventDefault();
    onAhead(next);
  };
  return (
    <div className="month-rule" ref={rule}>
      <svg aria-hidden="true" width="100%" height="100%">
        {span && (
          <rect
            x={`${at(span[0])}%`}
            width={`${at(span[1]) - at(span[0])}%`}
            y="70"
            height="6"
            rx="3"
            fill={COLOURS.marigold}
          />
        )}
        {TICKS.map((month) => (
          <line
            key={month}
            x1={`${at(month)}%`}
            x2={`${at(month)}%`}
            y1={month % 6 === 0 ? 58 : month % 3 === 0 ? 65 : 70}
            y2="76"
            stroke={month % 6 === 0 ? COLOURS.ink : "#8d7b55"}
            strokeWidth={month % 6 === 0 ? 1.8 : 1.2}
          />
        ))}
        {TICKS.filter((month) => month % 6 === 0).map((month) => (
          <text
            key={month}
            x={`${at(month)}%`}
            y="54"
            textAnchor="middle"
            fill={month % 12 === 0 ? COLOURS.ink : "#5c5540"}
            className={month % 12 === 0 ? "drawn-words" : "drawn-words half"}
          >
            {month}
          </text>
        ))}
        {pins.map(
          ({ id, name, ghostMonths }) =>
            ghostMonths !== undefined && (
              <line
                key={id}
                x1={`${at(ghostMonths + shift)}%`}
                x2={`${at(ghostMonths + shift)}%`}
                y1="34"
                y2="76"
                stroke="#6f6243"
                strokeWidth="2"
                strokeDasharray="2"
              >
                <title>{`${name}, from birth`}</title>
              </line>
            ),
        )}
      </svg>
      {pins.map((pin) => (
        <button
          key={pin.id}
          type="button"
          className={low.has(pin.id) ? "pin low" : "pin"}
          role="slider"
          aria-label={`Look ahead from ${pin.name}'s age`}
          aria-valuemin={0}
          aria-valuemax={mostAhead}
          aria-valuenow={drag?.ahead ?? ahead}
          aria-valuetext={`${pin.name}: ${(pin.months + shift).toFixed(1)} months, ${countText(drag?.ahead ?? ahead, "month")} ahead`}
          style={{ left: `${at(pin.months + shift)}%`, "--pin": pin.colour }}
          onPointerDown={start}
          onPointerMove={move}
          onPointerUp={end}
          onPointerCancel={() => setDrag(undefined)}
          onKeyDown={key}
        >
          <span className="flag">{pin.name}</span>
        </button>
      ))}
    </div>
  );
}
