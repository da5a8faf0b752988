import { type Drawing, lined, type Mark, words } from "../draw";

export const PAPERS = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;
export const PAPER_IDS = Object.keys(PAPERS) as Paper[];

/** Printers of homes reach no nearer to the edge, in mm. */
export const MARGIN_MM = 10;
/** The foot of each page: the line to measure, and what the page is. */
const FOOT_MM = 9;
/** The usual width of a line on paper, in mm. */
export const LINE_MM = 0.5;
export const CHECK_MM = 100;

/** The part of a page that may be drawn on, in mm: left, top, width and height. */
export function areaOf(paper: Paper): { x: number; y: number; widthMm: number; heightMm: number } {
  const [w, h] = PAPERS[paper];
  return { x: MARGIN_MM, y: MARGIN_MM, widthMm: w - 2 * MARGIN_MM, heightMm: h - 2 * MARGIN_MM - FOOT_MM };
}

/** A line of exactly 100 mm with its ends: if it is not that long on paper, nothing else is as large as it says. */
function checkLine(x: number, y: number): Mark[] {
  const line = { tone: "ink", weight: 0.6 } as const;
  return [
    lined(
      [
        ["M", x, y],
        ["L", x + CHECK_MM, y],
      ],
      line,
    ),
    lined(
      [
        ["M", x, y - 1.5],
        ["L", x, y + 1.5],
      ],
      line,
    ),
    lined(
      [
        ["M", x + CHECK_MM, y - 1.5],
        ["L", x + CHECK_MM, y + 1.5],
      ],
      line,
    ),
  ];
}

/** A page of the paper with what is drawn on it, its foot and its number. */
export function pageOf(
  paper: Paper,
  marks: readonly Mark[],
  foot: { check: string; title: string },
): Drawing {
  const [widthMm, heightMm] = PAPERS[paper];
  const y = heightMm - MARGIN_MM - 1.5;
  return {
    widthMm,
    heightMm,
    lineMm: LINE_MM,
    marks: [
      ...marks,
      ...checkLine(MARGIN_MM, y),
      words(MARGIN_MM, y - 2.4, foot.check, 2.8, { tone: "slate" }),
      words(widthMm - MARGIN_MM, y, foot.title, 3, { align: "right", tone: "slate" }),
    ],
  };
}
