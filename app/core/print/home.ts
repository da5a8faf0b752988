import { elementAt } from "../collections";
import {
  type Drawing,
  filled,
  lined,
  type Mark,
  moveBy,
  rect,
  scaleBy,
  type Tone,
  transformed,
  words,
} from "../draw";
import { wrapped } from "./lines";
import { cardsDrawn } from "./make";
import { areaOf, type Paper } from "./paper";
import type { Drawn } from "./sheet";

/** A tray as it is named on paper: the words are made by who asks. */
export interface PaperTray {
  name: string;
  title: string;
  /** The colour of its area, and the area's letter. */
  tone: Tone;
  /** How it stands; absent where nothing is on it. */
  front?: Drawing | undefined;
}

const FINE = { tone: "slate", weight: 0.6 } as const;

/** A drawing scaled into a box, standing on its lower edge in the middle. */
function inBox(drawing: Drawing, x: number, y: number, w: number, h: number): Mark[] {
  const by = Math.min(w / drawing.widthMm, h / drawing.heightMm);
  const at = moveBy(x + (w - drawing.widthMm * by) / 2, y + h - drawing.heightMm * by);
  return transformed(transformed(drawing.marks, scaleBy(by)), at).map((mark) =>
    mark.kind === "path" && mark.line
      ? { ...mark, line: { ...mark.line, weight: mark.line.weight * 0.6 } }
      : mark,
  );
}

/** Labels to stick on trays, with the things as they stand: so that everyone in the house sets them back alike. */
export function trayLabels(trays: readonly PaperTray[], paper: Paper): Drawn {
  const [w, h] = [90, 42];
  const cards = trays.map(({ name, title, tone, front }) => ({
    marks: [
      filled(rect(0, 0, w, 3), tone, undefined),
      ...(front ? inBox(front, 4, 7, 30, 29) : []),
      ...wrapped(name, { widthMm: w - 42, sizeMm: 5.4, bold: true }, 2).map((line, i) =>
        words(38, 13 + i * 6, line, 5.4, { bold: true }),
      ),
      ...wrapped(title, { widthMm: w - 42, sizeMm: 3.8 }, 3).map((line, i) =>
        words(38, 26 + i * 4.6, line, 3.8, { tone: "slate" }),
      ),
    ],
  }));
  return cardsDrawn(cards, w, h, paper);
}

/** The shelf as it will stand: boards from the top, and the places beside it. */
export function shelfPlan(
  boards: readonly { name: string; places: readonly { name: string; trays: readonly PaperTray[] }[] }[],
  paper: Paper,
): Drawn {
  const area = areaOf(paper);
  const deep = Math.min(58, area.heightMm / Math.max(1, boards.length));
  const marks = boards.flatMap(({ places }, row): Mark[] => {
    const y = area.y + row * deep;
    const wide = area.widthMm / Math.max(1, places.length);
    return [
      filled(rect(area.x, y + deep - 4, area.widthMm, 2.4), "wood", FINE),
      ...places.flatMap(({ name, trays }, i): Mark[] => {
        const x = area.x + i * wide;
        const [first] = trays;
        return [
          ...(first?.front ? inBox(first.front, x + 4, y + 2, wide - 8, deep - 28) : []),
          ...(trays.length === 0
            ? [lined(rect(x + 6, y + 6, wide - 12, deep - 26, 3), { ...FINE, dashMm: [2, 2] })]
            : []),
          ...wrapped(
            trays.map((one) => one.name).join(", ") || name,
            { widthMm: wide - 6, sizeMm: 3.8, bold: true },
            3,
          ).map((line, k) =>
            words(x + wide / 2, y + deep - 20 + k * 4.4, line, 3.8, {
              align: "middle",
              bold: trays.length > 0,
            }),
          ),
          ...(trays.length > 0
            ? wrapped(name, { widthMm: wide - 6, sizeMm: 3 }, 1).map((line) =>
                words(x + wide / 2, y + deep - 6, line, 3, { align: "middle", tone: "slate" }),
              )
            : []),
        ];
      }),
    ];
  });
  return { pages: [marks], pieces: boards.reduce((sum, one) => sum + one.places.length, 0), cutMm: 0 };
}

