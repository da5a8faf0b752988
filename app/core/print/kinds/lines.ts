import { circle, filled, type Line, lined, type Mark, moveBy, type Op, rect, transformed } from "../../draw";
import { alongPath } from "../../draw/along";
import { interestField, outlineAt, picturesOf } from "../make";
import { areaOf } from "../paper";
import { choice, number, sheetKind } from "../sheet";

/** One line across a box of so many mm: straight, or with bends. */
export function wander(shape: string, w: number, h: number, bends: number): Op[] {
  const step = w / bends;
  switch (shape) {
    case "waves":
      return [
        ["M", 0, h / 2],
        ...Array.from({ length: bends }, (_, i): Op => {
          const up = i % 2 === 0 ? 0 : h;
          return ["C", i * step + step * 0.36, up, (i + 1) * step - step * 0.36, up, (i + 1) * step, h / 2];
        }),
      ];
    case "zigzag":
      return [
        ["M", 0, h],
        ...Array.from({ length: bends }, (_, i): Op => ["L", (i + 1) * step, i % 2 === 0 ? 0 : h]),
      ];
    case "steps":
      return [
        ["M", 0, h],
        ...Array.from({ length: bends }, (_, i): Op[] => {
          const y = h - ((i + 1) * h) / bends;
          return [
            ["L", i * step, y],
            ["L", (i + 1) * step, y],
          ];
        }).flat(),
      ];
    case "loops":
      return [
        ["M", 0, h * 0.8],
        ...Array.from({ length: bends }, (_, i): Op[] => {
          const x = i * step;
          return [
            ["C", x + step * 0.7, h * 0.8, x + step * 0.95, h * 0.5, x + step * 0.6, h * 0.12],
            ["C", x + step * 0.3, h * 0.02, x + step * 0.1, h * 0.4, x + step * 0.5, h * 0.7],
            ["C", x + step * 0.66, h * 0.82, x + step * 0.85, h * 0.8, x + step, h * 0.8],
          ];
        }).flat(),
      ];
    default:
      return [
        ["M", 0, h / 2],
        ["L", w, h / 2],
      ];
  }
}

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

/** The outline of a picture, as large as the paper allows, to fill with torn bits, dough, paint or drops. */
export const outlines = sheetKind({
  id: "outline",
  fields: { interest: interestField, pictures: number(1, 8, 1), sideMm: number(40, 185, 170) },
  draw({ interest, pictures, sideMm }, paper) {
    const area = areaOf(paper);
    const columns = Math.max(1, Math.floor(area.widthMm / sideMm));
    const rows = Math.max(1, Math.floor(area.heightMm / sideMm));
    const ids = picturesOf(interest).slice(0, pictures);
    const each = columns * rows;
    const pages = Array.from({ length: Math.ceil(ids.length / each) }, (_, p) =>
      ids.slice(p * each, (p + 1) * each).flatMap((id, i) => {
        const inset = sideMm * 0.04;
        const x = area.x + (area.widthMm - columns * sideMm) / 2 + (i % columns) * sideMm;
        return outlineAt(
          id,
          x + inset,
          area.y + Math.floor(i / columns) * sideMm + inset,
          sideMm - 2 * inset,
        );
      }),
    );
    return { pages, pieces: ids.length, cutMm: 0 };
  },
});

const FORMS: Record<string, (side: number) => Op[]> = {
  circle: (s) => circle(s / 2, s / 2, s / 2),
  square: (s) => rect(0, 0, s, s),
  triangle: (s) => [["M", s / 2, 0], ["L", s, s * 0.9], ["L", 0, s * 0.9], ["Z"]],
  wave: (s) => wander("waves", s, s * 0.5, 2),
  line: (s) => [
    ["M", 0, s / 2],
    ["L", s, s / 2],
  ],
};

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
      cutMm: 3.3 * sideMm,
    };
  },
});

/** A target of rings, to throw, roll or drop on. */
export const targets = sheetKind({
  id: "targets",
  fields: { rings: number(1, 5, 3), sideMm: number(60, 185, 180) },
  draw({ rings, sideMm }, paper) {
    const area = areaOf(paper);
    const [x, y] = [area.x + area.widthMm / 2, area.y + sideMm / 2];
    const marks = Array.from(
      { length: rings },
      (_, i): Mark =>
        filled(circle(x, y, (sideMm / 2) * (1 - i / rings)), i % 2 === 0 ? "brick" : "white", {
          tone: "ink",
          weight: 1.4,
        }),
    );
    return { pages: [marks], pieces: rings, cutMm: Math.PI * sideMm };
  },
});

