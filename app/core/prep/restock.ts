import type { Holding, Material, Rung, Tray } from "../model";

/** What is left of a holding after something was taken or lost. */
export interface Left {
  holding: string;
  quantity: number;
}

const taken = (
  trays: readonly Tray[],
  holdings: ReadonlyMap<string, Holding>,
  is: (m: Material) => boolean,
  materials: ReadonlyMap<string, Material>,
) => {
  const sums = new Map<string, number>();
  for (const one of trays.flatMap((tray) => tray.allotted)) {
    const material = materials.get(one.material);
    if (!one.holding || !material || !is(material) || !holdings.has(one.holding)) continue;
    sums.set(one.holding, (sums.get(one.holding) ?? 0) + one.quantity);
  }
  return sums;
};

/** The holdings after the trays were filled: what is used up is counted down, never below 0. */
export function usedUp(
  trays: readonly Tray[],
  holdings: ReadonlyMap<string, Holding>,
  materials: ReadonlyMap<string, Material>,
): Left[] {
  const sums = taken(trays, holdings, (material) => material.use === "consumable", materials);
  return [...sums].map(([holding, quantity]) => ({
    holding,
    quantity: Math.max(0, (holdings.get(holding)?.quantity ?? 0) - quantity),
  }));
}

/** What comes back from trays that are put away: each reusable, how many there should be, and where it belongs. */
export function comingBack(
  trays: readonly Tray[],
  holdings: ReadonlyMap<string, Holding>,
  materials: ReadonlyMap<string, Material>,
): { holding: Holding; material: Material; quantity: number }[] {
  const sums = taken(trays, holdings, (material) => material.use === "reusable", materials);
  return [...sums].flatMap(([id, quantity]) => {
    const holding = holdings.get(id);
    const material = holding && materials.get(holding.material);
    return holding && material ? [{ holding, material, quantity }] : [];
  });
}

/** What trays that are put away have left behind for others: bits, slices, scraps. */
export const madeBy = (
  trays: readonly { tray: Tray; rung: Rung }[],
  materials: ReadonlyMap<string, Material>,
): { tray: Tray; material: Material; quantity: number }[] =>
  trays.flatMap(({ tray, rung }) =>
    rung.makes.flatMap((one) => {
      const material = materials.get(one.material);
      return material ? [{ tray, material, quantity: one.quantity }] : [];
    }),
  );
