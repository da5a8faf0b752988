import { circle, filled, INK, lined, type Mark, rect } from "../drawing";
import { SHADES } from "../palette";
import type { Forms, ThingBox } from "./form";

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

const side = (w: number, h: number, box: ThingBox): Mark => filled(rect(0, 0, w, h, 3), box.colour);

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

const BALL = "= circle 50 50 49; ~:~ M20 34C28 18 44 12 56 14";
const BLOCK = "= rect 0 0 100 100 8; ~:fine rect 10 10 80 80 6";

/** Forms whose wells, bore or slot follow from the sizes of the thing. */
export const SIZED: Forms = {
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
  "tin-slot": {
    top: ({ widthMm: w, openingMm = 8, colour }) => [
      filled(circle(w / 2, w / 2, w * 0.49), colour),
      filled(circle(w / 2, w / 2, w * 0.43), SHADES[colour]),
      filled(rect(w * 0.16, w / 2 - openingMm / 2, w * 0.68, openingMm, openingMm / 2), "ink"),
    ],
    front: "= rect 2 14 96 86 3; ~ rect 0 0 100 18 3; ink rect 26 0 48 5; -:fine M2 44H98M2 72H98",
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
  ring: { top: ring, front: ringFront },
  bead: { top: bead, front: bead },
};

/** How a thing without a look of its own is drawn, by its piece, and what comes in heaps. */
export const PLAIN: Forms = {
  ball: { top: BALL, front: BALL },
  stick: { top: "= rect 0 0 100 100 40; -:fine M14 40H60" },
  disc: { top: "= circle 50 50 49; ~:fine circle 50 50 41" },
  block: { top: BLOCK, front: BLOCK },
  stone: {
    top: "= M6 58C2 26 34 4 64 8C92 14 102 44 94 70C84 100 12 98 6 58Z; ~:fine M26 40C38 26 54 24 66 28",
  },
  heap: {
    top: "= M2 92C0 70 20 60 28 44C36 26 64 20 74 42C84 58 100 70 98 92C70 102 30 102 2 92Z; ~:bare ellipse 30 70 4 2.5; ~:bare ellipse 46 52 4 2.5; ~:bare ellipse 62 66 4 2.5; ~:bare ellipse 50 82 4 2.5; ~:bare ellipse 74 82 4 2.5; ~:bare ellipse 24 86 4 2.5",
  },
};
