import { circle, filled, lined, type Mark, rect, words } from "../../draw";
import { cardsDrawn } from "../make";
import { areaOf } from "../paper";
import { number, sheetKind } from "../sheet";

const FINE = { tone: "slate", weight: 0.8 } as const;
const DASHED = { ...FINE, dashMm: [1.5, 1.5] } as const;
const PLAY_MM = 4;

/** Where so many counters lie on a card: rows of five at most, fewer where the paper is no wider, in mm from its corner; exactly as many as are counted. */
export function counterSlots(count: number, slotMm: number, most = 5): [number, number][] {
  const inRow = Math.max(1, Math.min(count, most));
  return Array.from({ length: count }, (_, i) => [(i % inRow) * slotMm, Math.floor(i / inRow) * slotMm]);
}

/** A number a card, with exactly as many slots for counters. */
export const numberCards = sheetKind({
  id: "number-cards",
  fields: { from: number(0, 10, 1), to: number(1, 20, 5), counterMm: number(10, 60, 20) },
  draw({ from, to, counterMm }, paper) {
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    const slot = counterMm + PLAY_MM;
    const inRow = Math.max(1, Math.min(5, Math.floor((areaOf(paper).widthMm - 12) / slot)));
    const w = Math.max(40, Math.min(high, inRow) * slot + 12);
    const h = 30 + Math.ceil(Math.max(1, high) / inRow) * slot + 8;
    const numbers = Array.from({ length: high - low + 1 }, (_, i) => low + i);
    const cards = numbers.map((n) => ({
      marks: [
        words(w / 2, 24, String(n), 26, { align: "middle", bold: true }),
        ...counterSlots(n, slot, inRow).map(([x, y]): Mark => {
          const wide = Math.min(Math.max(1, n), inRow) * slot;
          return lined(circle((w - wide) / 2 + x + slot / 2, 30 + y + slot / 2, counterMm / 2 + 1), DASHED);
        }),
      ],
    }));
    const drawn = cardsDrawn(cards, w, h, paper);
    return { ...drawn, pieces: numbers.reduce((sum, one) => sum + one, 0) };
  },
});

/** Two rows of five: so many are filled, the rest is to be laid. */
export const tenFrames = sheetKind({
  id: "ten-frames",
  fields: { from: number(0, 10, 1), to: number(1, 10, 5), counterMm: number(10, 30, 20) },
  draw({ from, to, counterMm }, paper) {
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    const slot = counterMm + PLAY_MM;
    const cards = Array.from({ length: high - low + 1 }, (_, k) => {
      const n = low + k;
      return {
        marks: Array.from({ length: 10 }, (_, i): Mark[] => {
          const [x, y] = [5 + (i % 5) * slot, 5 + Math.floor(i / 5) * slot];
          const box = lined(rect(x, y, slot, slot), FINE);
          return i < n ? [box, filled(circle(x + slot / 2, y + slot / 2, counterMm / 2), "brick")] : [box];
        }).flat(),
      };
    });
    const drawn = cardsDrawn(cards, 5 * slot + 10, 2 * slot + 10, paper);
    return { ...drawn, pieces: cards.length };
  },
});

/** A large number with exactly as many rings to stick or press on: one page a number. */
export const numberMats = sheetKind({
  id: "number-mats",
  fields: { from: number(1, 10, 1), to: number(1, 10, 3), stickerMm: number(10, 45, 40) },
  draw({ from, to, stickerMm }, paper) {
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    const slot = stickerMm + PLAY_MM;
    const w = Math.max(90, 3 * slot + 10);
    const h = 70 + Math.ceil(high / 3) * slot + 6;
    const cards = Array.from({ length: high - low + 1 }, (_, k) => {
      const n = low + k;
      return {
        marks: [
          words(w / 2, 62, String(n), 70, { align: "middle", bold: true, tone: "sky" }),
          ...Array.from({ length: n }, (_, i): Mark => {
            const inRow = Math.min(3, n);
            const x = (w - inRow * slot) / 2 + (i % 3) * slot + slot / 2;
            return lined(circle(x, 70 + Math.floor(i / 3) * slot + slot / 2, stickerMm / 2), DASHED);
          }),
        ],
      };
    });
    const drawn = cardsDrawn(cards, w, h, paper);
    const total = Array.from({ length: high - low + 1 }, (_, k) => low + k).reduce(
      (sum, one) => sum + one,
      0,
    );
    return { ...drawn, pieces: total };
  },
});

/** Numbers alone, large, to order and to hang on a line. */
export const numerals = sheetKind({
  id: "numerals",
  fields: { from: number(0, 20, 1), to: number(1, 20, 10), cardMm: number(40, 120, 60) },
  draw({ from, to, cardMm }, paper) {
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    const cards = Array.from({ length: high - low + 1 }, (_, k) => ({
      marks: [
        words(cardMm / 2, cardMm * 0.72, String(low + k), cardMm * (low + k > 9 ? 0.56 : 0.7), {
          align: "middle",
          bold: true,
        }),
      ],
    }));
    return cardsDrawn(cards, cardMm, cardMm, paper);
  },
});
