import { circle, filled, lined, type Mark, moveBy, rect, transformed } from "../../draw";
import { interestField, outlineAt, picturesOf } from "../make";
import { areaOf } from "../paper";
import { choice, number, sheetKind } from "../sheet";
import { FORMS } from "./wander";

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
