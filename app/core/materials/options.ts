import { countOf, pushTo } from "../collections";
import type { Catalogue, Holding, Material, Need, PieceShape, PlainDate, SiteId } from "../model";
import { scaledRecipe } from "./recipe";
import { howUsed, type Use } from "./taken";

/**
 * Something trays can be made from: a holding, a pack that could be bought, or what could be mixed. Quantities in the
 * material's unit.
 */
export interface Stock {
  key: string;
  material: Material;
  holding?: Holding;
  /** What is there now; 0 for what has to be bought. Of what is mixed, as much as its parts reach. */
  quantity: number;
  /** How much of it may be used up (each time), where that is less: more times follow, or later weeks want it to be there. */
  spendable?: number;
  pack?: { quantity: number; cents: number };
  /** The measure of the pieces that are here, where the usual thing makes up the number that is missing. */
  measured?: PieceShape;
  /** Where it is not there, but can be mixed: the stock of each material that it is mixed from. */
  mixedFrom?: ReadonlyMap<string, Stock>;
}

/** The piece as it is measured here; undefined where nobody measured it. */
export const measuredPiece = ({ holding, measured }: Pick<Stock, "holding" | "measured">) =>
  holding?.measured ?? measured;

/** One way to serve a need: which stock, how much of it, and how well it serves. */
export interface Option {
  stock: string;
  quantity: number;
  /** 1: the thing itself; less for a stand-in. */
  serves: number;
  /** Is it there again afterwards? */
  use: Use;
  /** Where it is mixed: what that takes of other stock, instead of its own. */
  parts?: readonly Draw[];
}

/** So much of a stock. */
export interface Draw {
  stock: string;
  quantity: number;
}

/** What an option takes: of its own stock, or of that of its parts. */
export const drawsOf = (option: Option): readonly Draw[] => option.parts ?? [option];

export const materialIndex = (catalogue: Pick<Catalogue, "materials">): ReadonlyMap<string, Material> =>
  new Map(catalogue.materials.map((material) => [material.id, material]));

/**
 * Is it there for a rotation from a day to the day before `to`? A borrowed thing has to be there to the end, what
 * spoils has to be good on the day it is set out.
 */
export const isThere = (holding: Holding, from: PlainDate, to: PlainDate): boolean =>
  (holding.dueBack === undefined || holding.dueBack >= to) &&
  (holding.useBy === undefined || holding.useBy >= from);

/** The stock that is there for a rotation; what is mixed is put to it by `withMixed`. */
export const stockBetween = (stock: readonly Stock[], from: PlainDate, to: PlainDate): readonly Stock[] => {
  const there = stock.filter((one) => !one.holding || isThere(one.holding, from, to));
  return there.length === stock.length ? stock : there;
};

/** Everything the household has at a site, and, with money to spend, what could be bought. */
export function stockOf(
  materials: ReadonlyMap<string, Material>,
  holdings: readonly Holding[],
  site: SiteId,
  cents: number,
): Stock[] {
  const have = holdings
    .filter((holding) => holding.site === site && holding.quantity > 0)
    .flatMap((holding): Stock[] => {
      const material = materials.get(holding.material);
      return material ? [{ key: holding.id, material, holding, quantity: holding.quantity }] : [];
    });
  const toBuy = [...materials.values()].flatMap((material): Stock[] =>
    material.pack && material.pack.cents <= cents
      ? [{ key: `buy ${material.id}`, material, quantity: 0, pack: material.pack }]
      : [],
  );
  return [...have, ...toBuy];
}

const howTaken = (need: Need, { material, mixedFrom }: Stock): Use =>
  howUsed({ stays: need.stays, mixed: mixedFrom && [] }, material);

const most = (stock: Stock, cents: number, use: Use) =>
  (use === "kept" ? stock.quantity : (stock.spendable ?? stock.quantity)) +
  (stock.pack ? Math.floor(cents / Math.max(1, stock.pack.cents)) * stock.pack.quantity : 0);

/** One way to serve a need from one stock. */
function optionFrom(need: Need, stock: Stock, serves: number): Option {
  const { key, material, mixedFrom } = stock;
  const option = { stock: key, quantity: need.quantity, serves, use: howTaken(need, stock) };
  if (!mixedFrom) return option;
  const parts = scaledRecipe(material, need.quantity)?.parts ?? [];
  return {
    ...option,
    parts: parts.flatMap(({ material: id, quantity }): Draw[] => {
      const from = id === undefined ? undefined : mixedFrom.get(id);
      return from ? [{ stock: from.key, quantity }] : [];
    }),
  };
}

const stockByMaterial = new WeakMap<readonly Stock[], ReadonlyMap<string, readonly Stock[]>>();

/** The stock of each material, found once for a list of stock that does not change. */
function indexed(stock: readonly Stock[]): ReadonlyMap<string, readonly Stock[]> {
  const known = stockByMaterial.get(stock);
  if (known) return known;
  const made = new Map<string, Stock[]>();
  for (const one of stock) pushTo(made, one.material.id, one);
  stockByMaterial.set(stock, made);
  return made;
}

/**
 * The ways to serve a need from the stock, the thing itself first, then stand-ins by how well
 * they serve. Nothing is mixed where something that is there serves. Empty where nothing serves: the need's material is then
 * what is missing.
 */
export function optionsFor(
  need: Need,
  materials: ReadonlyMap<string, Material>,
  stock: readonly Stock[],
  cents: number,
): Option[] {
  const serves = new Map<string, number>([[need.material, 1]]);
  for (const standIn of materials.get(need.material)?.standIns ?? []) {
    if (!serves.has(standIn.material)) serves.set(standIn.material, standIn.serves);
  }
  const byMaterial = indexed(stock);
  const able = [...serves.keys()]
    .flatMap((id) => byMaterial.get(id) ?? [])
    .filter((one) => most(one, cents, howTaken(need, one)) >= need.quantity)
    .filter((one) => !(one.pack || one.mixedFrom) || serves.get(one.material.id) === 1);
  const there = able.filter((one) => !one.mixedFrom);
  return (there.length > 0 ? there : able)
    .map((one) => optionFrom(need, one, countOf(serves, one.material.id)))
    .sort((a, b) => b.serves - a.serves || (a.stock < b.stock ? -1 : 1));
}

/** The needs of a rung that nothing in the stock can serve by itself; what may stay away is not missed. */
export const missingNeeds = (
  needs: readonly Need[],
  materials: ReadonlyMap<string, Material>,
  stock: readonly Stock[],
  cents: number,
): Need[] => needs.filter((need) => !need.spare && optionsFor(need, materials, stock, cents).length === 0);
