import { type Layout, pictureOf, type Way } from "../core/draw";
import type { NeedId } from "../core/model";
import type { Units } from "../core/units";
import { layoutText, scaleText } from "../words/layout";
import { DrawnMarks } from "./Drawn";
import { FloorSpans, spansMm } from "./FloorSpans";
import { COLOURS } from "./theme/tokens";

export interface TrayAboveProps {
  layout: Layout;
  /** How each need is called. */
  names: ReadonlyMap<string, string>;
  units: Units;
  /** What a step speaks of; the rest is pale. Absent: all in full colour. */
  spoken?: readonly string[];
  /** The way of the hand. */
  way?: Way;
}

const RING_MM = 12;
/** So far from the far edge the way of the hand stays, twice. */
const TOP_MM = 24;

/** The dotted way of the hand: over the tray in a bow, from the piece to where it goes. */
function HandWay({ way, linePx, headMm }: { way: Way; linePx: number; headMm: number }) {
  const [[x0, y0], [x1, y1]] = [way.from, way.to];
  const rise = Math.max(60, Math.hypot(x1 - x0, y1 - y0) * 0.45);
  // Half way to its control point stands the top of the bow: it stays within the picture.
  const top = Math.max(Math.min(y0, y1) - rise, TOP_MM - Math.min(y0, y1));
  const [cx, cy] = [(x0 + x1) / 2, top];
  // The head of the arrow lies along the end of the bow.
  const angle = Math.atan2(y1 - cy, x1 - cx);
  const head = (turn: number) =>
    `${x1 - headMm * Math.cos(angle + turn)} ${y1 - headMm * Math.sin(angle + turn)}`;
  return (
    <g fill="none" stroke={COLOURS.brick} strokeLinecap="round" data-way={way.inHand.need}>
      <path
        d={`M${x0} ${y0}Q${cx} ${cy} ${x1} ${y1}`}
        strokeWidth={3 * linePx}
        strokeDasharray={`0.1 ${6 * linePx}`}
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={`M${head(0.45)}L${x1} ${y1}L${head(-0.45)}`}
        strokeWidth={2.4 * linePx}
        vectorEffect="non-scaling-stroke"
      />
    </g>
  );
}

/** A tray from above, to scale, as it stands before the child: a picture with its own words for who does not see it. */
export function TrayAbove({ layout, names, units, spoken, way }: TrayAboveProps) {
  const picture = pictureOf(layout);
  const linePx = 1.4;
  const spans = layout.way?.spans ?? [];
  const isPale = (need: NeedId, index: number) =>
    spoken !== undefined &&
    spoken.length > 0 &&
    !(way && way.inHand.need === need && way.inHand.index === index) &&
    !spoken.includes(need);
  const held =
    way && layout.things.find((one) => one.need === way.inHand.need && one.index === way.inHand.index);
  return (
    <figure className="tray-above">
      <svg
        viewBox={`-4 -4 ${picture.widthMm + 8} ${picture.heightMm + 8 + spansMm(picture.widthMm, picture.heightMm, spans)}`}
        role="img"
        aria-label={layoutText(layout, names, units)}
        strokeLinecap="round"
        strokeLinejoin="round"
      >
        <DrawnMarks marks={picture.ground} linePx={linePx} />
        {picture.things.map(({ need, index, marks }) => (
          <g key={`${need} ${index}`} opacity={isPale(need, index) ? 0.4 : 1}>
            <DrawnMarks marks={marks} linePx={linePx} />
          </g>
        ))}
        {held && way && (
          <circle
            cx={way.from[0]}
            cy={way.from[1]}
            r={Math.max(held.thing.widthMm, held.thing.depthMm) / 2 + RING_MM}
            fill="none"
            stroke={COLOURS.brick}
            strokeWidth={2 * linePx}
            vectorEffect="non-scaling-stroke"
          />
        )}
        {way && <HandWay way={way} linePx={linePx} headMm={Math.max(26, picture.widthMm / 22)} />}
        <FloorSpans spans={spans} widthMm={picture.widthMm} footMm={picture.heightMm} units={units} />
      </svg>
      <figcaption>{scaleText(layout, names, units)}</figcaption>
    </figure>
  );
}
