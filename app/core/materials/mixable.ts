import type { Material } from "../model";
import type { Stock } from "./options";
import { isCounted, isFromTap, scaledRecipe } from "./recipe";
import { mixingMinutes } from "./taken";

/** The holding of each material of which there is most. */
function largestOf(stock: readonly Stock[]): ReadonlyMap<string, Stock> {
  const largest = new Map<string, Stock>();
  for (const one of stock) {
    const before = largest.get(one.material.id);
    if (one.holding && (!before || before.quantity < one.quantity)) largest.set(one.material.id, one);
  }
  return largest;
}

/** The parts of so much of a thing that is mixed at home, as far as the cupboard counts them; Prepare names the others. */
const countedParts = (
  { recipe }: Pick<Material, "recipe">,
  quantity: number,
  materials: ReadonlyMap<string, Material>,
) =>
  mixingMinutes({ recipe }) === 0
    ? []
    : (scaledRecipe({ recipe }, quantity)?.parts ?? []).filter((part) => isCounted(part, materials));

/** The parts, by name, for want of which so much of a thing can't be mixed; none of what is not mixed at home. */
export function lackingParts(
  material: Material,
  quantity: number,
  materials: ReadonlyMap<string, Material>,
  stock: readonly Stock[],
): string[] {
  const largest = largestOf(stock);
  return countedParts(material, quantity, materials)
    .filter(
      (part) => !isFromTap(part.material) && (largest.get(part.material)?.quantity ?? 0) < part.quantity,
    )
    .map((part) => part.name);
}

/** A thing as it could be mixed from the stock; undefined where it is not mixed at home, or a part of it is not there. */
function mixable(
  material: Material,
  materials: ReadonlyMap<string, Material>,
  largest: ReadonlyMap<string, Stock>,
): Stock | undefined {
  const makes = material.recipe?.makes ?? 0;
  const counted = countedParts(material, makes, materials);
  if (counted.length === 0) return undefined;
  let quantity = Number.POSITIVE_INFINITY;
  const from = new Map<string, Stock>();
  for (const part of counted.filter((one) => !isFromTap(one.material))) {
    const stock = largest.get(part.material);
    if (!stock) return undefined;
    const there = part.unit === "piece" ? Math.floor(stock.quantity) : stock.quantity;
    quantity = Math.min(quantity, (there / part.quantity) * makes);
    from.set(part.material, stock);
  }
  return { key: `mix ${material.id}`, material, quantity, mixedFrom: from };
}

const known = new WeakMap<readonly Stock[], readonly Stock[]>();

/**
 * The stock with what can be mixed from it: each thing that is made at home, for as much as its parts reach by themselves.
 * Two that share a part take turns: see `Option.parts`.
 */
export function withMixed(
  materials: ReadonlyMap<string, Material>,
  stock: readonly Stock[],
): readonly Stock[] {
  const before = known.get(stock);
  if (before) return before;
  const largest = largestOf(stock);
  const mixed = [...materials.values()].flatMap((one) => mixable(one, materials, largest) ?? []);
  const made = mixed.length === 0 ? stock : [...stock, ...mixed];
  known.set(stock, made);
  return made;
}