/** The week at a glance: a column a day, with what is on at which moment. */
export function weekPlan(days: readonly { name: string; lines: readonly string[] }[], paper: Paper): Drawn {
  const area = areaOf(paper);
  const deep = area.heightMm / Math.max(1, days.length);
  const marks = days.flatMap(({ name, lines }, i): Mark[] => {
    const y = area.y + i * deep;
    const room = Math.floor((deep - 5) / 5.4);
    const shown = lines.flatMap((line) => wrapped(line, { widthMm: area.widthMm - 48, sizeMm: 4.5 }));
    const kept = shown.length <= room ? shown : [...shown.slice(0, room - 1), `… ${shown.length - room + 1}`];
    return [
      lined(
        [
          ["M", area.x, y],
          ["L", area.x + area.widthMm, y],
        ],
        FINE,
      ),
      words(area.x, y + 7, name, 5, { bold: true }),
      ...kept.map((line, k) => words(area.x + 46, y + 7 + k * 5.4, line, 4.5)),
    ];
  });
  return { pages: [marks], pieces: days.length, cutMm: 0 };
}

/** Slips to note on by hand, one a tray: words to ring, and lines to write on. */
export function noteSlips(trays: readonly PaperTray[], asked: readonly string[], paper: Paper): Drawn {
  const [w, h] = [95, 62];
  const lines = asked.flatMap((line) => wrapped(line, { widthMm: w - 12, sizeMm: 3.8 }));
  const under = 24 + lines.length * 6 + 3;
  const cards = trays.map(({ name, title, tone }) => ({
    marks: [
      filled(rect(0, 0, 3, h), tone, undefined),
      words(7, 9, wrapped(name, { widthMm: w - 12, sizeMm: 5, bold: true }, 1)[0] ?? "", 5, { bold: true }),
      words(7, 15, wrapped(title, { widthMm: w - 12, sizeMm: 3.6 }, 1)[0] ?? "", 3.6, { tone: "slate" }),
      ...lines.map((line, i) => words(7, 24 + i * 6, line, 3.8)),
      ...[0, 1, 2].map((i) =>
        lined(
          [
            ["M", 7, under + i * 8],
            ["L", w - 5, under + i * 8],
          ],
          FINE,
        ),
      ),
    ],
  }));
  return cardsDrawn(cards, w, h, paper);
}

const CARD_MM = 58;
const LINE_MM = 6.4;

interface PicturePart {
  text: string;
  front?: Drawing | undefined;
}

/** One part of a recipe: its thing, and how much of it. */
const partCard = ({ text, front }: PicturePart, x: number, y: number, cell: number): Mark[] => [
  lined(rect(x + 2, y, cell - 4, 54, 4), FINE),
  ...(front ? inBox(front, x + 8, y + 4, cell - 16, 32) : []),
  ...wrapped(text, { widthMm: cell - 10, sizeMm: 4.4, bold: true }, 2).map((line, k) =>
    words(x + cell / 2, y + 43 + k * 5.4, line, 4.4, { align: "middle", bold: true }),
  ),
];

/** A recipe or a making as pictures: what goes in, how much of it, and what is done, one card a part; on as many pages as it takes. */
export function pictureSteps(
  title: string,
  parts: readonly PicturePart[],
  steps: readonly string[],
  paper: Paper,
): Drawn {
  const area = areaOf(paper);
  const foot = area.y + area.heightMm;
  const columns = 3;
  const cell = area.widthMm / columns;
  const head = wrapped(title, { widthMm: area.widthMm, sizeMm: 8, bold: true }, 2);
  const pages: Mark[][] = [head.map((line, i) => words(area.x, area.y + 8 + i * 9, line, 8, { bold: true }))];
  let y = area.y + 5 + head.length * 9;
  const withRoom = (deep: number): Mark[] => {
    if (y + deep > foot) {
      pages.push([]);
      y = area.y;
    }
    return elementAt(pages, pages.length - 1);
  };
  for (let row = 0; row * columns < parts.length; row++) {
    const page = withRoom(CARD_MM);
    for (const [i, part] of parts.slice(row * columns, (row + 1) * columns).entries())
      page.push(...partCard(part, area.x + i * cell, y, cell));
    y += CARD_MM;
  }
  y += 6;
  for (const line of steps.flatMap((step, i) =>
    wrapped(`${i + 1}. ${step}`, { widthMm: area.widthMm, sizeMm: 5 }),
  )) {
    withRoom(LINE_MM + 2).push(words(area.x, y + LINE_MM, line, 5));
    y += LINE_MM;
  }
  return { pages, pieces: parts.length, cutMm: 0 };
}
