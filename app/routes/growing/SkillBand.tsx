import type { SkillAlong, SkillSign } from "../../core/growing";
import type { AreaId } from "../../core/model";
import { AREA_COLOURS } from "../../ui/theme/tokens";

/** The span of months that is drawn. */
export interface Span {
  from: number;
  to: number;
}

/** Where a month stands, in per cent of the width. */
const at = (months: number, { from, to }: Span): number =>
  (100 * (Math.min(to, Math.max(from, months)) - from)) / (to - from);

const MARKS: Record<SkillSign["kind"], string> = { seen: "●", told: "●", alone: "▴", "not-yet": "○" };

/** The months along the top, as on the rule across the screen. */
export function SpanScale({ span, months }: { span: Span; months: number }) {
  const step = span.to - span.from > 30 ? 6 : span.to - span.from > 14 ? 3 : 1;
  const ticks = Array.from(
    { length: Math.floor((span.to - span.from) / step) + 1 },
    (_, i) => Math.ceil(span.from / step) * step + i * step,
  ).filter((tick) => tick < span.to);
  return (
    <span className="band-scale" aria-hidden="true">
      {ticks.map((tick) => (
        <i key={tick} style={{ left: `${at(tick, span)}%` }}>
          {tick}
        </i>
      ))}
      <b style={{ left: `${at(months, span)}%` }} />
    </span>
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
  const { window } = along.skill;
  const [left, right] = [at(window.p10, span), at(window.p90, span)];
  return (
    <span className="band" aria-hidden="true">
      <i
        className="band-window"
        style={{ left: `${left}%`, width: `${Math.max(0.6, right - left)}%`, background: AREA_COLOURS[area] }}
      />
      {window.median >= span.from && window.median <= span.to && (
        <i className="band-median" style={{ left: `${at(window.median, span)}%` }} />
      )}
      {along.signs.map((sign) => (
        <i
          key={`${sign.on} ${sign.kind} ${sign.about}`}
          className={`band-sign ${sign.kind}`}
          style={{ left: `${at(sign.months, span)}%` }}
        >
          {MARKS[sign.kind]}
        </i>
      ))}
      <b style={{ left: `${at(months, span)}%` }} />
    </span>
  );
}