/** A wheel in coloured fields for pegs of the same colours; with numbers of dots where asked. */
export const wheel = sheetKind({
  id: "wheel",
  fields: { fields: number(3, 12, 6), style: choice("colours", "dots"), sideMm: number(100, 185, 180) },
  draw({ fields, style, sideMm }, paper) {
    const area = areaOf(paper);
    const colours = [
      "brick",
      "marigold",
      "leaf",
      "sky",
      "violet",
      "rose",
      "spruce",
      "peach",
      "sea",
      "cream",
      "bark",
      "stone",
    ] as const;
    const at = (i: number, far: number): [number, number] => [
      (sideMm / 2) * (1 + far * Math.sin((2 * Math.PI * i) / fields)),
      (sideMm / 2) * (1 - far * Math.cos((2 * Math.PI * i) / fields)),
    ];
    const marks = Array.from({ length: fields }, (_, i): Mark[] => {
      const steps = Math.ceil(96 / fields);
      const rim = Array.from({ length: steps + 1 }, (_, k): Op => ["L", ...at(i + k / steps, 1)]);
      const field: Op[] = [["M", sideMm / 2, sideMm / 2], ...rim, ["Z"]];
      const fill = style === "colours" ? (colours[i] ?? "stone") : i % 2 === 0 ? "white" : "pale";
      const spots = style === "dots" ? i + 1 : 0;
      return [
        filled(field, fill),
        ...Array.from({ length: spots }, (_, k): Mark => {
          const [cx, cy] = at(i + 0.5, 0.84 - 0.11 * Math.floor(k / 2));
          const off = (k % 2 === 0 ? -1 : 1) * (k === spots - 1 && spots % 2 === 1 ? 0 : 4);
          return { kind: "path", ops: circle(cx + off, cy, 2.4), fill: "ink" };
        }),
      ];
    });
    return {
      pages: [transformed(marks.flat(), moveBy(area.x + (area.widthMm - sideMm) / 2, area.y))],
      pieces: fields,
      cutMm: Math.PI * sideMm,
    };
  },
});

/** Shapes of one size to trace round, to match cutters and flat shapes to, to lay things on. */
export const shapeOutlines = sheetKind({
  id: "shape-outlines",
  fields: {
    shapes: number(1, 6, 4),
    sizeMm: number(20, 90, 55),
    order: choice("one size", "small to large"),
  },
  draw({ shapes, sizeMm, order }, paper) {
    const area = areaOf(paper);
    const names = ["circle", "square", "triangle"] as const;
    const marks: Mark[] = [];
    let [x, y, deep] = [area.x, area.y, 0];
    for (let i = 0; i < shapes; i++) {
      const side = order === "one size" ? sizeMm : sizeMm * (0.5 + (0.5 * (i + 1)) / shapes);
      if (x + side > area.x + area.widthMm) [x, y, deep] = [area.x, y + deep + 8, 0];
      if (y + side > area.y + area.heightMm) break;
      const form = FORMS[order === "one size" ? (names[i % 3] ?? "circle") : "circle"];
      marks.push(
        ...transformed([filled(form?.(side) ?? [], "white", { tone: "ink", weight: 1.6 })], moveBy(x, y)),
      );
      x += side + 8;
      deep = Math.max(deep, side);
    }
    const drawn = marks.length;
    return {
      pages: [marks],
      pieces: drawn,
      cutMm: 0,
      ...(drawn < shapes ? { warnings: [{ code: "not-that-many" as const, value: drawn }] } : {}),
    };
  },
});

/** A picture with a thick line to cut round it, plain for beginners. */
export const cutOut = sheetKind({
  id: "cut-out",
  fields: {
    interest: interestField,
    pictures: number(1, 6, 3),
    sideMm: number(50, 180, 85),
    round: choice("circle", "square"),
  },
  draw({ interest, pictures, sideMm, round }, paper) {
    const area = areaOf(paper);
    const columns = Math.max(1, Math.floor(area.widthMm / sideMm));
    const rows = Math.max(1, Math.floor(area.heightMm / sideMm));
    const ids = picturesOf(interest).slice(0, Math.min(pictures, columns * rows));
    const marks = ids.flatMap((id, i) => {
      const [x, y] = [area.x + (i % columns) * sideMm, area.y + Math.floor(i / columns) * sideMm];
      const inner = sideMm * 0.56;
      const edge =
        round === "circle"
          ? circle(sideMm / 2, sideMm / 2, sideMm * 0.46)
          : rect(sideMm * 0.06, sideMm * 0.06, sideMm * 0.88, sideMm * 0.88);
      return transformed(
        [
          lined(edge, { tone: "ink", weight: 5 }),
          ...transformed(outlineAt(id, 0, 0, 100), [
            inner / 100,
            0,
            0,
            inner / 100,
            (sideMm - inner) / 2,
            (sideMm - inner) / 2,
          ]),
        ],
        moveBy(x, y),
      );
    });
    return { pages: [marks], pieces: ids.length, cutMm: ids.length * 2.9 * sideMm };
  },
});
