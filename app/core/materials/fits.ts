import type { Fit, Material, Need, Rung } from "../model";
import { meet } from "../setup";
import { measuredPiece, type Option, type Stock } from "./options";

/** A need with the ways in which it can be served. */
export interface Served {
  need: Need;
  options: Option[];
}

/** The thing as it is here: measured, where it was. */
export const asMeasured = (stock: Pick<Stock, "material" | "holding" | "measured">): Material => {
  const piece = measuredPiece(stock);
  return piece ? { ...stock.material, piece } : stock.material;
};

function suits(fit: Fit, a: Option, b: Option, stock: ReadonlyMap<string, Stock>): boolean {
  const [of, into] = [stock.get(a.stock), stock.get(b.stock)];
  if (!of || !into) return true;
  const meeting = meet(
    fit.how,
    { material: asMeasured(of), quantity: a.quantity },
    { material: asMeasured(into), quantity: b.quantity },
  );
  return meeting?.ok ?? true;
}

/**
 * Keeps only ways that go together: of two needs that have to fit (a bead on a lace, a disc in a slot, a jug
 * into a glass) every way left for the one suits every way left for the other. Where a size is not known it is
 * taken to suit. Gives the fit that nothing here can meet instead, if there is one.
 */
export function fittingWays(
  fits: readonly Fit[],
  ways: readonly Served[],
  stock: ReadonlyMap<string, Stock>,
): { ways: Served[] } | { unfit: Fit } {
  let so = ways.map((one) => ({ ...one }));
  for (const fit of fits) {
    const a = so.find((one) => one.need.id === fit.a);
    const b = so.find((one) => one.need.id === fit.b);
    if (!a || !b) continue;
    const left = a.options.filter((one) => b.options.some((other) => suits(fit, one, other, stock)));
    const [best] = left;
    if (!best) return { unfit: fit };
    const partners = b.options.filter((other) => suits(fit, best, other, stock));
    const together = left.filter((one) => partners.every((other) => suits(fit, one, other, stock)));
    so = so.map((one) => {
      if (one.need.id === fit.a) return { ...one, options: together };
      return one.need.id === fit.b ? { ...one, options: partners } : one;
    });
  }
  return { ways: so };
}

/** Play in mm between one piece of each. */
const playOf = (how: Fit["how"], a: Material, b: Material): number | undefined =>
  meet(how, { material: a, quantity: 1 }, { material: b, quantity: 1 })?.playMm;

/** A pair that has less than this share of its usual play takes one step more of skill. Our judgement. */
const TIGHT_SHARE = 0.5;

/** The pair of a rung that fits here, but clearly tighter than the things it is thought for; undefined where none does. */
export function tightFit(
  rung: Pick<Rung, "fits" | "materials">,
  ways: readonly Served[],
  stock: ReadonlyMap<string, Stock>,
  materials: ReadonlyMap<string, Material>,
): { fit: Fit; playMm: number; usualMm: number } | undefined {
  const usualThing = (id: string) => {
    const need = rung.materials.find((one) => one.id === id);
    return need && materials.get(need.material);
  };
  for (const fit of rung.fits) {
    const [a, b] = [usualThing(fit.a), usualThing(fit.b)];
    const usualMm = a && b && playOf(fit.how, a, b);
    if (usualMm === undefined || usualMm <= 0) continue;
    const things = (id: string) =>
      ways.find((one) => one.need.id === id)?.options.flatMap((one) => stock.get(one.stock) ?? []) ?? [];
    const plays = things(fit.a).flatMap((of) =>
      things(fit.b).flatMap((into) => playOf(fit.how, asMeasured(of), asMeasured(into)) ?? []),
    );
    const most = Math.max(...plays);
    if (plays.length > 0 && most < usualMm * TIGHT_SHARE) return { fit, playMm: most, usualMm };
  }
  return undefined;
}
