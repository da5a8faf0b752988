import { converter, differenceCiede2000, formatHex, inGamut } from "culori";
import { filled, rect, type Tone } from "../../draw";
import { cardsDrawn } from "../make";
import { choice, number, sheetKind } from "../sheet";

const difference = differenceCiede2000();
const toRgb = converter("rgb");
const inside = inGamut("rgb");

/** Hue and chroma (CIE LCh, D65) of the colours that a row of shades may have. */
const HUES: Record<string, { c: number; h: number }> = {
  blue: { c: 30, h: 260 },
  green: { c: 32, h: 150 },
  red: { c: 40, h: 25 },
  grey: { c: 0, h: 0 },
};

/** A printer at home does not keep shades apart that are nearer than this (CIEDE2000). Our judgement, on the safe side. */
export const PRINTABLE_DIFFERENCE = 5;

const colourAt = (hue: string, l: number): string | undefined => {
  const { c, h } = HUES[hue] ?? { c: 0, h: 0 };
  const lch = (chroma: number) => ({ mode: "lch65" as const, l, c: chroma, h });
  // The most chroma, up to what is asked, that can be shown at all: by halving, so that it changes smoothly with lightness.
  let [low, high] = [0, c];
  if (inside(lch(c))) low = c;
  else
    for (let i = 0; i < 20; i++) {
      const middle = (low + high) / 2;
      if (inside(lch(middle))) low = middle;
      else high = middle;
    }
  return formatHex(toRgb(lch(low)));
};

/**
 * Shades of one colour from light to dark, each as far from the one before as asked (CIEDE2000), found by halving on the
 * lightness. Fewer than asked where black is reached before.
 */
export function shadesOf(hue: string, steps: number, apart: number): string[] {
  const found = [colourAt(hue, 94) ?? "#f0f0f0"];
  let top = 94;
  while (found.length < steps) {
    const last = found.at(-1) ?? "#ffffff";
    let [low, high] = [3, top];
    if (difference(last, colourAt(hue, low) ?? "#000000") < apart) break;
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2;
      if (difference(last, colourAt(hue, middle) ?? "#000000") >= apart) low = middle;
      else high = middle;
    }
    top = low;
    found.push(colourAt(hue, low) ?? "#000000");
  }
  return found;
}

/** How far two colours are from each other as the eye sees it (CIEDE2000, all weights 1). */
export const colourDifference = (a: string, b: string): number => difference(a, b);

/** Cards in shades of one colour, to lay from light to dark; two of each where they are to be matched. */
export const shadeCards = sheetKind({
  id: "shades",
  fields: {
    hue: choice("blue", "green", "red", "grey"),
    steps: number(2, 9, 5),
    apart: number(3, 25, 12),
    copies: choice("one each", "two each"),
    cardMm: number(40, 90, 60),
  },
  draw({ hue, steps, apart, copies, cardMm: side }, paper) {
    const shades = shadesOf(hue, steps, apart);
    const all = copies === "two each" ? shades.flatMap((one) => [one, one]) : shades;
    const cards = all.map((one) => ({
      marks: [filled(rect(2, 2, side - 4, side - 4, 2), one as Tone, { tone: "slate", weight: 0.4 })],
    }));
    const drawn = cardsDrawn(cards, side, side, paper);
    const warnings = [
      ...(drawn.warnings ?? []),
      ...(shades.length < steps ? [{ code: "not-that-many" as const, value: shades.length }] : []),
      ...(apart < PRINTABLE_DIFFERENCE
        ? [{ code: "too-fine-to-print" as const, value: PRINTABLE_DIFFERENCE }]
        : []),
    ];
    return { ...drawn, ...(warnings.length > 0 ? { warnings } : {}) };
  },
});
