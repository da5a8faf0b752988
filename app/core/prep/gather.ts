import { distinct } from "../collections";
import { lanesOfMoments } from "../household";
import { type Demand, demandOf, howUsed, mixingMinutes, neededFor, standInChanges } from "../materials";
import type { Material, PlainDate } from "../model";
import type { Known, PrepTray } from "./lines";
import type { UntimedLine } from "./minutes";
import { isMixedOnce, type Ready } from "./ready";

const SOMEWHERE: Record<Material["found"], string> = {
  kitchen: "Kitchen",
  bathroom: "Bathroom",
  laundry: "Laundry",
  desk: "Desk",
  toys: "Toys",
  living: "Living room",
  outdoors: "Outdoors",
};

/** Materials that are taken fresh, or would be wet overnight: set out on the day. */
const isFresh = (material: Material): boolean =>
  material.use === "consumable" &&
  (material.unit === "ml" || material.hazards.some((one) => one.kind === "choking-food"));

interface Wanted {
  material: Material;
  where: string;
  parts: ({ name: string } & Demand)[];
  /** What the rung asks for, where this stands in for it. */
  asked?: Material;
  worn?: PlainDate;
}

function wantedThings(
  trays: readonly PrepTray[],
  { materials, holdings }: Known,
  ready: Ready,
): Map<string, Wanted> {
  const wanted = new Map<string, Wanted>();
  for (const { tray, rung, activity, stays } of trays) {
    for (const one of tray.allotted) {
      const material = materials.get(one.material);
      if (!material || (stays && howUsed(one, material) === "kept")) continue;
      if (stays && isMixedOnce(one, material)) continue;
      // Foam is not fetched on Monday for Friday: what does not keep is mixed before each time, from its parts.
      if (tray.when && howUsed(one, material) === "each-time" && mixingMinutes(material) > 0) continue;
      // What is mixed for the tray is not fetched, unless enough is there by now.
      const made = one.mixed && ready.get(one.material);
      if (one.mixed && !made) continue;
      const holding = made ?? (one.holding ? holdings.get(one.holding) : undefined);
      const where = holding ? holding?.where?.trim() || SOMEWHERE[material.found] : "To buy";
      const asked = rung.materials.find((need) => need.id === one.need)?.material;
      const key = `${where} ${material.id}`;
      const known = wanted.get(key) ?? { material, where, parts: [] };
      known.parts.push({ name: activity.name, ...demandOf(tray, one, material) });
      if (asked && asked !== material.id) known.asked ??= materials.get(asked);
      if (holding?.worn) known.worn = holding.worn;
      wanted.set(key, known);
    }
  }
  return wanted;
}

const inOrder = (a: Wanted, b: Wanted) =>
  a.where.localeCompare(b.where) || a.material.name.localeCompare(b.material.name);

/** Fetched once for all trays: what is needed of each thing, where it is, and for which trays. */
export function gatherLines(trays: readonly PrepTray[], known: Known, ready: Ready): UntimedLine[] {
  const tracks = lanesOfMoments(known.moments);
  return [...wantedThings(trays, known, ready)]
    .sort(([, a], [, b]) => inOrder(a, b))
    .map(([key, { material, where, parts, asked, worn }]): UntimedLine => {
      const quantity = neededFor(parts, tracks);
      return {
        id: `gather ${key}`,
        step: "gather",
        where,
        material: material.id,
        quantity,
        unit: material.unit,
        task: {
          task: "gather",
          thing: material.name,
          parts: parts.map(({ name, quantity }) => ({ tray: name, quantity })),
        },
        ...(asked ? { insteadOf: { material: asked.name, changes: standInChanges(asked, material) } } : {}),
        ...(worn ? { worn } : {}),
        trays: distinct(parts.map((part) => part.name)),
        evening: !isFresh(material),
      };
    });
}
