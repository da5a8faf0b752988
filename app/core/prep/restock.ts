import { pushTo } from "../collections";
import { type Demand, demandOf, drawnFrom, howUsed, neededFor, type Tracks } from "../materials";
import type { Holding, HoldingId, Material, Rung, Tray } from "../model";
import { isMixedOnce, type Ready } from "./ready";

/** So much of a holding, in its material's unit. */
export interface Share {
  holding: HoldingId;
  quantity: number;
}

const sharesOf = (
  trays: readonly Tray[],
  materials: ReadonlyMap<string, Material>,
  are: "kept" | "used-up",
  { tracks = new Map(), ready }: { tracks?: Tracks; ready?: Ready } = {},
): Share[] => {
  const uses = new Map<HoldingId, Demand[]>();
  for (const tray of trays) {
    for (const one of tray.allotted) {
      const material = materials.get(one.material);
      if (!material || (howUsed(one, material) === "kept") !== (are === "kept")) continue;
      const made = isMixedOnce(one, material) && ready?.get(one.material);
      for (const { holding, quantity } of drawnFrom(made ? { ...one, holding: made.id } : one)) {
        pushTo(uses, holding, demandOf(tray, { ...one, quantity }, material));
      }
    }
  }
  return [...uses].map(([holding, all]) => ({ holding, quantity: neededFor(all, tracks) }));
};

/** What filling the trays uses up of each holding; of what is mixed for them its parts, unless some is ready. */
export const usedUp = (
  trays: readonly Tray[],
  materials: ReadonlyMap<string, Material>,
  ready?: Ready,
): Share[] => sharesOf(trays, materials, "used-up", { ready });

/** What can be taken of a holding, if so much is wanted: no more than is there. */
export const takenFrom = (there: number, wanted: number): number => Math.min(Math.max(0, there), wanted);

/** What comes back from trays that are put away: each thing that is kept, how many there should be, and where it belongs. */
export function comingBack(
  trays: readonly Tray[],
  holdings: ReadonlyMap<string, Holding>,
  materials: ReadonlyMap<string, Material>,
  tracks: Tracks,
): { holding: Holding; material: Material; quantity: number }[] {
  return sharesOf(trays, materials, "kept", { tracks }).flatMap(({ holding: id, quantity }) => {
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
