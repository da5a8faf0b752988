import { type Mark, moveBy, scaleBy, transformed } from "../draw";
import { INTEREST_IDS, INTERESTS, type Interest, lineArt, picture } from "../draw/pictures";
import { type Card, cardSheets } from "./cards";
import type { Paper } from "./paper";
import { choice, type Drawn } from "./sheet";

/** Colours that are told apart on paper, in light and in print. */
export const PRINT_COLOURS = [
  "brick",
  "marigold",
  "spruce",
  "sky",
  "violet",
  "rose",
  "leaf",
  "earth",
] as const;

export const interestField = choice(...(INTEREST_IDS as [Interest, ...Interest[]]));

export const picturesOf = (interest: string): readonly string[] =>
  INTERESTS[(interest in INTERESTS ? interest : INTEREST_IDS[0]) as Interest];

/** A picture in a square of so many mm, its corner at x, y. */
export const pictureAt = (
  id: string,
  x: number,
  y: number,
  sideMm: number,
  draw: (id: string) => readonly Mark[] = picture,
): Mark[] => transformed(transformed(draw(id), scaleBy(sideMm / 100)), moveBy(x, y));

export const outlineAt = (id: string, x: number, y: number, sideMm: number): Mark[] =>
  pictureAt(id, x, y, sideMm, (one) =>
    lineArt(one).map((mark) =>
      mark.kind === "path" && mark.line
        ? { ...mark, line: { ...mark.line, weight: mark.line.weight * 2 } }
        : mark,
    ),
  );

/** A sheet of cards of one size. What does not fit on the paper is told with the size. */
export function cardsDrawn(cards: readonly Card[], w: number, h: number, paper: Paper): Drawn {
  const sheets = cardSheets(cards, w, h, paper);
  if (!sheets)
    return { pages: [], pieces: 0, cutMm: 0, warnings: [{ code: "too-large", value: Math.max(w, h) }] };
  return {
    ...sheets,
    pieces: cards.length,
    makes: cards.length,
    cutMm: cards.length * (w + h),
    card: { widthMm: w, heightMm: h },
  };
}
