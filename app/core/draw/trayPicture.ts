import type { NeedId } from "../model";
import { isLidded } from "./carry";
import {
  boundsOf,
  circle,
  type Drawing,
  ellipse,
  filled,
  lined,
  type Mark,
  moveBy,
  rect,
  scaleBy,
  transformed,
  turnBy,
} from "./drawing";
import type { Ground } from "./ground";
import type { Layout } from "./layout";
import type { LaidThing } from "./lying";
import { SHADES } from "./palette";
import { fromAbove, fromFront } from "./things";

/** The marks of one thing, so that a screen can pale it or mark it. */
export interface ThingMarks {
  need: NeedId;
  index: number;
  marks: Mark[];
}

export interface TrayPicture extends Drawing {
  /** The ground under the things. */
  ground: readonly Mark[];
  things: readonly ThingMarks[];
}

const soft = (ground: Ground): Mark[] => {
  const { widthMm: w, depthMm: d } = ground;
  switch (ground.kind) {
    case "tray":
      return [
        filled(rect(0, 0, w, d, 16), "wood"),
        filled(
          rect(
            ground.marginMm - 6,
            ground.marginMm - 6,
            w - 2 * ground.marginMm + 12,
            d - 2 * ground.marginMm + 12,
            8,
          ),
          "ash",
          { tone: "bark", weight: 1 },
        ),
      ];
    case "board":
      return [
        filled(rect(0, 0, w, d, 3), "wood"),
        lined(
          [
            ["M", 0, d - 10],
            ["L", w, d - 10],
          ],
          { tone: "bark", weight: 1 },
        ),
      ];
    case "table":
      return [
        filled(rect(0, 0, w, d, 12), "ash"),
        lined(
          [
            ["M", 0, d - 12],
            ["L", w, d - 12],
          ],
          { tone: "bark", weight: 1 },
        ),
      ];
    case "mat":
      return [
        filled(rect(0, 0, w, d, 30), "pale"),
        filled(rect(14, 14, w - 28, d - 28, 22), "paper", { tone: "sky", weight: 1 }),
      ];
    case "wet":
      return [
        filled(rect(0, 0, w, d, 20), "pale"),
        lined(
          [
            ["M", 20, d - 20],
            ["L", w - 20, d - 20],
          ],
          { tone: "sky", weight: 2 },
        ),
      ];
    case "line":
      return [
        filled(rect(0, 0, w, d, 8), "paper"),
        lined(
          [
            ["M", 0, 16],
            ["L", w, 16],
          ],
          { tone: "bark", weight: 2 },
        ),
      ];
    case "edge":
      return [filled(rect(0, 0, w, d, 8), "paper", { tone: "wood", weight: 1 })];
    case "floor":
      return [
        { kind: "path", ops: rect(0, 0, w, d, 8), fill: "paper", line: { tone: "wood", weight: 1 } },
        ...Array.from({ length: Math.floor(w / 500) }, (_, i) => (i + 1) * 500).map((x) =>
          lined(
            [
              ["M", x, d - 20],
              ["L", x, d],
            ],
            { tone: "bark", weight: 1 },
          ),
        ),
      ];
  }
};

/** What is poured, as it fills a vessel: its colour to the walls, with specks. */
function filling({ thing }: LaidThing): Mark[] {
  const { widthMm: w, depthMm: d, colour } = thing;
  const ops =
    Math.abs(w - d) < 1 ? ellipse(w / 2, d / 2, w / 2, d / 2) : rect(0, 0, w, d, Math.min(w, d) * 0.15);
  const specks = Array.from({ length: 9 }, (_, i) => {
    const far = Math.sqrt((i + 0.5) / 9) * 0.4;
    return circle(
      w / 2 + Math.cos(i * 2.4) * w * far,
      d / 2 + Math.sin(i * 2.4) * d * far,
      Math.min(w, d) * 0.02,
    );
  });
  return [
    filled(ops, colour),
    ...specks.map((one): Mark => ({ kind: "path", ops: one, fill: SHADES[colour] })),
  ];
}

function marksOf(one: LaidThing): Mark[] {
  if (one.isFilling) return transformed(filling(one), moveBy(one.x, one.y));
  const marks = fromAbove(one.thing);
  // Turned by a quarter, so that the handle comes to lie towards the child.
  const upright = one.isTurned
    ? transformed(transformed(marks, turnBy(90)), moveBy(one.thing.depthMm, 0))
    : marks;
  return transformed(upright, moveBy(one.x, one.y));
}

