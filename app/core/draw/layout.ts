import type { Fit, FloorStation, NeedId, PlaceKind, Rung } from "../model";
import type { SetOut } from "../setup";
import { type Block, GAP_MM, MOST_STEPS, type Placed, pack, TIGHT_GAP_MM } from "./blocks";
import { carriedIn, carrierOf, isLidded } from "./carry";
import { type FloorPlan, layFloor } from "./floor";
import { BOARD, type Ground, groundOf, isTray } from "./ground";
import { type LaidThing, laidOnLid, laidOnTray, laidWithin } from "./lying";
import { goals, isVessel, type Part, partOf, type Role, roleOf, sourceOf } from "./parts";
import type { DrawnThing } from "./things";

export interface Layout {
  ground: Ground;
  /** The farther and the lower first: in this order they are drawn. */
  things: readonly LaidThing[];
  /** Needs of which fewer are drawn than are set out, with both numbers. */
  fewer: readonly { need: NeedId; drawn: number; quantity: number }[];
  /** Where the things stand along a way over the floor: what else is there, and the distances. */
  way?: FloorPlan;
  /** False where not all of it lies side by side on a ground of a set size: it is drawn on one that is large enough. */
  fits: boolean;
}

const ORDER: Record<Role, number> = { piece: 0, tool: 1, target: 2 };

interface Item {
  part: Part;
  role: Role;
  /** The first and the number of the instances that this block is made of. */
  from: number;
  count: number;
}

/** Blocks in the order of the work: where pieces wait at the left, the tool, then where they go. */
function itemsOf(parts: readonly Part[], waiting: ReadonlyMap<Part, Part>, fits: readonly Fit[]): Item[] {
  const sources = new Set(waiting.values());
  const items = parts
    .filter((part) => !waiting.has(part))
    .flatMap((part): Item[] => {
      const role = roleOf(part, fits);
      const isSource = sources.has(part);
      if (!isSource || part.count === 1)
        return [{ part, role: isSource ? "piece" : role, from: 0, count: part.count }];
      return [
        { part, role: "piece", from: 0, count: 1 },
        { part, role: "target", from: 1, count: part.count - 1 },
      ];
    });
  return items.sort((a, b) => ORDER[a.role] - ORDER[b.role]);
}

const PILED: ReadonlySet<string> = new Set([
  "sheet",
  "tissue",
  "card",
  "card-dark",
  "foil",
  "film",
  "baking-paper",
  "note",
  "newspaper",
  "tray",
]);
/** What may be piled or nested where there is no room side by side. */
const mayPile = ({ thing }: Part): boolean => isVessel(thing) || thing.heightMm <= 12;

/** Tools, rods and sheets may lie either way; what has an upper side of its own (a picture, a coat) stays as it is looked at. */
const isLong = ({ widthMm, depthMm, form, as }: DrawnThing): boolean =>
  (widthMm > 2 * depthMm && !TURNED_BADLY.has(form)) || as === "tool" || PILED.has(form);
const TURNED_BADLY: ReadonlySet<string> = new Set([
  "sock",
  "bike",
  "trike",
  "ride-on",
  "car",
  "boat",
  "animal",
]);

function blockOf({ part, count }: Item, tight: boolean): Block {
  const { thing } = part;
  const piled = count > 1 && (PILED.has(thing.form) || (tight && mayPile(part)));
  return {
    need: part.out.need,
    widthMm: thing.widthMm,
    depthMm: thing.depthMm,
    count,
    ...(piled
      ? { piledMm: PILED.has(thing.form) && tight ? 2 : Math.min(7, Math.max(2, thing.widthMm * 0.08)) }
      : {}),
    turns: isLong(thing),
    gapMm: tight ? TIGHT_GAP_MM : GAP_MM,
  };
}

/** The things of a block where it was placed. */
function laidOf({ part, from, count }: Item, placed: Placed): LaidThing[] {
  const { block, columns, isTurned } = placed;
  const [w, d] = isTurned ? [block.depthMm, block.widthMm] : [block.widthMm, block.depthMm];
  return Array.from({ length: count }, (_, i): LaidThing => {
    const step = block.piledMm === undefined ? undefined : block.piledMm * Math.min(i, MOST_STEPS - 1);
    return {
      need: block.need,
      index: from + i,
      thing: part.thing,
      x: placed.x + (step ?? (i % columns) * (w + block.gapMm)),
      y: placed.y + (step ?? Math.floor(i / columns) * (d + block.gapMm)),
      isTurned,
    };
  });
}

const packed = (items: readonly Item[], { widthMm, depthMm, marginMm }: Ground, tight: boolean) =>
  pack(
    items.map((item) => blockOf(item, tight)),
    widthMm - 2 * marginMm,
    depthMm - 2 * marginMm,
  );

interface Plan {
  ground: Ground;
  items: readonly Item[];
  placed: readonly Placed[];
  waiting: ReadonlyMap<Part, Part>;
  fits: boolean;
}

/** Side by side; nested and closer; then carried in a vessel: undefined where it does not fit even so. */
function planWithin(
  parts: readonly Part[],
  waiting: ReadonlyMap<Part, Part>,
  fits: readonly Fit[],
  ground: Ground,
): Plan | undefined {
  const items = itemsOf(parts, waiting, fits);
  for (const tight of [false, true]) {
    const placed = packed(items, ground, tight);
    if (placed) return { ground, items, placed, waiting, fits: true };
  }
  const carrier = ground.grows ? undefined : carrierOf(parts);
  if (!carrier) return undefined;
  const carried = new Map([
    ...waiting,
    ...carriedIn(carrier, parts).map((one): [Part, Part] => [one, carrier]),
  ]);
  const fewer = itemsOf(parts, carried, fits);
  const placed = packed(fewer, ground, true);
  return placed && { ground, items: fewer, placed, waiting: carried, fits: true };
}

