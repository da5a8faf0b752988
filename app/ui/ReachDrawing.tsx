/** A board or place as it is drawn: its name and its height above the floor in cm. */
export interface DrawnBoard {
  name: string;
  heightCm: number;
}

/** A child as it is drawn: how high it gets, in cm; Infinity for one who may climb. */
export interface DrawnReach {
  name: string;
  cm: number;
}

const COLOURS = ["#1E5B52", "#8E2F5C", "#7A5C12", "#2F6F8F", "#6B4FA0"];
const LEAST_WIDTH = 420;
const LEFT = 44;
const SHELF_RIGHT = 236;
const COLUMN = 44;

/** A line of text, so that the same is there for those who do not see it. */
const toldFor = (boards: readonly DrawnBoard[], reaches: readonly DrawnReach[]) =>
  [
    ...boards.map((board) => `${board.name} at ${board.heightCm} cm`),
    ...reaches.map((one) =>
      Number.isFinite(one.cm)
        ? `${one.name} gets up to about ${Math.round(one.cm)} cm`
        : `${one.name} may climb to any height`,
    ),
  ].join("; ");

/** The shelf from the front, its boards at their heights, and beside it how high each child gets. */
export function ReachDrawing({
  boards,
  reaches,
}: {
  boards: readonly DrawnBoard[];
  reaches: readonly DrawnReach[];
}) {
  const highest = Math.max(60, ...boards.map((board) => board.heightCm));
  const top = Math.max(highest + 25, ...reaches.map((one) => (Number.isFinite(one.cm) ? one.cm + 14 : 0)));
  const width = Math.max(LEAST_WIDTH, SHELF_RIGHT + 26 + COLUMN * reaches.length);
  // One unit is a centimetre upwards; the floor is 0.
  const y = (cm: number) => top - cm;
  const scale = 190 / top;
  return (
    <svg
      style={{ width: `min(${Math.round((300 * width) / LEAST_WIDTH)}px, 100%)` }}
      viewBox={`0 -6 ${width} 222`}
      role="img"
      aria-label={toldFor(boards, reaches)}
    >
      <line x1="8" x2={width - 8} y1={y(0) * scale} y2={y(0) * scale} stroke="#16302F" strokeWidth="1.5" />
      {[LEFT, SHELF_RIGHT].map((x) => (
        <rect
          key={x}
          x={x - 5}
          y={y(highest + 10) * scale}
          width="10"
          height={(highest + 10) * scale}
          fill="#D9C293"
          stroke="#16302F"
          strokeWidth="1"
        />
      ))}
      {boards.map((board) => (
        <g key={board.name}>
          <rect
            x={LEFT}
            y={y(board.heightCm) * scale}
            width={SHELF_RIGHT - LEFT}
            height="7"
            fill="#EAD9B8"
            stroke="#16302F"
            strokeWidth="1"
          />
          <text x={LEFT + 14} y={y(board.heightCm) * scale - 4} className="drawn-words">
            {board.name}
          </text>
          <text x={LEFT - 9} y={y(board.heightCm) * scale + 6} textAnchor="end" className="drawn-words">
            {board.heightCm}
          </text>
        </g>
      ))}
      {reaches.map((one, i) => {
        const x = SHELF_RIGHT + 26 + COLUMN * i;
        const climbs = !Number.isFinite(one.cm);
        const end = (climbs ? 0 : y(one.cm)) * scale;
        const colour = COLOURS[i % COLOURS.length];
        return (
          // Two children may have one name.
          // biome-ignore lint/suspicious/noArrayIndexKey: they are drawn in this order and never moved
          <g key={i}>
            <rect
              x={x - 8}
              y={end}
              width="16"
              height={y(0) * scale - end}
              rx="3"
              fill={colour}
              fillOpacity="0.22"
            />
            <line x1={x - 13} x2={x + 13} y1={end} y2={end} stroke={colour} strokeWidth="2.5" />
            {climbs && (
              <path
                d={`M${x - 6} ${end + 10}L${x} ${end + 2}L${x + 6} ${end + 10}`}
                fill="none"
                stroke={colour}
                strokeWidth="2"
              />
            )}
            {!climbs && (
              <line
                x1={LEFT}
                x2={x - 14}
                y1={end}
                y2={end}
                stroke={colour}
                strokeWidth="1"
                strokeDasharray="2 4"
              />
            )}
            <text x={x} y={y(0) * scale + 15} textAnchor="middle" className="drawn-words" fill={colour}>
              {one.name.slice(0, 7)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
