import { circle, filled, INK, type Mark, rect } from "../drawing";
import { SHADES } from "../palette";
import type { Forms, ThingBox } from "./form";

const RIM = "= circle 50 50 49; ~ circle 50 50 42";

/** The rows and columns in which so many hollows lie in a box of this form. */
function grid(count: number, widthMm: number, depthMm: number): [number, number] {
  let best: [number, number] = [count, 1];
  let worst = Infinity;
  for (let rows = 1; rows <= count; rows++) {
    if (count % rows !== 0) continue;
    const shape = Math.abs(Math.log(widthMm / (count / rows) / (depthMm / rows)));
    if (shape < worst) [worst, best] = [shape, [count / rows, rows]];
  }
  return best;
}

/** Where the wells of a thing lie in its own box, row by row: the middle of each, in mm. */
function wellCentres({ widthMm, depthMm, wells }: ThingBox): [number, number][] {
  if (!wells) return [];
  const [columns, rows] = grid(wells.count, widthMm, depthMm);
  return Array.from({ length: wells.count }, (_, i) => [
    ((i % columns) + 0.5) * (widthMm / columns),
    (Math.floor(i / columns) + 0.5) * (depthMm / rows),
  ]);
}

function wellsTop(box: ThingBox): Mark[] {
  const { widthMm, depthMm, colour, wells } = box;
  const [columns, rows] = grid(wells?.count ?? 1, widthMm, depthMm);
  const r = Math.min((wells?.widthMm ?? 50) / 2, (widthMm / columns) * 0.46, (depthMm / rows) * 0.46);
  return [
    filled(rect(0, 0, widthMm, depthMm, 12), colour),
    ...wellCentres(box).map(([x, y]) => filled(circle(x, y, r), SHADES[colour])),
  ];
}

const sides = (box: ThingBox, taper: number, rim: number): Mark[] => {
  const { widthMm: w, heightMm: h, colour } = box;
  const t = w * taper;
  return [
    filled([["M", 0, rim], ["L", w, rim], ["L", w - t, h], ["L", t, h], ["Z"]], colour),
    filled(rect(-w * 0.02, 0, w * 1.04, rim, rim / 2), SHADES[colour]),
  ];
};

