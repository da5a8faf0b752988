import { AREA_COLOURS } from "../../core/draw/areaColours";
import type { SkillAlong, SkillSign } from "../../core/growing";
import type { AreaId } from "../../core/model";
import { COLOURS } from "../../ui/theme/tokens";

/** The span of months that is drawn. */
export interface Span {
  from: number;
  to: number;
}

/** Where a month stands across the width. */
const at = (months: number, { from, to }: Span): string =>
  `${(100 * (Math.min(to, Math.max(from, months)) - from)) / (to - from)}%`;

const MARKS: Record<SkillSign["kind"], string> = { seen: "●", told: "●", alone: "▴", "not-yet": "○" };

const HIGH = 22;

/** The child's age. */
const Now = ({ x }: { x: string }) => (
  <line x1={x} x2={x} y1="0" y2={HIGH} stroke={COLOURS.beet} strokeWidth="2" />
);

/** The months along the top, as on the rule across the screen. */
export function SpanScale({ span, months }: { span: Span; months: number }) {
  const step = span.to - span.from > 30 ? 6 : span.to - span.from > 14 ? 3 : 1;
  const ticks = Array.from(
    { length: Math.floor((span.to - span.from) / step) + 1 },
    (_, i) => Math.ceil(span.from / step) * step + i * step,
  ).filter((tick) => tick < span.to);
  return (
    <svg width="100%" height={HIGH} aria-hidden="true">
      <line x2="100%" y1={HIGH - 1} y2={HIGH - 1} stroke={COLOURS["ash-mid"]} strokeWidth="2" />
      {ticks.map((tick) => (
        <text
          key={tick}
          x={at(tick, span)}
          y="14"
          textAnchor={tick === span.from ? "start" : "middle"}
          className="drawn-words"
        >
          {tick}
        </text>
      ))}
      <Now x={at(months, span)} />
    </svg>
  );
}

/** The usual ages of a skill as a soft band, the child's age as a line, and what was noted at the ages it was noted. */
export function SkillBand({
  along,
  span,
  months,
  area,
}: {
  along: SkillAlong;
  span: Span;
  months: number;
  area: AreaId;
}) {
  const { p10, p90, median } = along.skill.window;
  const line = { strokeWidth: 8, strokeLinecap: "round", strokeOpacity: 0.32 } as const;
  return (
    <svg width="100%" height={HIGH} aria-hidden="true">
      <line x1={at(p10, span)} x2={at(p90, span)} y1="11" y2="11" stroke={AREA_COLOURS[area]} {...line} />
      {median >= span.from && median <= span.to && (
        <line
          x1={at(median, span)}
          x2={at(median, span)}
          y1="5"
          y2="17"
          stroke={COLOURS.ink}
          strokeWidth="2"
        />
      )}
      {along.signs.map((sign) => (
        <text
          key={`${sign.on} ${sign.kind} ${sign.about}`}
          x={at(sign.months, span)}
          y="15"
          textAnchor="middle"
          className="drawn-words"
        >
          {MARKS[sign.kind]}
        </text>
      ))}
      <Now x={at(months, span)} />
    </svg>
  );
}
