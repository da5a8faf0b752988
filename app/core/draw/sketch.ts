import { circle, ellipse, filled, INK, type Line, lined, type Mark, type Op, rect } from "./drawing";
import { type Fill, isFill, SHADES } from "./palette";

/** How many numbers follow each letter of a path. */
const ARGUMENTS: Record<string, number> = { M: 2, L: 2, H: 1, V: 1, C: 6, Q: 4, Z: 0 };

/** The outline that a path text draws: absolute M, L, H, V, C, Q and Z only. Throws on anything else. */
export function outline(text: string): Op[] {
  const ops: Op[] = [];
  let [x, y] = [0, 0];
  for (const [, letter = "", rest = ""] of text.matchAll(/([A-Za-z])([^A-Za-z]*)/g)) {
    const each = ARGUMENTS[letter];
    const n = (rest.match(/-?\d*\.?\d+/g) ?? []).map(Number);
    if (each === undefined || (each === 0 ? n.length > 0 : n.length === 0 || n.length % each !== 0))
      throw new Error(`"${letter}${rest}" is no part of an outline`);
    if (letter === "Z") ops.push(["Z"]);
    for (let i = 0; i < n.length; i += each) {
      const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0] = n.slice(i, i + each);
      if (letter === "C") ops.push(["C", a, b, c, d, e, f]);
      // A quadratic curve as the cubic one that is the same.
      else if (letter === "Q")
        ops.push([
          "C",
          x + (2 / 3) * (a - x),
          y + (2 / 3) * (b - y),
          c + (2 / 3) * (a - c),
          d + (2 / 3) * (b - d),
          c,
          d,
        ]);
      else if (letter === "H") ops.push(["L", a, y]);
      else if (letter === "V") ops.push(["L", x, a]);
      else ops.push([letter === "M" && i === 0 ? "M" : "L", a, b]);
      [x, y] =
        letter === "C"
          ? [e, f]
          : letter === "Q"
            ? [c, d]
            : letter === "H"
              ? [a, y]
              : letter === "V"
                ? [x, a]
                : [a, b];
    }
  }
  return ops;
}

function opsOf(text: string): Op[] {
  const [word = "", ...rest] = text.split(/\s+/);
  const [a = 0, b = 0, c = 0, d = 0, e = 0] = rest.map(Number);
  if (word === "circle") return circle(a, b, c);
  if (word === "ellipse") return ellipse(a, b, c, d);
  if (word === "rect") return rect(a, b, c, d, e);
  return outline(text);
}

const LINES: Record<string, Line | undefined> = {
  "": INK,
  bare: undefined,
  fine: { tone: "ink", weight: 0.6 },
  bold: { tone: "ink", weight: 2 },
};

/**
 * Marks from a few words: parts divided by ";", each a fill and an outline: "sky circle 50 50 20; = rect 0 0 100 40 5; - M0 0L9 9".
 * "=" is the colour of the thing, "~" its shade, "-" no fill; ":bare", ":fine" and ":bold" after it change the line, a
 * colour's name there gives the line that tone, twice as heavy. Throws on a word that it does not know.
 */
export function sketch(text: string, colour: Fill = "wood"): Mark[] {
  return text
    .split(";")
    .map((part) => part.trim())
    .filter((part) => part !== "")
    .map((part): Mark => {
      const [head = "", ...rest] = part.split(" ");
      const [name = "", style = ""] = head.split(":");
      const fill = name === "=" ? colour : name === "~" ? SHADES[colour] : name;
      const tone = style === "=" ? colour : style === "~" ? SHADES[colour] : style;
      const ops = opsOf(rest.join(" "));
      const line = isFill(tone) ? { tone, weight: 2.4 } : LINES[style];
      if (!isFill(tone) && !(style in LINES)) throw new Error(`"${style}" is no line`);
      if (fill === "-") return lined(ops, line ?? INK);
      if (!isFill(fill)) throw new Error(`"${fill}" is no colour`);
      return line ? filled(ops, fill, line) : { kind: "path", ops, fill };
    });
}