/** What holds things: drawn open from above, so that what lies in it is seen. */
export const VESSELS: Forms = {
  bowl: { top: RIM, front: "= M0 4H100C100 70 78 100 66 100H34C22 100 0 70 0 4Z; ~:fine M2 22H98" },
  pot: {
    top: "= circle 50 50 49; ~ circle 50 50 44; =:fine circle 50 50 34",
    front: (box) => sides(box, 0.08, 6),
  },
  cup: {
    top: "= circle 50 50 48; ~ circle 50 50 41; =:fine circle 50 50 27",
    front: (box) => sides(box, 0.14, 5),
  },
  "cup-open": {
    top: "= circle 50 50 48; white circle 50 50 39; ~:fine circle 50 50 25",
    front: (box) => sides(box, 0.2, 4),
  },
  glass: {
    top: "= circle 40 50 39; white circle 40 50 31; - M78 42C100 42 100 58 78 58",
    front: "= M0 0H80L74 100H8Z; white:fine M12 30H72L68 94H14Z; - M78 22C104 22 104 62 75 62",
  },
  jug: {
    top: "= circle 46 50 40; ~ circle 46 50 32; = M8 38L-2 50L8 62Z; - M86 42C104 42 104 58 86 58",
    front: "= M4 0L16 10V100H76V6L4 0Z; - M76 22C104 22 104 74 76 74; ~:fine M16 30H76",
  },
  "jug-measuring": {
    top: "= circle 46 50 40; white circle 46 50 34; = M8 38L-2 50L8 62Z; - M86 42C104 42 104 58 86 58",
    front: "= M4 0L14 8V100H78V4Z; - M78 18C104 18 104 78 78 78; -:fine M58 84H76M58 68H76M58 52H76M58 36H76",
  },
  "measuring-cup": {
    top: "= circle 36 50 35; ~ circle 36 50 28; = rect 70 43 30 14 6",
    front: "= M0 12H74L66 100H8Z; ~ rect 72 12 28 16 6",
  },
  "egg-cup": {
    top: "= circle 50 50 48; cream circle 50 50 36",
    front: "= M6 0H94C94 40 70 52 58 56V84H82V100H18V84H42V56C30 52 6 40 6 0Z",
  },
  bottle: {
    top: "= circle 50 50 48; white circle 50 50 22; ~ circle 50 50 17",
    front:
      "= M36 14H64V26C84 32 92 42 92 52V100H8V52C8 42 16 32 36 26Z; ~ rect 32 0 36 14 4; white:fine rect 14 58 72 22",
  },
  "bottle-sealed": {
    top: "= circle 50 50 48; brick circle 50 50 24; cream circle 50 50 8",
    front:
      "= M36 14H64V26C84 32 92 42 92 52V100H8V52C8 42 16 32 36 26Z; brick rect 32 0 36 14 4; cream:fine M8 66H92V100H8Z",
  },
  "bottle-squeeze": {
    top: "= circle 50 50 48; white circle 50 50 28; ~ circle 50 50 7",
    front: "= rect 6 34 88 66 10; ~ M26 34L44 8H56L74 34Z; white rect 44 0 12 10",
  },
  "bottle-spray": {
    top: "= ellipse 60 50 38 38; ~ rect 0 38 62 24 8",
    front: "= M20 46C20 36 40 36 40 30H62C62 36 84 36 84 46V100H20Z; ~ M8 2H72V26H40V18H8Z; - M16 20L24 34",
  },
  jar: {
    top: "= circle 50 50 49; ~ circle 50 50 42; -:fine M18 50H82M50 18V82",
    front: "= rect 4 18 92 82 10; ~ rect 0 0 100 20 4; -:fine M14 3V17M32 3V17M50 3V17M68 3V17M86 3V17",
  },
  tin: {
    top: "= circle 50 50 49; ~ circle 50 50 44; =:fine circle 50 50 20",
    front: "= rect 2 14 96 86 3; ~ rect 0 0 100 18 3; -:fine M2 58H98",
  },
  "tin-slot": {
    top: ({ widthMm: w, openingMm = 8, colour }) => [
      filled(circle(w / 2, w / 2, w * 0.49), colour),
      filled(circle(w / 2, w / 2, w * 0.43), SHADES[colour]),
      filled(rect(w * 0.16, w / 2 - openingMm / 2, w * 0.68, openingMm, openingMm / 2), "ink"),
    ],
    front: "= rect 2 14 96 86 3; ~ rect 0 0 100 18 3; ink rect 26 0 48 5; -:fine M2 44H98M2 72H98",
  },
  saucepan: {
    top: "= rect 74 43 26 14 6; = circle 39 50 38; ~ circle 39 50 32",
    front:
      "= rect 74 26 26 12 5; = M2 20H76V90C76 98 70 100 62 100H16C8 100 2 98 2 90Z; ~ rect 0 10 78 12 4; ~ rect 32 0 14 10 3",
  },
  colander: {
    top: "= circle 50 50 49; ~ circle 50 50 42; ink:bare circle 50 50 4; ink:bare circle 32 50 4; ink:bare circle 68 50 4; ink:bare circle 41 34 4; ink:bare circle 59 34 4; ink:bare circle 41 66 4; ink:bare circle 59 66 4; ink:bare circle 50 20 4; ink:bare circle 50 80 4",
    front:
      "= M0 6H100C98 66 76 100 64 100H36C24 100 2 66 0 6Z; ink:bare circle 30 34 4; ink:bare circle 50 34 4; ink:bare circle 70 34 4; ink:bare circle 40 58 4; ink:bare circle 60 58 4",
  },
  strainer: {
    top: "= rect 84 44 16 12 4; = circle 44 50 43; white circle 44 50 36; -:fine M14 34H74M10 50H78M14 66H74M28 20V80M44 14V86M60 20V80",
    front:
      "= rect 82 2 18 12 4; white M2 8H86C84 70 62 100 44 100C26 100 4 70 2 8Z; -:fine M10 36H78M20 66H68M30 8V92M58 8V92",
  },
  funnel: {
    top: "= circle 50 50 49; ~ circle 50 50 42; ink circle 50 50 7",
    front: "= M0 0H100L62 56L56 100H44L38 56Z; ~:fine M6 10H94",
  },
  flowerpot: {
    top: "= circle 50 50 49; ~ circle 50 50 40; earth circle 50 50 8",
    front: "= M10 22H90L76 100H24Z; ~ rect 2 0 96 24 4",
  },
  vase: {
    top: "= circle 50 50 40; ~ circle 50 50 26",
    front: "= M30 0H70C66 22 92 42 92 66C92 90 80 100 70 100H30C20 100 8 90 8 66C8 42 34 22 30 0Z",
  },
  case: {
    top: "= M50 0L58 9L69 4L74 14L86 14L87 26L97 31L93 42L100 50L93 58L97 69L87 74L86 86L74 87L69 97L58 93L50 100L42 93L31 97L26 87L14 86L13 74L3 69L7 58L0 50L7 42L3 31L13 26L14 14L26 13L31 3L42 7Z; ~ circle 50 50 32",
    front: "= M0 0H100L82 100H18Z; -:fine M14 2L26 98M32 2L38 98M50 2V98M68 2L62 98M86 2L74 98",
  },
  nest: {
    top: "= circle 50 50 49; ~ circle 50 50 40; = circle 50 50 31; ~ circle 50 50 22; = circle 50 50 12",
    front: "~ M26 0H74L72 30H28Z; = M12 16H88L84 60H16Z; ~ M0 36H100L92 100H8Z",
  },
  bucket: {
    top: "= circle 50 50 49; ~ circle 50 50 42; - M3 50C20 20 80 20 97 50",
    front: "- M4 30C10 -10 90 -10 96 30; = M2 28H98L84 100H16Z; ~ rect 0 24 100 10 4",
  },
  basin: {
    top: "= rect 0 0 100 100 22; ~ rect 8 8 84 84 16",
    front: "= M4 14H96L84 100H16Z; ~ rect 0 0 100 16 6",
  },
  basket: {
    top: "= circle 50 50 49; ~ circle 50 50 40; -:fine M50 1V10M50 90V99M1 50H10M90 50H99M15 15L22 22M78 78L85 85M85 15L78 22M22 78L15 85",
    front: "= M0 6H100L88 100H12Z; -:fine M3 30H97M6 54H94M9 78H91M22 6L28 100M50 6V100M78 6L72 100",
  },
  "laundry-basket": {
    top: "= rect 0 0 100 100 10; ~ rect 7 9 86 82 8; -:fine M26 0V9M50 0V9M74 0V9M26 91V100M50 91V100M74 91V100",
    front:
      "= M2 6H98L88 100H12Z; ~:fine rect 38 14 24 12 5; -:fine M20 34V92M36 34V92M52 34V92M68 34V92M84 34V92",
  },
  can: {
    top: "= ellipse 58 50 34 40; ~ ellipse 58 50 24 30; = rect 0 44 30 12; ~ rect -2 38 10 24 4",
    front:
      "- M60 30C70 -6 104 4 92 60; = rect 36 30 52 70 6; = M36 70L8 22L2 26L32 88Z; ~ rect -2 16 16 10 3",
  },
  mould: {
    top: "= M50 0L64 32L99 36L73 60L80 98L50 79L20 98L27 60L1 36L36 32Z; ~ circle 50 54 18",
    front: "= M8 100L22 10H78L92 100Z; ~ rect 0 84 100 16 4",
  },
  wells: {
    top: wellsTop,
    front: "= M0 12H100L94 100H6Z; ~ rect 0 0 100 18 4; -:fine M26 20L28 98M50 20V98M74 20L72 98",
  },
  "egg-box": {
    top: wellsTop,
    front:
      "= M0 30C4 30 6 6 17 6C28 6 28 30 34 30C40 30 40 6 50 6C60 6 60 30 66 30C72 30 72 6 83 6C94 6 96 30 100 30L94 100H6Z",
  },
  pegboard: { top: wellsTop, front: "= rect 0 0 100 100 4; ~:fine M8 50H92" },
  tray: {
    top: ({ widthMm: w, depthMm: d, colour }) => [
      filled(rect(0, 0, w, d, 16), colour),
      filled(rect(14, 14, w - 28, d - 28, 8), "ash", { ...INK, tone: "bark" }),
    ],
    front: "= M0 0H100L96 100H4Z",
  },
  "baking-sheet": {
    top: ({ widthMm: w, depthMm: d, colour }) => [
      filled(rect(0, 0, w, d, 10), colour),
      filled(rect(10, 10, w - 20, d - 20, 6), "pale", { ...INK, tone: "slate" }),
    ],
    front: "= M0 0H100L94 100H6Z",
  },
  plate: {
    top: "= circle 50 50 49; white circle 50 50 42; -:fine circle 50 50 30",
    front: "= M0 20H100C90 80 76 100 62 100H38C24 100 10 80 0 20Z",
  },
  board: {
    top: "= rect 0 0 100 100 8; ~ circle 90 50 4; -:fine M12 8V92M36 8V92M60 8V92",
    front: "= rect 0 0 100 100 3",
  },
  scales: {
    top: "= rect 42 30 16 40 6; = rect 0 8 38 84 10; ~ rect 5 16 28 68 8; = rect 62 8 38 84 10; ~ rect 67 16 28 68 8",
    front:
      "- M50 14V90M12 20H88M12 20L4 50M12 20L26 50M88 20L74 50M88 20L98 50; = M0 50H30L26 78H4Z; = M70 50H100L96 78H74Z; ~ rect 30 88 40 12 4",
  },
  wheel: {
    top: "= rect 20 0 60 100 10; ~ circle 50 50 26; - M24 50H76M50 24V76",
    front:
      "= rect 8 88 84 12 4; - M26 88L40 40M74 88L60 40; ~ circle 50 40 38; -:fine M50 2V78M12 40H88M24 14L76 66M76 14L24 66",
  },
};

