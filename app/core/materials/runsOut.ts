import {
  addDays,
  type Catalogue,
  daysBetween,
  type Holding,
  type Material,
  type PlainDate,
  type Tray,
} from "../model";
import { isFromTap } from "./recipe";
import { drawnFrom, howUsed, takenOver } from "./taken";

/** When something that is used up runs out, if every rotation takes as much as the given trays. */
export interface RunsOut {
  holding: Holding;
  material: Material;
  /** What the trays take in one rotation, in the material's unit. */
  perRotation: number;
  /** The first day for which it is too little. */
  on: PlainDate;
}

/** From when on, and how, the trays take of the cupboard. */
export interface Taking {
  /** The last day whose pieces are counted down already. */
  since: PlainDate;
  /** The day on which the trays are filled next. */
  next: PlainDate;
  rotationDays: number;
  /** True for a tray that takes as much anew for each day's insert. */
  daily(tray: Tray): boolean;
}

/** Tells the trays that take anew for each day's insert. */
export function takesDaily(catalogue: Pick<Catalogue, "activities">): Taking["daily"] {
  const daily = new Set(catalogue.activities.filter((one) => one.insertsUseUp).map((one) => one.id));
  return (tray) => daily.has(tray.activity);
}

/** What trays take of one holding: on each day, and once a rotation. */
interface Taken {
  aDay: number;
  aRotation: number;
}

function takenByTrays(
  trays: readonly Tray[],
  materials: ReadonlyMap<string, Material>,
  daily: Taking["daily"],
): ReadonlyMap<string, Taken> {
  const sums = new Map<string, Taken>();
  for (const tray of trays) {
    for (const one of tray.allotted) {
      const material = materials.get(one.material);
      if (!material || howUsed(one, material) === "kept" || isFromTap(one.material)) continue;
      for (const { holding, quantity: drawn } of drawnFrom(one)) {
        const quantity = takenOver(tray, { ...one, quantity: drawn }, material);
        const so = sums.get(holding) ?? { aDay: 0, aRotation: 0 };
        sums.set(
          holding,
          daily(tray) ? { ...so, aDay: so.aDay + quantity } : { ...so, aRotation: so.aRotation + quantity },
        );
      }
    }
  }
  return sums;
}

const whole = (have: number, each: number) => Math.floor(have / each + 1e-9);

/** The first day on which so much is too little: the days up to `next`, then whole rotations, then the days of the last. */
function firstShort(
  quantity: number,
  { aDay, aRotation }: Taken,
  { since, next, rotationDays }: Taking,
): PlainDate {
  const soon = Math.max(0, daysBetween(since, next) - 1);
  if (quantity + 1e-9 < soon * aDay) return addDays(since, 1 + whole(quantity, aDay));
  const then = quantity - soon * aDay;
  const each = aRotation + aDay * rotationDays;
  const rotations = whole(then, each);
  const start = addDays(next, rotations * rotationDays);
  const rest = then - rotations * each - aRotation;
  return rest + 1e-9 < aDay || aDay === 0 ? start : addDays(start, whole(rest, aDay));
}

/**
 * Runs-out dates by holding, soonest first. The quantities in the cupboard are those after the trays were filled; a
 * tray with a piece for each day is taken to be used every day, which is the soonest that can be.
 */
export function runsOut(
  trays: readonly Tray[],
  holdings: readonly Holding[],
  materials: ReadonlyMap<string, Material>,
  taking: Taking,
): RunsOut[] {
  const taken = takenByTrays(trays, materials, taking.daily);
  return holdings
    .flatMap((holding): RunsOut[] => {
      const takes = taken.get(holding.id);
      const material = materials.get(holding.material);
      if (!takes || !material) return [];
      const perRotation = takes.aRotation + takes.aDay * taking.rotationDays;
      return [{ holding, material, perRotation, on: firstShort(holding.quantity, takes, taking) }];
    })
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
