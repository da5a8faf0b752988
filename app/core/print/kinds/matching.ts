import { lined, type Mark, polyline, rect } from "../../draw";
import { likeness } from "../../draw/likeness";
import { PICTURE_IDS, picture, shadow } from "../../draw/pictures";
import { cardsDrawn, interestField, PRINT_COLOURS, pictureAt, picturesOf } from "../make";
import { choice, number, sheetKind } from "../sheet";

const SHAPES = ["circle", "square", "triangle", "oval", "cross", "star", "heart", "diamond"] as const;

const pad = (side: number) => side * 0.12;

/** Cards with one coloured shape each, two of every kind: for matching by colour, by form, or by both. */
export const shapeMatch = sheetKind({
  id: "shape-match",
  fields: { shapes: number(1, 8, 3), colours: number(1, 8, 3), cardMm: number(30, 90, 50) },
  draw({ shapes, colours, cardMm: side }, paper) {
    const cards = SHAPES.slice(0, shapes).flatMap((id) =>
      PRINT_COLOURS.slice(0, colours).flatMap((fill) => {
        const marks = pictureAt(id, pad(side), pad(side), side - 2 * pad(side)).map(
          (mark): Mark => (mark.kind === "path" ? { ...mark, fill } : mark),
        );
        return [{ marks }, { marks }];
      }),
    );
    return cardsDrawn(cards, side, side, paper);
  },
});

/**
 * Chooses pictures for shadows by how alike their outlines are: "easy" takes those that are least alike, "hard" those that
 * are most alike. Greedy from the pair that is farthest apart, or nearest; equal ones in their order.
 */
export function byLikeness(ids: readonly string[], count: number, level: string): string[] {
  const likes = new Map<string, number>();
  const alike = (a: string, b: string) => {
    const key = a < b ? `${a} ${b}` : `${b} ${a}`;
    const known = likes.get(key) ?? likeness(picture(a), picture(b));
    likes.set(key, known);
    return known;
  };
  const sign = level === "hard" ? -1 : 1;
  const [first] = ids;
  if (!first) return [];
  const chosen: string[] = [];
  const pairs = ids.flatMap((a, i) => ids.slice(i + 1).map((b) => [a, b] as const));
  const best = pairs.toSorted(([a, b], [c, d]) => sign * (alike(a, b) - alike(c, d)))[0];
  chosen.push(...(best ?? [first]));
  while (chosen.length < count) {
    const left = ids.filter((id) => !chosen.includes(id));
    const nearest = (id: string) => Math.max(...chosen.map((other) => alike(id, other)));
    const [next] = left.toSorted((a, b) => sign * (nearest(a) - nearest(b)));
    if (next === undefined) break;
    chosen.push(next);
  }
  return chosen.slice(0, count);
}

/** Pictures and their shadows, one card each. */
export const shadowMatch = sheetKind({
  id: "shadow-match",
  fields: {
    interest: interestField,
    pairs: number(2, 10, 4),
    level: choice("easy", "hard", "part"),
    cardMm: number(40, 90, 60),
  },
  draw({ interest, pairs, level, cardMm: side }, paper) {
    const ids = byLikeness(picturesOf(interest), pairs, level);
    const inner = side - 2 * pad(side);
    // Only a part of the shadow: its right half is covered.
    const cover: Mark[] =
      level === "part"
        ? [{ kind: "path", ops: rect(side / 2, 1, side / 2 - 1, side - 2), fill: "white" }]
        : [];
    const cards = [
      ...ids.map((id) => ({ marks: pictureAt(id, pad(side), pad(side), inner) })),
      ...ids.map((id) => ({
        marks: [...pictureAt(id, pad(side), pad(side), inner, (one) => shadow(one)), ...cover],
      })),
    ];
    const drawn = cardsDrawn(cards, side, side, paper);
    return ids.length < pairs
      ? {
          ...drawn,
          warnings: [...(drawn.warnings ?? []), { code: "not-that-many" as const, value: ids.length }],
        }
      : drawn;
  },
});

