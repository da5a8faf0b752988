import { circle, filled, type Mark, moveBy, type Op, transformed } from "../../draw";
import { areaOf } from "../paper";
import { choice, number, sheetKind } from "../sheet";

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
      makes: 1,
      cutMm: Math.PI * sideMm,
    };
  },
});
