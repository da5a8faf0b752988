import type { NeedId } from "../model";
import { MOST_STEPS } from "./blocks";
import type { Ground } from "./ground";
import type { Part } from "./parts";
import type { DrawnThing } from "./things";

/** One thing as it lies on the ground: its box in mm from the far left corner, and whether it is turned by a quarter. */
export interface LaidThing {
  need: NeedId;
  index: number;
  thing: DrawnThing;
  x: number;
  y: number;
  isTurned: boolean;
  /** The need that it lies in, with others, on and over each other. */
  within?: string;
  /** What is poured: it fills what it lies in. */
  isFilling?: true;
}

/** The golden angle: things strewn by it never stand in a row. */
const GOLDEN = 2.39996;

/** A pile on the lid of a closed box, at its left end. */
export const laidOnLid = ({ thing, count, out }: Part, box: LaidThing): LaidThing[] =>
  Array.from({ length: count }, (_, i): LaidThing => {
    const step = 4 * Math.min(i, MOST_STEPS - 1);
    return {
      need: out.need,
      index: i,
      thing,
      x: box.x + 8 + step,
      y: box.y + 8 + step,
      isTurned: false,
      within: box.need,
    };
  });

/** Pieces that wait in a vessel, strewn within its walls. */
export function laidWithin(part: Part, vessel: LaidThing): LaidThing[] {
  const { thing, count, isPoured, out } = part;
  const room = {
    w: vessel.isTurned ? vessel.thing.depthMm : vessel.thing.widthMm,
    d: vessel.isTurned ? vessel.thing.widthMm : vessel.thing.depthMm,
  };
  const wall = 0.09;
  const inner = { w: room.w * (1 - 2 * wall), d: room.d * (1 - 2 * wall) };
  const middle = { x: vessel.x + room.w / 2, y: vessel.y + room.d / 2 };
  const base = { need: out.need, within: vessel.need, isTurned: false } as const;
  if (isPoured) {
    const filled = { ...thing, widthMm: inner.w * 0.92, depthMm: inner.d * 0.92 };
    return [
      {
        ...base,
        index: 0,
        thing: filled,
        x: middle.x - filled.widthMm / 2,
        y: middle.y - filled.depthMm / 2,
        isFilling: true,
      },
    ];
  }
  // What is longer than the vessel is wide stands up in it, and is drawn no longer than there is room.
  const shrink = Math.min(
    1,
    inner.w / Math.hypot(thing.widthMm, thing.depthMm) / 1.02,
    inner.d / Math.hypot(thing.widthMm, thing.depthMm) / 1.02,
  );
  const seen = { ...thing, widthMm: thing.widthMm * shrink, depthMm: thing.depthMm * shrink };
  const reach = Math.hypot(seen.widthMm, seen.depthMm) / 2;
  return Array.from({ length: count }, (_, i): LaidThing => {
    const far = Math.sqrt((i + 0.5) / count);
    const x = middle.x + Math.cos(i * GOLDEN) * far * Math.max(0, inner.w / 2 - reach);
    const y = middle.y + Math.sin(i * GOLDEN) * far * Math.max(0, inner.d / 2 - reach);
    return { ...base, index: i, thing: seen, x: x - seen.widthMm / 2, y: y - seen.depthMm / 2 };
  });
}

/** What is spread over the tray itself. */
export function laidOnTray(part: Part, ground: Ground): LaidThing {
  const [widthMm, depthMm] = [
    ground.widthMm - 2 * ground.marginMm - 20,
    ground.depthMm - 2 * ground.marginMm - 20,
  ];
  return {
    need: part.out.need,
    index: 0,
    thing: { ...part.thing, widthMm, depthMm },
    x: (ground.widthMm - widthMm) / 2,
    y: (ground.depthMm - depthMm) / 2,
    isTurned: false,
    isFilling: true,
  };
}
