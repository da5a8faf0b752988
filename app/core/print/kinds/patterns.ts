import {
  circle,
  filled,
  lined,
  type Mark,
  moveBy,
  polyline,
  rect,
  transformed,
  turnBy,
  words,
} from "../../draw";
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

function gridMarks(size: number, cell: number, x: number, y: number): Mark[] {
  return [
    ...Array.from({ length: size + 1 }, (_, i) =>
      lined(
        [
          ["M", x + i * cell, y],
          ["L", x + i * cell, y + size * cell],
        ],
        FINE,
      ),
    ),
    ...Array.from({ length: size + 1 }, (_, i) =>
      lined(
        [
          ["M", x, y + i * cell],
          ["L", x + size * cell, y + i * cell],
        ],
        FINE,
      ),
    ),
  ];
}

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

/** A long strip in squares with a beginning and an end: one hop, one square. */
export const pathGame = sheetKind({
  id: "path",
  fields: { squares: number(6, 30, 12), pieceMm: number(15, 50, 30) },
  draw({ squares, pieceMm }, paper) {
    const area = areaOf(paper);
    const cell = pieceMm + 6;
    const columns = Math.max(1, Math.floor(area.widthMm / cell));
    const rows = Math.max(1, Math.floor(area.heightMm / cell));
    const many = Math.min(squares, columns * rows);
    const marks = Array.from({ length: many }, (_, i): Mark[] => {
      const row = Math.floor(i / columns);
      // Back and forth, so that the next square is always a neighbour.
      const column = row % 2 === 0 ? i % columns : columns - 1 - (i % columns);
      const [x, y] = [area.x + column * cell, area.y + row * cell];
      const end = i === 0 ? "leaf" : i === many - 1 ? "marigold" : i % 2 === 0 ? "white" : "pale";
      return [
        filled(rect(x, y, cell, cell, 3), end),
        words(x + 3, y + cell - 3, String(i + 1), 4, { tone: "slate" }),
      ];
    });
    return {
      pages: [marks.flat()],
      pieces: many,
      cutMm: 0,
      ...(many < squares ? { warnings: [{ code: "not-that-many" as const, value: many }] } : {}),
    };
  },
});

/** Where sticks lie in each pattern, in halves of a stick: [x, y, degrees]. From two upright ones to a slanting roof. */
const STICKS: readonly (readonly (readonly [number, number, number])[])[] = [
  [
    [1, 1, 90],
    [2, 1, 90],
  ],
  [
    [1, 0, 0],
    [1, 1, 0],
    [1, 2, 0],
  ],
  [
    [1, 0, 0],
    [1, 1, 90],
  ],
  [
    [0, 1, 90],
    [2, 1, 90],
    [1, 1, 0],
  ],
  [
    [0, 1, 90],
    [2, 1, 90],
    [1, 0, 0],
    [1, 2, 0],
  ],
  [
    [0.5, 1, -63.4],
    [1.5, 1, 63.4],
  ],
  [
    [1, 1, 45],
    [1, 1, -45],
  ],
  [
    [0, 1, 90],
    [2, 1, 90],
    [1, 1, 45],
  ],
];

/** Patterns of flat sticks at their true length, to lay on or beside the card. */
export const stickPatterns = sheetKind({
  id: "stick-patterns",
  fields: {
    patterns: number(1, 8, 4),
    from: number(1, 8, 1),
    stickMm: number(40, 150, 80),
    widthMm: number(4, 20, 8),
  },
  draw({ patterns, from, stickMm, widthMm }, paper) {
    const half = stickMm / 2;
    const side = 2 * stickMm + 2 * widthMm;
    const chosen = STICKS.slice(from - 1, from - 1 + patterns);
    const cards = chosen.map((sticks) => ({
      marks: sticks.flatMap(([x, y, degrees]): Mark[] => {
        const [cx, cy] = [side / 2 + (x - 1) * half, side / 2 + (y - 1) * half];
        const stick = filled(rect(cx - half, cy - widthMm / 2, stickMm, widthMm, widthMm / 2), "wood");
        return transformed([stick], turnBy(degrees, cx, cy));
      }),
    }));
    const drawn = cardsDrawn(cards, side, side, paper);
    return { ...drawn, pieces: chosen.reduce((sum, one) => sum + one.length, 0) };
  },
});

/** A boat of flat shapes in the pieces' own size, in unit squares: which shape lies where. */
const BOAT: readonly { form: "square" | "left" | "right"; x: number; y: number }[] = [
  { form: "square", x: 1, y: 3 },
  { form: "square", x: 2, y: 3 },
  { form: "right", x: 0, y: 3 },
  { form: "left", x: 3, y: 3 },
  { form: "left", x: 2, y: 2 },
  { form: "left", x: 2, y: 1 },
  { form: "right", x: 1, y: 2 },
  { form: "right", x: 1, y: 1 },
  { form: "square", x: 1, y: 0 },
  { form: "square", x: 2, y: 0 },
];

const SHAPE_OPS: Record<"square" | "left" | "right", readonly (readonly [number, number])[]> = {
  square: [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ],
  // The right angle at the lower left, and at the lower right.
  left: [
    [0, 0],
    [1, 1],
    [0, 1],
  ],
  right: [
    [1, 0],
    [1, 1],
    [0, 1],
  ],
};

/** A boat to fill with flat shapes: with the lines between them, or its outline alone. */
export const shapePicture = sheetKind({
  id: "shape-picture",
  fields: {
    pieces: number(4, 10, 8),
    sizeMm: number(20, 46, 45),
    style: choice("with lines", "outline alone"),
  },
  draw({ pieces, sizeMm, style }, paper) {
    const area = areaOf(paper);
    const shapes = BOAT.slice(0, pieces);
    const place = moveBy(area.x + (area.widthMm - 4 * sizeMm) / 2, area.y + 6);
    const drawn = (line: { tone: "ink"; weight: number } | undefined) =>
      shapes.map(({ form, x, y }): Mark => {
        const ops = polyline(
          SHAPE_OPS[form].map(([px, py]) => [(px + x) * sizeMm, (py + y) * sizeMm] as const),
          true,
        );
        return line
          ? filled(ops, "white", line)
          : { kind: "path", ops, fill: "white", line: { tone: "white", weight: 0.6 } };
      });
    // The outline alone: heavy lines first, and the insides over them.
    const marks =
      style === "with lines"
        ? drawn({ tone: "ink", weight: 1.6 })
        : [...drawn({ tone: "ink", weight: 4 }), ...drawn(undefined)];
    return { pages: [transformed(marks, place)], pieces: shapes.length, cutMm: 0 };
  },
});