/** Two of each picture: laid face up, then face down and remembered. */
export const pairs = sheetKind({
  id: "pairs",
  fields: { interest: interestField, pairs: number(2, 10, 4), cardMm: number(40, 90, 60) },
  draw({ interest, pairs: count, cardMm: side }, paper) {
    const ids = picturesOf(interest).slice(0, count);
    const cards = ids.flatMap((id) => {
      const marks = pictureAt(id, pad(side), pad(side), side - 2 * pad(side));
      return [{ marks }, { marks }];
    });
    return {
      ...cardsDrawn(cards, side, side, paper),
      ...(ids.length < count ? { warnings: [{ code: "not-that-many" as const, value: ids.length }] } : {}),
    };
  },
});

/** One large picture a card, to look at, to name and to find the thing for. */
export const pictureCards = sheetKind({
  id: "picture-cards",
  fields: {
    interest: interestField,
    cards: number(1, 12, 6),
    cardMm: number(60, 180, 90),
    style: choice("colour", "black"),
  },
  draw({ interest, cards, cardMm: side, style }, paper) {
    const look = style === "black" ? shadow : picture;
    return cardsDrawn(
      // Where there are fewer of what is loved, others fill up.
      [...new Set([...picturesOf(interest), ...PICTURE_IDS])].slice(0, cards).map((id) => ({
        marks: pictureAt(id, pad(side), pad(side), side - 2 * pad(side), (one) => look(one)),
      })),
      side,
      side,
      paper,
    );
  },
});

/** How many parts lie beside and under each other. */
const PARTS = { "2": [2, 1], "3": [3, 1], "4": [2, 2], "6": [3, 2] } as const;

/** A picture cut into 2, 3, 4 or 6: the parts are put together again. */
export const cutPicture = sheetKind({
  id: "cut-picture",
  fields: {
    interest: interestField,
    pictures: number(1, 6, 2),
    parts: choice("2", "3", "4", "6"),
    sideMm: number(60, 180, 120),
  },
  draw({ interest, pictures, parts, sideMm: side }, paper) {
    const ids = picturesOf(interest).slice(0, pictures);
    const [columns, rows] = PARTS[parts];
    const cut = { tone: "ink", weight: 1, dashMm: [3, 2] } as const;
    const cards = ids.map((id) => ({
      marks: [
        ...pictureAt(id, side * 0.08, side * 0.08, side * 0.84),
        ...Array.from({ length: columns - 1 }, (_, i) =>
          lined(
            polyline([
              [((i + 1) * side) / columns, 0],
              [((i + 1) * side) / columns, side],
            ]),
            cut,
          ),
        ),
        ...Array.from({ length: rows - 1 }, (_, i) =>
          lined(
            polyline([
              [0, ((i + 1) * side) / rows],
              [side, ((i + 1) * side) / rows],
            ]),
            cut,
          ),
        ),
      ],
    }));
    const drawn = cardsDrawn(cards, side, side, paper);
    return {
      ...drawn,
      pieces: ids.length * columns * rows,
      makes: ids.length * columns * rows,
      card: { widthMm: side / columns, heightMm: side / rows },
      cutMm: drawn.cutMm + ids.length * side * (columns + rows - 2),
    };
  },
});

/** A whole thing, and a card for each of its parts in which only that part has its colour. */
export const partsOf = sheetKind({
  id: "parts",
  fields: {
    thing: choice("tree", "flower", "snail", "sailboat", "truck", "house", "butterfly", "ferry"),
    cardMm: number(50, 120, 80),
  },
  draw({ thing, cardMm: side }, paper) {
    const inner = side - 2 * pad(side);
    const marks = picture(thing);
    const fills = [
      ...new Set(marks.flatMap((mark) => (mark.kind === "path" && mark.fill ? [mark.fill] : []))),
    ];
    const only = (fill: string | undefined) => () =>
      marks.map(
        (mark): Mark =>
          mark.kind === "path" && mark.fill && fill !== undefined && mark.fill !== fill
            ? { ...mark, fill: "white" }
            : mark,
      );
    const cards = [undefined, ...fills].map((fill) => ({
      marks: pictureAt(thing, pad(side), pad(side), inner, only(fill)),
    }));
    return cardsDrawn(cards, side, side, paper);
  },
});