/** The tray from above, to scale. */
export function pictureOf(layout: Layout): TrayPicture {
  const { ground } = layout;
  const things = layout.things.map((one) => ({ need: one.need, index: one.index, marks: marksOf(one) }));
  const along = (layout.way?.parts ?? []).map(({ need, x, y, marks }, index) => ({
    need,
    index,
    marks: transformed(marks, moveBy(x, y)),
  }));
  const ofNeeds = along.flatMap(({ need, ...one }) => (need === undefined ? [] : [{ need, ...one }]));
  const under = [
    ...soft(ground),
    ...along.filter((one) => one.need === undefined).flatMap((one) => one.marks),
  ];
  return {
    widthMm: ground.widthMm,
    heightMm: ground.depthMm,
    lineMm: Math.max(1.2, ground.widthMm / 260),
    ground: under,
    things: [...ofNeeds, ...things],
    marks: [
      ...under,
      ...along.filter((one) => one.need).flatMap((one) => one.marks),
      ...things.flatMap((one) => one.marks),
    ],
  };
}

/** How far the eye looks down on a tray that stands on a shelf: so much of a depth is seen as height. */
const TILT = 0.34;
/** What is lower than this part of its depth shows its upper side. */
const FLAT = 0.4;

/** Where the foot of a thing is seen, in mm under the near edge of the ground. */
const footOf = (one: LaidThing, depthMm: number) =>
  -(depthMm - one.y - (one.isTurned ? one.thing.widthMm : one.thing.depthMm)) * TILT;

function standing(one: LaidThing, vessel: LaidThing | undefined, depthMm: number): Mark[] {
  const d = one.isTurned ? one.thing.widthMm : one.thing.depthMm;
  const rim = vessel ? footOf(vessel, depthMm) - rimMm(vessel) : undefined;
  // On a lid it stands with all of its height; in a vessel its lower part is hidden.
  const sunk = vessel && !isLidded(vessel.thing) ? 0.5 : 0;
  if (one.isFilling || one.isTurned || one.thing.heightMm < FLAT * d) {
    const squash = rim === undefined ? 0.55 : one.isFilling ? 0.16 : 0.4;
    const lying = transformed(marksOf({ ...one, x: 0, y: 0 }), scaleBy(1, squash));
    const foot =
      rim === undefined ? footOf(one, depthMm) : rim + d * squash * sunk - one.index * (sunk ? 0 : 3);
    return transformed(lying, moveBy(one.x, foot - d * squash));
  }
  const { marks, heightMm } = fromFront(one.thing);
  const top = rim === undefined ? footOf(one, depthMm) - heightMm : rim - heightMm * (1 - sunk * 0.8);
  return transformed(marks, moveBy(one.x, top));
}

/** How high above its foot one looks into a vessel: its rim, or the middle of what lies flat. */
const rimMm = ({ thing }: LaidThing): number =>
  thing.heightMm < FLAT * thing.depthMm ? thing.depthMm * 0.3 : fromFront(thing).heightMm;

/** In outline alone. */
const paled = (mark: Mark): Mark =>
  mark.kind === "text" || !mark.fill
    ? mark
    : { ...mark, fill: "paper", ...(mark.line ? { line: { ...mark.line, tone: "stone" } } : {}) };

/**
 * The things as they stand on their tray before one's eyes, without the tray: small and simple, for a shelf. Needs that are
 * the `same` as elsewhere are drawn pale, so that what is different stands out.
 */
export function frontOf(layout: Layout, same: ReadonlySet<string> = new Set()): Drawing {
  const near = (one: LaidThing) => one.y + (one.isTurned ? one.thing.widthMm : one.thing.depthMm);
  const vessel = (one: LaidThing) =>
    layout.things.find((other) => other.need === one.within && other.index === 0);
  // What lies in a vessel is behind its front wall.
  const depthOf = (one: LaidThing) => {
    const holder = vessel(one);
    return holder ? near(holder) + (isLidded(holder.thing) ? 0.5 : -0.5) : near(one);
  };
  const marks = [...layout.things]
    .sort((a, b) => depthOf(a) - depthOf(b))
    .flatMap((one) => {
      const seen = standing(one, vessel(one), layout.ground.depthMm);
      return same.has(one.need) ? seen.map(paled) : seen;
    });
  const [left, top, right, bottom] = marks.length === 0 ? [0, 0, 1, 1] : boundsOf(marks);
  return {
    widthMm: right - left,
    heightMm: bottom - top,
    lineMm: (right - left) / 110,
    marks: transformed(marks, moveBy(-left, -top)),
  };
}