const side = (w: number, h: number, box: ThingBox): Mark => filled(rect(0, 0, w, h, 3), box.colour);

/** Boxes and tubes. */
export const BOXES: Forms = {
  box: {
    top: "= rect 0 0 100 100 2; ~ rect 5 6 90 88 2; -:fine M0 0L5 6M100 0L95 6M0 100L5 94M100 100L95 94",
    front: "= rect 0 8 100 92 2; ~ M0 8L-6 0H34L30 8ZM70 8L66 0H106L100 8Z; -:fine M42 40H58",
  },
  "box-closed": {
    top: "= rect 0 0 100 100 6; -:fine M0 12H100; ~ rect 40 4 20 16 4",
    front: "= rect 0 0 100 100 4; ~ rect 0 0 100 26 4",
  },
  "box-slot": {
    top: (box) => {
      const { widthMm: w, depthMm: d, openingMm = 10 } = box;
      const long = Math.min(d * 0.55, 90);
      return [
        side(w, d, box),
        filled(rect(w / 2 - openingMm / 2, (d - long) / 2, openingMm, long, openingMm / 2), "ink"),
      ];
    },
    front: "= rect 2 22 96 78 2; ~ rect 0 0 100 26 3; ink rect 40 0 20 5",
  },
  "box-tissue": {
    top: (box) => {
      const { widthMm: w, depthMm: d, openingMm = 60 } = box;
      return [
        side(w, d, box),
        filled(rect(w * 0.15, (d - openingMm) / 2, w * 0.7, openingMm, openingMm / 2), "ink"),
      ];
    },
    front: "= rect 0 8 100 92 4; ink ellipse 50 9 30 7; ~:fine M0 60H100",
  },
  "box-huge": {
    top: "= rect 0 0 100 100 1; ~ rect 6 6 88 88 1; earth rect 30 92 40 8",
    front: "= rect 0 0 100 100 1; earth M28 100V52C28 26 72 26 72 52V100Z; -:fine M0 12H100",
  },
  crate: {
    top: "= rect 0 0 100 100 3; ~ rect 8 10 84 80 2; -:fine M36 10V90M64 10V90",
    front: "= rect 0 0 100 30; = rect 0 35 100 30; = rect 0 70 100 30; ~:fine rect 36 8 28 12 5",
  },
  tube: {
    top: "= rect 0 0 100 100 4; ~ ellipse 98 50 4 50; -:fine M12 0L30 100M40 0L58 100M68 0L86 100",
    front: "= rect 0 0 100 100 4; ~ ellipse 98 50 4 50; -:fine M12 0L30 100M40 0L58 100M68 0L86 100",
  },
  "tube-short": {
    top: "= rect 0 0 100 100 4; ~ ellipse 94 50 7 50; -:fine M30 0L44 100",
    front: "= rect 4 8 92 92 3; ~ ellipse 50 9 46 9; -:fine M4 40L96 70",
  },
  tunnel: {
    top: "= rect 0 0 100 100 6; - M14 0C10 30 10 70 14 100M32 0C28 30 28 70 32 100M50 0C46 30 46 70 50 100M68 0C64 30 64 70 68 100M86 0C82 30 82 70 86 100",
    front:
      "= M0 100C0 -30 30 -30 30 100ZM16 0H84C104 0 104 100 100 100H30C30 0 16 0 16 0Z; earth M5 100C5 20 25 20 25 100Z",
  },
  "board-latches": {
    top: "= rect 0 0 100 100 3; ~ rect 6 8 40 36 3; ~ rect 54 8 40 36 3; ~ rect 6 56 40 36 3; ~ rect 54 56 40 36 3; marigold rect 36 22 10 8 2; brick circle 60 26 5; sky rect 36 70 10 8 2; beet circle 60 74 5",
  },
  bench: {
    top: "= rect 0 10 100 80 6; brick circle 16 50 9; marigold circle 38 50 9; leaf circle 60 50 9; sky circle 82 50 9",
    front:
      "brick rect 12 0 12 46 2; marigold rect 34 14 12 30 2; leaf rect 56 4 12 40 2; sky rect 78 20 12 24 2; = rect 0 40 100 16 4; = rect 4 56 12 44; = rect 84 56 12 44",
  },
  post: { top: "~ circle 50 50 48; = circle 50 50 10", front: "= rect 45 0 10 84 5; ~ rect 10 82 80 18 8" },
  "ring-tower": {
    top: "= circle 50 50 48; ~ circle 50 50 36; marigold circle 50 50 24; brick circle 50 50 10",
    front:
      "= rect 4 78 92 20 10; ~ rect 12 56 76 20 10; marigold rect 20 34 60 20 10; sky rect 28 12 44 20 10; brick circle 50 6 6",
  },
  frame: {
    top: "= rect 0 0 100 14 4; = rect 0 86 100 14 4; - M8 14V86M92 14V86M8 34H92M8 52H92M8 70H92; brick circle 30 34 8; brick circle 46 34 8; marigold circle 60 52 8; marigold circle 76 52 8; sky circle 24 70 8",
  },
};
