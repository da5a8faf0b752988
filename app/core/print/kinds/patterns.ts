import { circle, filled, lined, type Mark, rect } from "../../draw";
import { gridLines } from "../cards";
import { cardsDrawn, PRINT_COLOURS } from "../make";
import { areaOf } from "../paper";
import { choice, number, sheetKind } from "../sheet";

const FINE = { tone: "slate", weight: 0.8 } as const;

/** Room that a slot leaves round its piece, in mm. */
const PLAY_MM = 4;

/** The units that repeat, as places in a list of colours. */
const UNITS = {
  AB: [0, 1],
  AAB: [0, 0, 1],
  ABB: [0, 1, 1],
  AABB: [0, 0, 1, 1],
  ABC: [0, 1, 2],
  ABAC: [0, 1, 0, 2],
} as const;
export type PatternUnit = keyof typeof UNITS;

/**
 * The slots of a strip: so many whole units with their colours, then so many empty ones. Unambiguous: a pattern is shown
 * twice in full at least, so that nothing shorter could be meant.
 */
export function patternSlots(
  unit: PatternUnit,
  shown: number,
  empty: number,
): { colour: number; isEmpty: boolean }[] {
  const one = UNITS[unit];
  const slots = Math.max(2, shown) * one.length;
  return Array.from({ length: slots + empty }, (_, i) => ({
    colour: one[i % one.length] ?? 0,
    isEmpty: i >= slots,
  }));
}

/** Strips with a pattern that has begun, slots as wide as the pieces; what is missing is exactly what is laid out. */
export const patternStrip = sheetKind({
  id: "pattern-strip",
  fields: {
    unit: choice("AB", "AAB", "ABB", "AABB", "ABC", "ABAC"),
    shown: number(2, 4, 2),
    empty: number(1, 8, 4),
    pieceMm: number(10, 60, 20),
    strips: number(1, 8, 2),
  },
  draw({ unit, shown, empty, pieceMm, strips }, paper) {
    const slots = patternSlots(unit, shown, empty);
    const slot = pieceMm + PLAY_MM;
    const area = areaOf(paper);
    const most = Math.max(1, Math.floor((area.widthMm - 8) / slot));
    const rows = Math.ceil(slots.length / most);
    // Two rows of equal length rather than one piece alone in the second.
    const inRow = Math.ceil(slots.length / rows);
    const w = inRow * slot + 8;
    const h = rows * slot + 8;
    const cards = Array.from({ length: strips }, (_, k) => ({
      marks: slots.map(({ colour, isEmpty }, i): Mark => {
        const [x, y] = [4 + (i % inRow) * slot + slot / 2, 4 + Math.floor(i / inRow) * slot + slot / 2];
        const ring = circle(x, y, pieceMm / 2 + PLAY_MM / 4);
        return isEmpty
          ? lined(ring, { ...FINE, dashMm: [1.5, 1.5] })
          : filled(ring, PRINT_COLOURS[(colour + k) % PRINT_COLOURS.length] ?? "brick");
      }),
    }));
    const drawn = cardsDrawn(cards, w, h, paper);
    return { ...drawn, pieces: empty * strips };
  },
});

/** A small generator with a seed, so that one sheet is the same each time: numbers from 0 to 1. */
export function seeded(seed: number): () => number {
  let state = (seed * 2654435761 + 12345) >>> 0;
  return () => {
    state = (state * 1664525 + 1013904223) >>> 0;
    return state / 4294967296;
  };
}

/** So many different cells of a grid, by a seed. */
export function cellsOf(size: number, count: number, seed: number): number[] {
  const next = seeded(seed);
  const cells = Array.from({ length: size * size }, (_, i) => i);
  for (let i = cells.length - 1; i > 0; i--) {
    const j = Math.floor(next() * (i + 1));
    [cells[i], cells[j]] = [cells[j] ?? 0, cells[i] ?? 0];
  }
  return cells.slice(0, count).sort((a, b) => a - b);
}

const gridMarks = (size: number, cell: number, x: number, y: number): Mark[] =>
  gridLines({ x, y, columns: size, rows: size, w: cell, h: cell }, FINE);

/** A grid with pieces in it, and an empty one to copy it into. */
export const gridCopy = sheetKind({
  id: "grid-copy",
  fields: {
    size: number(2, 6, 3),
    filled: number(1, 18, 4),
    pieceMm: number(10, 40, 20),
    variants: number(1, 6, 2),
  },
  draw({ size, filled: count, pieceMm, variants }, paper) {
    const cell = pieceMm + PLAY_MM;
    const side = size * cell;
    const many = Math.min(count, size * size - 1);
    // Side by side where the paper is wide enough, else one under the other.
    const isWide = 2 * side + 16 <= areaOf(paper).widthMm;
    const cards = Array.from({ length: variants }, (_, k) => ({
      marks: [
        ...gridMarks(size, cell, 4, 4),
        ...cellsOf(size, many, k + 1).map(
          (at, i): Mark =>
            filled(
              circle(4 + ((at % size) + 0.5) * cell, 4 + (Math.floor(at / size) + 0.5) * cell, pieceMm / 2),
              PRINT_COLOURS[i % 3] ?? "brick",
            ),
        ),
        ...gridMarks(size, cell, isWide ? side + 12 : 4, isWide ? 4 : side + 12),
      ],
    }));
    const drawn = isWide
      ? cardsDrawn(cards, 2 * side + 16, side + 8, paper)
      : cardsDrawn(cards, side + 8, 2 * side + 16, paper);
    return { ...drawn, pieces: many * variants };
  },
});

/** A row of bricks or discs to look at, to cover and to build again: one card a row, longer and longer. */
export const rebuild = sheetKind({
  id: "rebuild",
  fields: {
    from: number(2, 6, 2),
    to: number(2, 8, 5),
    pieceMm: number(12, 40, 20),
    form: choice("bricks", "discs", "towers"),
  },
  draw({ from, to, pieceMm, form }, paper) {
    const most = Math.max(from, to);
    const isTower = form === "towers";
    const w = isTower ? pieceMm * 2 : most * (pieceMm + 2) + 8;
    const h = isTower ? most * pieceMm + 8 : pieceMm + 12;
    const counts = Array.from({ length: most - Math.min(from, to) + 1 }, (_, i) => Math.min(from, to) + i);
    const cards = counts.map((count, k) => ({
      marks: Array.from({ length: count }, (_, i): Mark => {
        const next = seeded(k * 31 + i + 1)();
        const fill = PRINT_COLOURS[Math.floor(next * 4)] ?? "brick";
        if (isTower)
          return filled(rect((w - pieceMm) / 2, h - 4 - (i + 1) * pieceMm, pieceMm, pieceMm, 2), fill);
        const x = 4 + i * (pieceMm + 2);
        return form === "discs"
          ? filled(circle(x + pieceMm / 2, h / 2, pieceMm / 2), fill)
          : filled(rect(x, (h - pieceMm) / 2, pieceMm, pieceMm, 2), fill);
      }),
    }));
    const drawn = cardsDrawn(cards, w, h, paper);
    return { ...drawn, pieces: counts.reduce((sum, one) => sum + one, 0) };
  },
});
