import type { Material, Need, NeedId, Rung } from "../model";
import { fittingWays, type Served } from "./fits";
import { materialName } from "./materialName";
import { missingNeeds, optionsFor, type Stock } from "./options";

/** What a rung can be made from: the things of the home, and money for what is not there. */
export interface Supply {
  materials: ReadonlyMap<string, Material>;
  stock: readonly Stock[];
  /** Money for small purchases, in cents. */
  cents: number;
}

/**
 * The ways to serve the needs of a rung, whoever it is for; or what is missing, or the two things, by name, that do not fit.
 * What may stay away does so where nothing serves it, or where it does not go together with the rest.
 */
export function waysFor(
  { materials, stock, cents }: Supply,
  byKey: ReadonlyMap<string, Stock>,
  rung: Rung,
): { ways: Served[] } | { missing: string[] } | { unfit: { a: string; b: string } } {
  const missing = missingNeeds(rung.materials, materials, stock, cents);
  if (missing.length > 0) return { missing: missing.map((need) => need.material) };
  const ways = rung.materials
    .map((need: Need) => ({ need, options: optionsFor(need, materials, stock, cents) }))
    .filter(({ need, options }) => !need.spare || options.length > 0);
  const fitting = fittingTogether(rung.fits, ways, byKey);
  if ("ways" in fitting) return fitting;
  const name = (need: NeedId) =>
    materialName(materials, rung.materials.find((one) => one.id === need)?.material ?? need);
  return { unfit: { a: name(fitting.unfit.a), b: name(fitting.unfit.b) } };
}

/** The ways that go together, without what may stay away where it is in the way of that. */
function fittingTogether(
  fits: Rung["fits"],
  ways: readonly Served[],
  byKey: ReadonlyMap<string, Stock>,
): ReturnType<typeof fittingWays> {
  const fitting = fittingWays(fits, ways, byKey);
  if ("ways" in fitting) return fitting;
  const { a, b } = fitting.unfit;
  const inTheWay = ways.find(({ need }) => need.spare && (need.id === a || need.id === b));
  return inTheWay
    ? fittingTogether(
        fits,
        ways.filter((one) => one !== inTheWay),
        byKey,
      )
    : fitting;
}

/** The same supply with the usual things for what is missing, so that it can be judged what they would do. */
export function withUsual(supply: Supply, rung: Rung): Supply {
  const missing = missingNeeds(rung.materials, supply.materials, supply.stock, supply.cents);
  const usual = [...new Set(missing.map((need) => need.material))].flatMap((id): Stock[] => {
    const material = supply.materials.get(id);
    // Whatever is there of it is used first, and is judged as it was measured.
    const measured = supply.stock.find((one) => one.material.id === id && one.holding?.measured)?.holding
      ?.measured;
    // As what is bought: it serves for itself only, and is no stand-in for something else.
    return material
      ? [
          {
            key: `usual ${id}`,
            material,
            quantity: Number.POSITIVE_INFINITY,
            pack: { quantity: 1, cents: 0 },
            ...(measured ? { measured } : {}),
          },
        ]
      : [];
  });
  return usual.length === 0 ? supply : { ...supply, stock: [...supply.stock, ...usual] };
}
