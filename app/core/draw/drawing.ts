import type { Tone } from "./palette";

/** One stroke of an outline in mm, absolute: move, line, cubic curve, close. */
export type Op =
  | readonly ["M" | "L", number, number]
  | readonly ["C", number, number, number, number, number, number]
  | readonly ["Z"];

/** A line: its tone, how many times the usual width it is, and its dashes in mm. */
export interface Line {
  tone: Tone;
  weight: number;
  dashMm?: readonly number[];
}

export interface PathMark {
  kind: "path";
  ops: readonly Op[];
  fill?: Tone;
  line?: Line;
}

export interface TextMark {
  kind: "text";
  x: number;
  /** The line on which the letters stand. */
  y: number;
  text: string;
  /** Height of the type, in mm from line to line. */
  sizeMm: number;
  align: "left" | "middle" | "right";
  tone: Tone;
  bold?: boolean;
}

export type Mark = PathMark | TextMark;

/** A drawing in mm, the y axis down. `lineMm` is the usual width of a line. */
export interface Drawing {
  widthMm: number;
  heightMm: number;
  lineMm: number;
  marks: readonly Mark[];
}

/** So far from the end of a quarter circle stand the handles of the curve that draws it. */
const ROUND = 0.5523;

export const ellipse = (cx: number, cy: number, rx: number, ry: number): Op[] => [
  ["M", cx + rx, cy],
  ["C", cx + rx, cy + ry * ROUND, cx + rx * ROUND, cy + ry, cx, cy + ry],
  ["C", cx - rx * ROUND, cy + ry, cx - rx, cy + ry * ROUND, cx - rx, cy],
  ["C", cx - rx, cy - ry * ROUND, cx - rx * ROUND, cy - ry, cx, cy - ry],
  ["C", cx + rx * ROUND, cy - ry, cx + rx, cy - ry * ROUND, cx + rx, cy],
  ["Z"],
];

export const circle = (cx: number, cy: number, r: number): Op[] => ellipse(cx, cy, r, r);

/** A box with corners rounded by `r`. */
export function rect(x: number, y: number, w: number, h: number, r = 0): Op[] {
  const c = Math.min(r, w / 2, h / 2);
  if (c <= 0) return [["M", x, y], ["L", x + w, y], ["L", x + w, y + h], ["L", x, y + h], ["Z"]];
  const k = c * (1 - ROUND);
  return [
    ["M", x + c, y],
    ["L", x + w - c, y],
    ["C", x + w - k, y, x + w, y + k, x + w, y + c],
    ["L", x + w, y + h - c],
    ["C", x + w, y + h - k, x + w - k, y + h, x + w - c, y + h],
    ["L", x + c, y + h],
    ["C", x + k, y + h, x, y + h - k, x, y + h - c],
    ["L", x, y + c],
    ["C", x, y + k, x + k, y, x + c, y],
    ["Z"],
  ];
}

/** A line through points given as [x, y]. */
export const polyline = (points: readonly (readonly [number, number])[], closed = false): Op[] => [
  ...points.map(([x, y], i): Op => [i === 0 ? "M" : "L", x, y]),
  ...(closed ? [["Z"] as const] : []),
];

export const INK: Line = { tone: "ink", weight: 1 };

export const filled = (ops: readonly Op[], fill: Tone, line: Line | undefined = INK): PathMark => ({
  kind: "path",
  ops,
  fill,
  ...(line ? { line } : {}),
});

export const lined = (ops: readonly Op[], line: Line = INK): PathMark => ({ kind: "path", ops, line });

export const words = (
  x: number,
  y: number,
  text: string,
  sizeMm: number,
  more: Partial<Pick<TextMark, "align" | "tone" | "bold">> = {},
): TextMark => ({ kind: "text", x, y, text, sizeMm, align: "left", tone: "ink", ...more });

/** x' = a·x + c·y + e, y' = b·x + d·y + f. */
export type Matrix = readonly [number, number, number, number, number, number];

export const moveBy = (dx: number, dy: number): Matrix => [1, 0, 0, 1, dx, dy];
export const scaleBy = (sx: number, sy: number = sx): Matrix => [sx, 0, 0, sy, 0, 0];

/** Turned clockwise, as seen, round a point. */
export function turnBy(degrees: number, cx = 0, cy = 0): Matrix {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return [cos, sin, -sin, cos, cx - cx * cos + cy * sin, cy - cx * sin - cy * cos];
}

function opBy(op: Op, [a, b, c, d, e, f]: Matrix): Op {
  const x = (px: number, py: number) => a * px + c * py + e;
  const y = (px: number, py: number) => b * px + d * py + f;
  switch (op[0]) {
    case "Z":
      return op;
    case "C": {
      const [, p, q, r, s, t, u] = op;
      return ["C", x(p, q), y(p, q), x(r, s), y(r, s), x(t, u), y(t, u)];
    }
    default:
      return [op[0], x(op[1], op[2]), y(op[1], op[2])];
  }
}

/** Marks moved, scaled or turned; type grows with them but stays upright. */
export const transformed = (marks: readonly Mark[], by: Matrix): Mark[] =>
  marks.map((mark) => {
    if (mark.kind === "path") return { ...mark, ops: mark.ops.map((op) => opBy(op, by)) };
    const [, x = 0, y = 0] = opBy(["M", mark.x, mark.y], by) as ["M", number, number];
    return { ...mark, x, y, sizeMm: mark.sizeMm * Math.sqrt(Math.abs(by[0] * by[3] - by[1] * by[2])) };
  });

/** The box that holds all points of the marks, handles of curves too: [left, top, right, bottom] in mm. */
export function boundsOf(marks: readonly Mark[]): [number, number, number, number] {
  const box: [number, number, number, number] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const mark of marks) {
    if (mark.kind === "text") continue;
    for (const op of mark.ops) {
      for (let i = 1; i + 1 < op.length; i += 2) {
        const [x, y] = [Number(op[i]), Number(op[i + 1])];
        box[0] = Math.min(box[0], x);
        box[1] = Math.min(box[1], y);
        box[2] = Math.max(box[2], x);
        box[3] = Math.max(box[3], y);
      }
    }
  }
  return box;
}
