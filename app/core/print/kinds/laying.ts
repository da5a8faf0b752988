import { filled, type Mark, moveBy, polyline, rect, transformed, turnBy, words } from "../../draw";
import { cardsDrawn } from "../make";
import { areaOf } from "../paper";
import { choice, number, sheetKind } from "../sheet";

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
      makes: 1,
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

type Piece = "square" | "leftSail" | "rightSail" | "bow" | "stern";

/** The pieces in unit squares, each triangle with its right angle where hull and mast meet it. */
const PIECES: Record<Piece, readonly (readonly [number, number])[]> = {
  square: [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ],
  leftSail: [
    [1, 0],
    [1, 1],
    [0, 1],
  ],
  rightSail: [
    [0, 0],
    [1, 1],
    [0, 1],
  ],
  bow: [
    [0, 0],
    [1, 0],
    [1, 1],
  ],
  stern: [
    [0, 0],
    [1, 0],
    [0, 1],
  ],
};

/** A sailing boat of flat shapes, in unit squares: the hull first, then the sails from below. */
const BOAT: readonly { form: Piece; x: number; y: number }[] = [
  { form: "square", x: 1, y: 3 },
  { form: "square", x: 2, y: 3 },
  { form: "bow", x: 0, y: 3 },
  { form: "stern", x: 3, y: 3 },
  { form: "leftSail", x: 1, y: 2 },
  { form: "rightSail", x: 2, y: 2 },
  { form: "leftSail", x: 1, y: 1 },
  { form: "rightSail", x: 2, y: 1 },
  { form: "leftSail", x: 1, y: 0 },
  { form: "rightSail", x: 2, y: 0 },
];

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
          PIECES[form].map(([px, py]) => [(px + x) * sizeMm, (py + y) * sizeMm] as const),
          true,
        );
        return line
          ? filled(ops, "white", line)
          : { kind: "path", ops, fill: "white", line: { tone: "white", weight: 1.6 } };
      });
    // The outline alone: heavy lines first, and the insides over them.
    const marks =
      style === "with lines"
        ? drawn({ tone: "ink", weight: 1.6 })
        : [...drawn({ tone: "ink", weight: 4 }), ...drawn(undefined)];
    return { pages: [transformed(marks, place)], pieces: shapes.length, cutMm: 0 };
  },
});
