import { type Line, lined, type Mark, moveBy, transformed } from "../draw";
import { areaOf, type Paper } from "./paper";

/** A card to cut out: its size in mm, and what is on it, from its left upper corner. */
export interface Card {
  marks: readonly Mark[];
}

export interface CardSheets {
  pages: Mark[][];
  /** Part of the paper within the margins that is thrown away, 0 to 1. */
  waste: number;
}

const CUT = { tone: "slate", weight: 0.5, dashMm: [2, 1.5] } as const;

interface Grid {
  x: number;
  y: number;
  columns: number;
  rows: number;
  w: number;
  h: number;
}

/** Lines along all edges of a grid, its corner at x, y. */
export const gridLines = ({ x, y, columns, rows, w, h }: Grid, line: Line): Mark[] => [
  ...Array.from({ length: columns + 1 }, (_, i) =>
    lined(
      [
        ["M", x + i * w, y],
        ["L", x + i * w, y + rows * h],
      ],
      line,
    ),
  ),
  ...Array.from({ length: rows + 1 }, (_, i) =>
    lined(
      [
        ["M", x, y + i * h],
        ["L", x + columns * w, y + i * h],
      ],
      line,
    ),
  ),
];

/** Cards of one size packed edge to edge on as few sheets as hold them; undefined where not one fits on the paper. */
export function cardSheets(
  cards: readonly Card[],
  w: number,
  h: number,
  paper: Paper,
): CardSheets | undefined {
  const area = areaOf(paper);
  const columns = Math.floor(area.widthMm / w + 1e-9);
  const rows = Math.floor(area.heightMm / h + 1e-9);
  const each = columns * rows;
  if (each < 1) return undefined;
  const pages: Mark[][] = [];
  for (let from = 0; from < cards.length; from += each) {
    const here = cards.slice(from, from + each);
    const wide = Math.min(columns, here.length);
    const deep = Math.ceil(here.length / wide);
    const x = area.x + (area.widthMm - wide * w) / 2;
    pages.push([
      ...here.flatMap((card, i) =>
        transformed(card.marks, moveBy(x + (i % wide) * w, area.y + Math.floor(i / wide) * h)),
      ),
      // A straight cut serves a whole row or column.
      ...gridLines({ x, y: area.y, columns: wide, rows: deep, w, h }, CUT),
    ]);
  }
  const used = (cards.length * w * h) / (pages.length * area.widthMm * area.heightMm);
  return { pages, waste: 1 - used };
}