/** On the tray; on the bare board of its bay, for what is as large as a tray; at last on a larger ground, and it is said that it does not fit. */
function planOn(
  parts: readonly Part[],
  waiting: ReadonlyMap<Part, Part>,
  fits: readonly Fit[],
  asked: Ground,
  board: Ground | undefined,
): Plan {
  const found = planWithin(parts, waiting, fits, asked) ?? (board && planWithin(parts, waiting, fits, board));
  if (found) return found;
  const items = itemsOf(parts, waiting, fits);
  let ground: Ground = asked.grows ? asked : groundOf("table", undefined);
  for (;;) {
    const placed = packed(items, ground, false);
    if (placed) return { ground, items, placed, waiting, fits: asked.grows };
    ground = { ...ground, widthMm: ground.widthMm * 1.15, depthMm: ground.depthMm * 1.15 };
  }
}

/** From the far to the near, what lies within another after it. */
const inOrder = (a: LaidThing, b: LaidThing): number =>
  Number(a.within !== undefined) - Number(b.within !== undefined);

const FLOORS: ReadonlySet<PlaceKind> = new Set<PlaceKind>(["floor", "mat", "outdoors", "routine"]);

/** The box of laid things in mm: [left, top, right, bottom]. */
const boxOf = (things: readonly LaidThing[]) => {
  const wide = ({ thing, isTurned }: LaidThing) => (isTurned ? thing.depthMm : thing.widthMm);
  const deep = ({ thing, isTurned }: LaidThing) => (isTurned ? thing.widthMm : thing.depthMm);
  return {
    left: Math.min(...things.map((one) => one.x)),
    top: Math.min(...things.map((one) => one.y)),
    right: Math.max(...things.map((one) => one.x + wide(one))),
    bottom: Math.max(...things.map((one) => one.y + deep(one))),
  };
};

/** What a way names stands along it; all else lies ready at its beginning. Tape that only holds something down is left out. */
function layOutOnFloor(
  { fits }: Pick<Rung, "fits">,
  stations: readonly FloorStation[],
  things: readonly SetOut[],
): Layout {
  const named = new Set(stations.flatMap((one) => (one.kind === "mark" ? [] : [one.need])));
  const other = things.filter((one) => !named.has(one.need) && one.material.unit !== "cm");
  const ready = other.length === 0 ? undefined : layOut({ fits }, other, "floor");
  const box = ready ? boxOf(ready.things) : { left: 0, top: 0, right: 0, bottom: 0 };
  const [widthMm, depthMm] = [box.right - box.left, box.bottom - box.top];
  const laid = layFloor(stations, things.map(partOf), { widthMm, depthMm });
  const aside = (ready?.things ?? []).map((one) => ({
    ...one,
    x: one.x - box.left + laid.ground.marginMm,
    y: one.y - box.top + laid.middleMm - depthMm / 2,
  }));
  return {
    ground: laid.ground,
    things: [...aside, ...laid.things].sort(inOrder),
    way: laid.plan,
    fewer: ready?.fewer ?? [],
    fits: true,
  };
}

/**
 * The things of a rung laid out on their ground to scale, as they would stand before a child: what is moved at the left, the
 * tool at the hand, where it goes at the right; nothing over another but what is piled, nested or lies in a vessel.
 */
export function layOut(
  rung: Pick<Rung, "fits" | "floor">,
  things: readonly SetOut[],
  place: PlaceKind,
): Layout {
  if (rung.floor && FLOORS.has(place)) return layOutOnFloor(rung, rung.floor, things);
  const all = things.map(partOf);
  const tray = all.find((part) => isTray(part.thing) && part.count === 1 && all.length > 1);
  const asked = groundOf(place, tray?.thing);
  const parts = all.filter((part) => part !== tray);
  const spreads = (part: Part) =>
    tray !== undefined && part.isPoured && goals(rung.fits, part.out.need).includes(tray.out.need);
  const waiting = new Map<Part, Part>();
  for (const part of parts) {
    if (isVessel(part.thing) || spreads(part)) continue;
    const source = sourceOf(part, parts, rung.fits);
    if (source) waiting.set(part, source);
  }
  const plan = planOn(
    parts.filter((part) => !spreads(part)),
    waiting,
    rung.fits,
    asked,
    place === "bay" && !tray ? BOARD : undefined,
  );
  const { ground, items, placed, fits } = plan;
  const side = items.flatMap((item, i) => {
    const at = placed[i];
    return at ? laidOf(item, { ...at, x: at.x + ground.marginMm, y: at.y + ground.marginMm }) : [];
  });
  const within = [...plan.waiting].flatMap(([part, source]) => {
    const vessel = side.find((one) => one.need === source.out.need && one.index === 0);
    if (!vessel) return [];
    return isLidded(vessel.thing) ? laidOnLid(part, vessel) : laidWithin(part, vessel);
  });
  return {
    ground,
    things: [...parts.filter(spreads).map((part) => laidOnTray(part, ground)), ...side, ...within].sort(
      inOrder,
    ),
    fewer: parts
      .filter((part) => !part.isPoured && part.out.material.unit !== "cm" && part.out.quantity > part.count)
      .map((part) => ({ need: part.out.need, drawn: part.count, quantity: part.out.quantity })),
    fits,
  };
}
