import { circle, filled, lined, type Mark, polyline, rect } from "../../draw";
import { cardsDrawn } from "../make";
import { number, sheetKind } from "../sheet";

/** Large shapes in black on white, for a baby's eyes. */
export const contrast = sheetKind({
  id: "contrast",
  fields: { cards: number(1, 6, 4), sideMm: number(90, 180, 150) },
  draw({ cards, sideMm: side }, paper) {
    const s = side / 100;
    const black = (ops: ReturnType<typeof circle>): Mark => ({ kind: "path", ops, fill: "ink" });
    const white = (ops: ReturnType<typeof circle>): Mark => ({ kind: "path", ops, fill: "white" });
    const designs: Mark[][] = [
      [42, 32, 22, 12].map((r, i) =>
        i % 2 === 0 ? black(circle(50 * s, 50 * s, r * s)) : white(circle(50 * s, 50 * s, r * s)),
      ),
      [0, 1, 2, 3].map((i) => black(rect((8 + i * 22) * s, 10 * s, 12 * s, 80 * s))),
      [0, 1, 2, 3, 4, 5, 6, 7, 8]
        .filter((i) => i % 2 === 0)
        .map((i) => black(rect((8 + (i % 3) * 28) * s, (8 + Math.floor(i / 3) * 28) * s, 28 * s, 28 * s))),
      [
        black(circle(50 * s, 50 * s, 42 * s)),
        white(circle(36 * s, 42 * s, 8 * s)),
        white(circle(64 * s, 42 * s, 8 * s)),
        white(rect(32 * s, 62 * s, 36 * s, 8 * s, 4 * s)),
      ],
      [
        black(
          polyline(
            [
              [10 * s, 88 * s],
              [50 * s, 12 * s],
              [90 * s, 88 * s],
            ],
            true,
          ),
        ),
        white(
          polyline(
            [
              [30 * s, 78 * s],
              [50 * s, 40 * s],
              [70 * s, 78 * s],
            ],
            true,
          ),
        ),
      ],
      [0, 1, 2].flatMap((i) =>
        [0, 1, 2].map((j) => black(circle((22 + i * 28) * s, (22 + j * 28) * s, 10 * s))),
      ),
    ];
    return cardsDrawn(
      designs.slice(0, cards).map((marks) => ({ marks })),
      side,
      side,
      paper,
    );
  },
});

/** Faces that feel something plainly. */
export const faces = sheetKind({
  id: "faces",
  fields: { faces: number(2, 6, 4), cardMm: number(60, 140, 100) },
  draw({ faces: count, cardMm: side }, paper) {
    const s = side / 100;
    const line = { tone: "ink", weight: 3 } as const;
    const mouth: Record<string, Parameters<typeof lined>[0]> = {
      happy: [
        ["M", 32 * s, 62 * s],
        ["C", 40 * s, 76 * s, 60 * s, 76 * s, 68 * s, 62 * s],
      ],
      sad: [
        ["M", 34 * s, 72 * s],
        ["C", 42 * s, 60 * s, 58 * s, 60 * s, 66 * s, 72 * s],
      ],
      cross: [
        ["M", 34 * s, 68 * s],
        ["L", 66 * s, 68 * s],
      ],
      surprised: circle(50 * s, 68 * s, 7 * s),
      afraid: [
        ["M", 34 * s, 70 * s],
        ["C", 38 * s, 62 * s, 44 * s, 74 * s, 50 * s, 68 * s],
        ["C", 56 * s, 62 * s, 62 * s, 74 * s, 66 * s, 68 * s],
      ],
      calm: [
        ["M", 40 * s, 66 * s],
        ["C", 46 * s, 70 * s, 54 * s, 70 * s, 60 * s, 66 * s],
      ],
    };
    const brows: Record<string, Parameters<typeof lined>[0]> = {
      cross: [
        ["M", 30 * s, 30 * s],
        ["L", 44 * s, 36 * s],
        ["M", 70 * s, 30 * s],
        ["L", 56 * s, 36 * s],
      ],
      sad: [
        ["M", 30 * s, 36 * s],
        ["L", 44 * s, 30 * s],
        ["M", 70 * s, 36 * s],
        ["L", 56 * s, 30 * s],
      ],
      surprised: [
        ["M", 30 * s, 28 * s],
        ["L", 44 * s, 28 * s],
        ["M", 70 * s, 28 * s],
        ["L", 56 * s, 28 * s],
      ],
    };
    const cards = Object.entries(mouth)
      .slice(0, count)
      .map(([name, ops]) => ({
        marks: [
          filled(circle(50 * s, 50 * s, 38 * s), "cream"),
          filled(circle(37 * s, 44 * s, 3.5 * s), "ink"),
          filled(circle(63 * s, 44 * s, 3.5 * s), "ink"),
          ...(brows[name] ? [lined(brows[name], line)] : []),
          lined(ops, line),
        ],
      }));
    return cardsDrawn(cards, side, side, paper);
  },
});
