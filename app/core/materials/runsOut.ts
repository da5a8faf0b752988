import { addDays, type Holding, type Material, type PlainDate, type Tray } from "../model";

/** When something that is used up runs out, if every rotation takes as much as the given trays. */
export interface RunsOut {
  holding: Holding;
  material: Material;
  /** What the trays take in one rotation, in the material's unit. */
  perRotation: number;
  /** The first day of the rotation for which it is too little. */
  on: PlainDate;
}

/** Tap water is there; it does not run out. */
const ENDLESS: ReadonlySet<string> = new Set(["water"]);

/** What the trays of one rotation take of each holding that is used up. */
export function takenByTrays(
  trays: readonly Tray[],
  materials: ReadonlyMap<string, Material>,
): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const one of trays.flatMap((tray) => tray.allotted)) {
    const material = materials.get(one.material);
    if (!one.holding || material?.use !== "consumable" || ENDLESS.has(material.id)) continue;
    sums.set(one.holding, (sums.get(one.holding) ?? 0) + one.quantity);
  }
  return sums;
}

/**
 * Runs-out dates by holding, soonest first: whole rotations that are left, after the day `next` on which the next
 * one begins. The quantities in the cupboard are those after the standing trays were filled.
 */
export function runsOut(
  trays: readonly Tray[],
  holdings: readonly Holding[],
  materials: ReadonlyMap<string, Material>,
  next: PlainDate,
  rotationDays: number,
): RunsOut[] {
  const taken = takenByTrays(trays, materials);
  return holdings
    .flatMap((holding): RunsOut[] => {
      const perRotation = taken.get(holding.id);
      const material = materials.get(holding.material);
      if (!perRotation || !material) return [];
      const rotations = Math.floor(holding.quantity / perRotation + 1e-9);
      return [{ holding, material, perRotation, on: addDays(next, rotations * rotationDays) }];
    })
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
