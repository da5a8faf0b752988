import { circle, filled, lined, type Mark, rect } from "../drawing";
import { SHADES } from "../palette";
import type { Forms, ThingBox } from "./form";

function ring({ widthMm: w, depthMm: d, openingMm = 0.3 * w, colour }: ThingBox): Mark[] {
  const r = Math.min(w, d) / 2;
  return [
    filled(circle(w / 2, d / 2, r), colour),
    filled(circle(w / 2, d / 2, Math.min(openingMm / 2, r * 0.9)), "paper"),
  ];
}

/** A ring that stands on its edge, or lies: a wall with its bore. */
const ringFront = ({ widthMm: w, heightMm: h, colour }: ThingBox): Mark[] => [
  filled(rect(0, 0, w, h, Math.min(w, h) * 0.2), colour),
  lined(
    [
      ["M", w * 0.12, h * 0.3],
      ["L", w * 0.88, h * 0.3],
    ],
    { tone: SHADES[colour], weight: 1 },
  ),
];

function bead({ widthMm: w, depthMm: d, openingMm = 6, colour }: ThingBox): Mark[] {
  return [
    filled(circle(w / 2, d / 2, w / 2), colour),
    filled(circle(w / 2, d / 2, Math.max(openingMm / 2, w * 0.08)), "ink"),
    lined(
      [
        ["M", w * 0.22, d * 0.42],
        ["C", w * 0.26, d * 0.26, w * 0.36, d * 0.2, w * 0.46, d * 0.2],
      ],
      { tone: SHADES[colour], weight: 1.4 },
    ),
  ];
}

