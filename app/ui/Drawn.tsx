import { colourOf, type Drawing, type Mark, pathData } from "../core/draw";

const ANCHORS = { left: "start", middle: "middle", right: "end" } as const;

interface DrawnMarksProps {
  marks: readonly Mark[];
  /** Lines keep this width on the screen, however the drawing is scaled. */
  linePx?: number;
  /** Lines are as wide as on paper, and scale with the drawing. */
  lineMm?: number;
}

/** Marks of a drawing as SVG. */
export function DrawnMarks({ marks, linePx, lineMm = 1 }: DrawnMarksProps) {
  return marks.map((mark, i) =>
    mark.kind === "text" ? (
      <text
        // biome-ignore lint/suspicious/noArrayIndexKey: the marks of a drawing never change their order
        key={i}
        x={mark.x}
        y={mark.y}
        fontSize={mark.sizeMm}
        textAnchor={ANCHORS[mark.align]}
        fill={colourOf(mark.tone)}
        stroke="none"
        fontWeight={mark.bold ? 700 : 400}
      >
        {mark.text}
      </text>
    ) : (
      <path
        // biome-ignore lint/suspicious/noArrayIndexKey: the marks of a drawing never change their order
        key={i}
        d={pathData(mark.ops)}
        fill={mark.fill ? colourOf(mark.fill) : "none"}
        stroke={mark.line ? colourOf(mark.line.tone) : "none"}
        strokeWidth={mark.line ? mark.line.weight * (linePx ?? lineMm) : undefined}
        strokeDasharray={mark.line?.dashMm?.join(" ")}
        vectorEffect={linePx === undefined ? undefined : "non-scaling-stroke"}
      />
    ),
  );
}

/** A small drawing; decoration only. It stands on the lower edge of its field. */
export function Drawn({ drawing, small = false }: { drawing: Drawing; small?: boolean }) {
  return (
    <svg
      className="block"
      width={small ? 84 : "100%"}
      height={small ? 50 : 62}
      viewBox={`-2 -2 ${drawing.widthMm + 4} ${drawing.heightMm + 4}`}
      preserveAspectRatio="xMidYMax meet"
      aria-hidden="true"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <DrawnMarks marks={drawing.marks} linePx={1.3} />
    </svg>
  );
}
