import { type Drawing, type Mark, words } from "../draw";
import { wrapped } from "./lines";
import { LINE_MM, PAPERS, type Paper } from "./paper";

/** A text to hand over: what it is, and its parts, each with its entries. */
export interface Document {
  title: string;
  lead: string;
  parts: readonly { title: string; entries: readonly string[] }[];
}

/** To be bound and written on: wider than what a printer could reach. */
const SIDE_MM = 20;
const TOP_MM = 18;
const FOOT_MM = 20;
const TITLE = { sizeMm: 7, stepMm: 9 } as const;
const HEADING = { sizeMm: 5, stepMm: 6.6, aboveMm: 5 } as const;
const TEXT = { sizeMm: 3.9, stepMm: 5.2, indentMm: 5 } as const;

interface Page {
  marks: Mark[];
  y: number;
}

/**
 * A text on pages, letter by letter as wide as it prints: entries are broken over two pages only where they are longer than
 * one, and no heading stands at the foot by itself. `footOf` says what stands under each page.
 */
export function textPages(
  { title, lead, parts }: Document,
  paper: Paper,
  footOf: (page: number, of: number) => string,
): Drawing[] {
  const [widthMm, heightMm] = PAPERS[paper];
  const room = widthMm - 2 * SIDE_MM;
  const foot = heightMm - FOOT_MM;
  const pages: Page[] = [{ marks: [], y: TOP_MM }];
  const pageWithRoom = (deepMm: number): Page => {
    const last = pages.at(-1) as Page;
    if (last.y + deepMm <= foot || last.y === TOP_MM) return last;
    const next = { marks: [], y: TOP_MM };
    pages.push(next);
    return next;
  };
  const put = (
    lines: readonly string[],
    at: { x: number; sizeMm: number; stepMm: number; bold?: boolean },
  ) => {
    // All of it together where it fits on one page, else line by line.
    const whole = lines.length * at.stepMm;
    pageWithRoom(whole <= foot - TOP_MM ? whole : at.stepMm);
    for (const line of lines) {
      const page = pageWithRoom(at.stepMm);
      page.y += at.stepMm;
      page.marks.push(words(at.x, page.y, line, at.sizeMm, { bold: at.bold ?? false }));
    }
  };
  put(wrapped(title, { widthMm: room, sizeMm: TITLE.sizeMm, bold: true }), {
    x: SIDE_MM,
    ...TITLE,
    bold: true,
  });
  put(wrapped(lead, { widthMm: room, sizeMm: TEXT.sizeMm }), { x: SIDE_MM, ...TEXT });
  for (const part of parts) {
    const entries = part.entries.map((one) =>
      wrapped(one, { widthMm: room - TEXT.indentMm, sizeMm: TEXT.sizeMm }),
    );
    const first = (entries[0]?.length ?? 0) * TEXT.stepMm;
    const page = pageWithRoom(HEADING.aboveMm + HEADING.stepMm + first);
    if (page.y > TOP_MM) page.y += HEADING.aboveMm;
    put([part.title], { x: SIDE_MM, ...HEADING, bold: true });
    for (const lines of entries) put(lines, { x: SIDE_MM + TEXT.indentMm, ...TEXT });
  }
  return pages.map(({ marks }, i) => ({
    widthMm,
    heightMm,
    lineMm: LINE_MM,
    marks: [
      ...marks,
      words(widthMm - SIDE_MM, heightMm - FOOT_MM / 2, footOf(i + 1, pages.length), 3.2, {
        align: "right",
        tone: "slate",
      }),
    ],
  }));
}