/** Loose pieces, as they lie. */
export const PIECES: Forms = {
  ball: {
    top: "= circle 50 50 49; ~:~ M20 34C28 18 44 12 56 14",
    front: "= circle 50 50 49; ~:~ M20 34C28 18 44 12 56 14",
  },
  "ball-felt": {
    top: "= circle 50 50 49; -:fine M24 30L32 26M60 22L68 28M30 62L38 66M62 66L70 60M46 44L54 46",
    front: "= circle 50 50 49; -:fine M24 30L32 26M60 22L68 28M30 62L38 66M62 66L70 60M46 44L54 46",
  },
  "ball-big": {
    top: "= circle 50 50 49; ~ M50 1C20 30 20 70 50 99C80 70 80 30 50 1Z",
    front: "= circle 50 50 49; ~ M50 1C20 30 20 70 50 99C80 70 80 30 50 1Z",
  },
  "ball-holes": {
    top: "= circle 50 50 49; paper circle 50 50 14; paper ellipse 20 34 8 11; paper ellipse 80 34 8 11; paper ellipse 22 72 9 9; paper ellipse 78 72 9 9; paper ellipse 50 12 12 6",
    front:
      "= circle 50 50 49; paper circle 50 50 14; paper ellipse 20 34 8 11; paper ellipse 80 34 8 11; paper ellipse 22 72 9 9; paper ellipse 78 72 9 9",
  },
  pompom: {
    top: "= M50 0L58 12L70 5L74 18L88 16L86 30L99 36L90 47L100 58L88 64L92 78L78 79L76 93L63 89L56 100L46 90L34 97L30 84L15 86L17 72L2 68L10 56L0 45L12 38L7 25L21 23L22 9L36 12Z; ~:fine circle 50 50 24",
    front:
      "= M50 0L58 12L70 5L74 18L88 16L86 30L99 36L90 47L100 58L88 64L92 78L78 79L76 93L63 89L56 100L46 90L34 97L30 84L15 86L17 72L2 68L10 56L0 45L12 38L7 25L21 23L22 9L36 12Z",
  },
  disc: { top: "= circle 50 50 49; ~:fine circle 50 50 40" },
  counter: { top: "= circle 50 50 49; ~ circle 50 50 34" },
  cap: {
    top: "= circle 50 50 49; ~:fine circle 50 50 36; -:fine M50 1V14M50 86V99M1 50H14M86 50H99M15 15L25 25M75 75L85 85M85 15L75 25M25 75L15 85",
    front: "= rect 0 0 100 100 16; -:fine M16 20V96M32 20V96M48 20V96M64 20V96M80 20V96",
  },
  lid: {
    top: "= circle 50 50 49; ~:fine circle 50 50 42; ~:fine circle 50 50 30",
    front: "= rect 0 20 100 80 30",
  },
  cork: {
    top: "= circle 50 50 49; earth:bare circle 34 36 5; earth:bare circle 62 30 4; earth:bare circle 58 64 5; earth:bare circle 34 66 3",
    front:
      "= M0 0H100L92 100H8Z; earth:bare circle 30 36 4; earth:bare circle 62 60 4; earth:bare circle 74 26 3",
  },
  ring: { top: ring, front: ringFront },
  bead: { top: bead, front: bead },
  button: {
    top: "= circle 50 50 49; ~:fine circle 50 50 38; ink circle 40 40 5; ink circle 60 40 5; ink circle 40 60 5; ink circle 60 60 5",
  },
  block: {
    top: "= rect 0 0 100 100 8; ~:fine rect 10 10 80 80 6",
    front: "= rect 0 0 100 100 8; ~:fine rect 10 10 80 80 6",
  },
  brick: {
    top: "= rect 0 0 100 100 6; ~ circle 28 28 15; ~ circle 72 28 15; ~ circle 28 72 15; ~ circle 72 72 15",
    front: "~ rect 14 0 24 22 4; ~ rect 62 0 24 22 4; = rect 0 18 100 82 4",
  },
  "brick-small": {
    top: "= rect 0 0 100 100 4; ~ circle 14 26 8; ~ circle 38 26 8; ~ circle 62 26 8; ~ circle 86 26 8; ~ circle 14 74 8; ~ circle 38 74 8; ~ circle 62 74 8; ~ circle 86 74 8",
    front: "~ rect 8 0 14 24 3; ~ rect 42 0 14 24 3; ~ rect 76 0 14 24 3; = rect 0 20 100 80 4",
  },
  die: {
    top: "= rect 0 0 100 100 18; ink circle 28 28 8; ink circle 72 72 8; ink circle 50 50 8; ink circle 28 72 8; ink circle 72 28 8",
    front: "= rect 0 0 100 100 18; ink circle 28 28 8; ink circle 72 72 8; ink circle 50 50 8",
  },
  peg: {
    top: "= rect 0 0 100 40 8; = rect 0 60 100 40 8; stone rect 40 30 16 40 6",
    front: "= rect 0 0 100 40 8; = rect 0 60 100 40 8; stone rect 40 30 16 40 6",
  },
  "peg-wood": {
    top: "= M0 4H100V40L40 46L0 40Z; = M0 96H100V60L40 54L0 60Z; stone circle 42 50 12",
    front: "= M0 4H100V40L40 46L0 40Z; = M0 96H100V60L40 54L0 60Z; stone circle 42 50 12",
  },
  "peg-fat": {
    top: "= circle 50 50 49; ~ circle 50 50 28",
    front: "= M10 0H90C100 0 100 34 84 36V100H16V36C0 34 0 0 10 0Z",
  },
  "peg-bench": {
    top: "= circle 50 50 49; ~:fine circle 50 50 30",
    front: "= rect 0 0 100 14 4; = rect 14 12 72 88 8",
  },
  shape: { top: "= M50 2L98 96H2Z; ~:fine M50 30L76 82H24Z" },
  "pasta-tube": {
    top: "= M4 0H96L100 20V80L96 100H4L0 80V20Z; ~ ellipse 95 50 5 42; -:fine M6 26H88M6 50H88M6 74H88",
  },
  "pasta-shell": {
    top: "= M8 50C8 10 50 -6 92 20C100 30 100 70 92 80C50 106 8 90 8 50Z; ~ M18 50C30 36 66 36 88 50C66 64 30 64 18 50Z; -:fine M30 22L34 36M50 14L52 34M70 16L68 36",
  },
  "cereal-ring": { top: "= circle 50 50 49; paper circle 50 50 17" },
  "straw-end": { top: "= circle 50 50 49" },
  spaghetti: { top: "= rect 0 0 100 100 30" },
  cylinders: {
    top: "= circle 50 50 49; ~ circle 50 50 20; ink circle 50 50 7",
    front: "= rect 0 24 100 76 4; ~ rect 44 8 12 18 3; ~ circle 50 8 10",
  },
  sponge: {
    top: "= rect 0 0 100 100 14; ~:bare ellipse 20 26 5 7; ~:bare ellipse 48 18 4 5; ~:bare ellipse 74 34 6 7; ~:bare ellipse 32 62 6 7; ~:bare ellipse 62 70 5 6; ~:bare ellipse 84 74 4 5; ~:bare ellipse 50 44 4 5",
    front:
      "= rect 0 0 100 100 16; ~:bare ellipse 20 36 5 8; ~:bare ellipse 50 24 4 7; ~:bare ellipse 76 52 6 9; ~:bare ellipse 36 70 6 9",
  },
  soap: {
    top: "= rect 0 0 100 100 40; ~ rect 18 22 64 56 24",
    front: "= rect 0 10 100 90 40; white circle 80 10 10",
  },
  sticker: { top: "= circle 50 50 49; white:bare circle 34 34 9" },
  "sticker-leaf": { top: "white rect 0 0 100 100 4; = circle 50 50 40; white:bare circle 38 38 7" },
  figure: {
    top: "= ellipse 50 50 34 48; peach circle 50 50 24",
    front:
      "= M18 100C14 60 26 44 50 44C74 44 86 60 82 100Z; peach circle 50 24 22; ink:bare circle 42 22 3; ink:bare circle 58 22 3",
  },
  foam: {
    top: "= M20 6C50 -4 86 4 96 34C104 60 84 98 50 98C18 98 -4 74 4 40C6 26 10 12 20 6Z; ~:fine M30 30C44 20 66 24 72 40",
  },
};
