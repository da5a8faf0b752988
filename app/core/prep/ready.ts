import { addTo, countOf } from "../collections";
import { howUsed } from "../materials";
import type { Allotment, Holding, Material, PlainDate, Tray } from "../model";

/** What was mixed before and is taken instead of its parts, by material. */
export type Ready = ReadonlyMap<string, Holding>;

/** Was it made before, and is it good still? */
export const isGoodOn = (holding: Pick<Holding, "useBy"> | undefined, on: PlainDate): boolean =>
  holding?.useBy !== undefined && holding.useBy >= on;

/** Is it mixed for the tray, once for all the while that it is out? */
export const isMixedOnce = (one: Allotment, material: Material | undefined): boolean =>
  one.mixed !== undefined && material !== undefined && howUsed(one, material) === "once";

/** A tray with what is taken for it when it is prepared: what was mixed for one that stays is on it still. */
export const asPrepared = (tray: Tray, stays: boolean, materials: ReadonlyMap<string, Material>): Tray =>
  stays
    ? { ...tray, allotted: tray.allotted.filter((one) => !isMixedOnce(one, materials.get(one.material))) }
    : tray;

/**
 * Of the things that are to be mixed for trays those that were made before, are good on the day, and are enough for all of these
 * trays beside what others take of them as they are.
 */
export function readyFor(
  trays: readonly Pick<Tray, "allotted">[],
  materials: ReadonlyMap<string, Material>,
  holdings: Iterable<Holding>,
  on: PlainDate,
): Ready {
  const [wanted, taken] = [new Map<string, number>(), new Map<string, number>()];
  for (const one of trays.flatMap((tray) => tray.allotted)) {
    if (isMixedOnce(one, materials.get(one.material))) addTo(wanted, one.material, one.quantity);
    else if (one.holding) addTo(taken, one.holding, one.quantity);
  }
  const ready = new Map<string, Holding>();
  for (const holding of holdings) {
    const asked = wanted.get(holding.material);
    if (asked === undefined || !isGoodOn(holding, on)) continue;
    if (holding.quantity - countOf(taken, holding.id) >= asked) ready.set(holding.material, holding);
  }
  return ready;
}
