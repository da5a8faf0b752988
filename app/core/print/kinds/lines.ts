import { circle, filled, type Line, lined, type Mark, moveBy, type Op, rect, transformed } from "../../draw";
import { alongPath } from "../../draw/along";
import { areaOf } from "../paper";
import { choice, number, sheetKind } from "../sheet";
import { FORMS, wander } from "./wander";

const moved = (ops: readonly Op[], x: number, y: number, line: Line): Mark[] =>
  transformed([lined(ops, line)], moveBy(x, y));

/** So many mm is one weight of a line on paper. */
const weightOf = (mm: number) => mm / 0.5;

/** Roads and lines to follow with a finger, a car or a crayon, from a green beginning to a red end. */
export const roads = sheetKind({
  id: "roads",
  fields: {
    shape: choice("straight", "waves", "zigzag", "steps", "loops"),
    lines: number(1, 6, 3),
    widthMm: number(1, 40, 14),
    bends: number(2, 8, 3),
  },
  draw({ shape, lines, widthMm, bends }, paper) {
    const area = areaOf(paper);
    const each = area.heightMm / lines;
    const edge = widthMm / 2 + 4;
    const inner = { w: area.widthMm - 2 * edge, h: Math.max(4, each - 2 * edge) };
    const marks = Array.from({ length: lines }, (_, i): Mark[] => {
      const [x, y] = [area.x + edge, area.y + i * each + edge];
      const ops = wander(shape, inner.w, inner.h, bends);
      const first = ops[0];
      const last = ops.at(-1);
      const ends = [first, last].flatMap((op) =>
        op && op[0] !== "Z" ? [[Number(op.at(-2)), Number(op.at(-1))] as const] : [],
      );
      return [
        ...(widthMm > 4
          ? [
              ...moved(ops, x, y, { tone: "stone", weight: weightOf(widthMm) }),
              ...moved(ops, x, y, { tone: "white", weight: 2, dashMm: [6, 5] }),
            ]
          : moved(ops, x, y, { tone: "ink", weight: weightOf(widthMm) })),
        ...ends.map(
          ([px, py], k): Mark =>
            filled(circle(x + px, y + py, Math.max(3, widthMm * 0.3)), k === 0 ? "leaf" : "brick"),
        ),
      ];
    });
    return { pages: [marks.flat()], pieces: lines, cutMm: 0 };
  },
});

/** Strips to cut: a card's width of snips, then lines that go on. The strip is held on the other side by left-handers. */
export const cutting = sheetKind({
  id: "cutting",
  fields: {
    shape: choice("snips", "straight", "waves", "zigzag"),
    stripMm: number(20, 80, 40),
    lineMm: number(0.5, 6, 3, 0.5),
    strips: number(1, 8, 4),
    hand: choice("right", "left"),
  },
  draw({ shape, stripMm, lineMm, strips, hand }, paper) {
    const area = areaOf(paper);
    const gap = 4;
    const many = Math.min(strips, Math.floor((area.heightMm + gap) / (stripMm + gap)));
    const line = { tone: "ink", weight: weightOf(lineMm) } as const;
    const edge = { tone: "slate", weight: 0.6, dashMm: [2, 1.5] } as const;
    const length = area.widthMm;
    const marks = Array.from({ length: many }, (_, i): Mark[] => {
      const y = area.y + i * (stripMm + gap);
      const cuts: Mark[] =
        shape === "snips"
          ? Array.from({ length: Math.floor(length / 20) }, (_, k) =>
              lined(
                [
                  ["M", area.x + 12 + k * 20, y + stripMm],
                  ["L", area.x + 12 + k * 20, y + stripMm * 0.35],
                ],
                line,
              ),
            )
          : moved(
              wander(shape, length - 14, shape === "straight" ? 0.01 : stripMm * 0.5, 3 + i),
              area.x + 7,
              y + stripMm * 0.25,
              line,
            );
      // The hand that holds the paper has a grey field; the scissors begin on the other side.
      const holds = filled(
        rect(hand === "left" ? area.x : area.x + length - 6, y, 6, stripMm),
        "stone",
        undefined,
      );
      return [holds, ...cuts, lined(rect(area.x, y, length, stripMm), edge)];
    });
    return { pages: [marks.flat()], pieces: many, cutMm: many * 2 * (length + stripMm) };
  },
});

/** Dots along a line or a shape, as large as what is put on them: a sticker, a cotton bud, a drop. */
export const dots = sheetKind({
  id: "dots",
  fields: {
    form: choice("line", "circle", "square", "triangle", "wave"),
    dotMm: number(4, 40, 15),
    gapMm: number(1, 20, 5),
    sideMm: number(60, 180, 160),
  },
  draw({ form, dotMm, gapMm, sideMm }, paper) {
    const area = areaOf(paper);
    const line = FORMS[form]?.(sideMm - dotMm) ?? [];
    const spots = alongPath(line, dotMm + gapMm);
    const x = area.x + (area.widthMm - sideMm) / 2 + dotMm / 2;
    const y = area.y + 10 + dotMm / 2;
    return {
      pages: [
        spots.map(([px, py]): Mark => lined(circle(x + px, y + py, dotMm / 2), { tone: "ink", weight: 1.2 })),
      ],
      pieces: spots.length,
      cutMm: 0,
    };
  },
});

/** A card to lace: holes at even distances along the edge of a shape. */
export const lacing = sheetKind({
  id: "lacing",
  fields: {
    form: choice("circle", "square", "triangle"),
    holes: number(4, 24, 8),
    holeMm: number(4, 14, 10),
    sideMm: number(80, 180, 150),
  },
  draw({ form, holes, holeMm, sideMm }, paper) {
    const area = areaOf(paper);
    const shape = FORMS[form]?.(sideMm) ?? [];
    const inset = holeMm + 6;
    const inner = transformed([lined(FORMS[form]?.(sideMm - 2 * inset) ?? [])], moveBy(inset, inset));
    const line = inner.flatMap((mark) => (mark.kind === "path" ? mark.ops : []));
    const spots = alongPath(line, undefined, holes);
    const at = moveBy(area.x + (area.widthMm - sideMm) / 2, area.y + 6);
    return {
      pages: [
        transformed(
          [
            filled(shape, "pale", { tone: "ink", weight: 1.2 }),
            ...spots.map(([x, y]) => filled(circle(x, y, holeMm / 2), "white", { tone: "ink", weight: 1 })),
          ],
          at,
        ),
      ],
      pieces: spots.length,
      makes: 1,
      cutMm: 3.3 * sideMm,
    };
  },
});
