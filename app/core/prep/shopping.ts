import { type Demand, demandOf, drawnFrom, neededFor, type Tracks } from "../materials";
import type { Holding, Material, Tray } from "../model";

/** One thing to buy, gather or borrow. */
export interface ShoppingLine {
  material: Material;
  /** What the trays need, what is there already, and what is left to get, in the material's unit. */
  needed: number;
  have: number;
  get: number;
  /** Whole packs, and what is left over of them; absent where it is not sold in packs. */
  packs?: { count: number; cents: number; leftOver: number };
  /** Names of the trays it is for. */
  trays: string[];
}

export interface Shopping {
  lines: ShoppingLine[];
  /** Needs that something in the house serves: not bought. */
  standIns: { asked: Material; instead: Material; trays: string[] }[];
  cents: number;
}

/** What a tray needs, with the names that are told. */
export interface ShoppingTray {
  tray: Pick<Tray, "allotted" | "when">;
  name: string;
  /** The material that the rung asks for, by need. */
  asked: ReadonlyMap<string, string>;
}

/**
 * The shopping for trays: stand-ins are crossed off first, then what is there, and the rest comes in whole packs
 * with what is left over. Something reusable is needed once for all trays that are out together in the sum that
 * they ask for.
 */
export function shoppingFor(
  trays: readonly ShoppingTray[],
  holdings: readonly Holding[],
  materials: ReadonlyMap<string, Material>,
  tracks: Tracks,
): Shopping {
  const wanted = new Map<string, { uses: Demand[]; trays: string[] }>();
  const standIns = new Map<string, Shopping["standIns"][number]>();
  for (const { tray, name, asked } of trays) {
    for (const one of tray.allotted) {
      const material = materials.get(one.material);
      const original = materials.get(asked.get(one.need) ?? one.material);
      if (!material || !original) continue;
      if (original.id !== material.id) {
        const key = `${original.id} ${material.id}`;
        const known = standIns.get(key) ?? { asked: original, instead: material, trays: [] };
        standIns.set(key, { ...known, trays: [...new Set([...known.trays, name])] });
      }
      if (one.holding || one.mixed) continue;
      const known = wanted.get(material.id) ?? { uses: [], trays: [] };
      wanted.set(material.id, {
        uses: [...known.uses, demandOf(tray, one, material)],
        trays: [...new Set([...known.trays, name])],
      });
    }
  }
  /** The quantity of a thing that trays take from the cupboard, by itself or mixed into something else. */
  const promised = (material: Material) => {
    const rows = new Set<string>(holdings.filter((one) => one.material === material.id).map((one) => one.id));
    const uses = trays.flatMap(({ tray }) =>
      tray.allotted.flatMap((one) => {
        const purpose = materials.get(one.material);
        return drawnFrom(one).flatMap(({ holding, quantity }) =>
          purpose && rows.has(holding) ? [demandOf(tray, { ...one, quantity }, purpose)] : [],
        );
      }),
    );
    return neededFor(uses, tracks);
  };
  const lines = [...wanted].flatMap(([id, { uses, trays: names }]): ShoppingLine[] => {
    const material = materials.get(id);
    if (!material) return [];
    const needed = neededFor(uses, tracks);
    const there = holdings.filter((one) => one.material === id).reduce((sum, one) => sum + one.quantity, 0);
    const have = Math.min(needed, Math.max(0, there - promised(material)));
    const get = needed - have;
    if (get <= 0) return [];
    const count = material.pack ? Math.ceil(get / material.pack.quantity - 1e-9) : 0;
    return [
      {
        material,
        needed,
        have,
        get,
        ...(material.pack
          ? {
              packs: {
                count,
                cents: count * material.pack.cents,
                leftOver: count * material.pack.quantity - get,
              },
            }
          : {}),
        trays: names,
      },
    ];
  });
  return {
    lines: lines.sort((a, b) => a.material.name.localeCompare(b.material.name)),
    standIns: [...standIns.values()],
    cents: lines.reduce((sum, line) => sum + (line.packs?.cents ?? 0), 0),
  };
}
