import type { Household, PieceShape, Unit } from "../model";

export type Units = Household["units"];

export const MM_PER_INCH = 25.4;
export const ML_PER_FLUID_OUNCE = 29.5735295625;
export const GRAMS_PER_OUNCE = 28.349523125;

const ONE_PLACE = new Intl.NumberFormat(undefined, { maximumFractionDigits: 1 });
const TWO_PLACES = new Intl.NumberFormat(undefined, { maximumFractionDigits: 2 });

const US: Partial<Record<Unit, { per: number; name: string }>> = {
  cm: { per: MM_PER_INCH / 10, name: "in" },
  ml: { per: ML_PER_FLUID_OUNCE, name: "fl oz" },
  g: { per: GRAMS_PER_OUNCE, name: "oz" },
};

/** "6 ×", "120 ml", "4.1 fl oz": a quantity with its unit, as the household measures. */
export function amountText(quantity: number, unit: Unit, units: Units): string {
  if (unit === "piece") return `${ONE_PLACE.format(quantity)} ×`;
  if (unit === "sheet") return `${ONE_PLACE.format(quantity)} ${quantity === 1 ? "sheet" : "sheets"}`;
  const us = units === "us" ? US[unit] : undefined;
  return us ? `${ONE_PLACE.format(quantity / us.per)} ${us.name}` : `${ONE_PLACE.format(quantity)} ${unit}`;
}

/** "50 mm" or "1.97 in": one length. */
export const lengthText = (mm: number, units: Units): string =>
  units === "us" ? `${TWO_PLACES.format(mm / MM_PER_INCH)} in` : `${ONE_PLACE.format(mm)} mm`;

/** "52 × 8 mm" or "2.05 × 0.31 in": the sizes of a piece. */
export const sizeText = (piece: PieceShape, units: Units): string =>
  units === "us"
    ? `${piece.mm.map((mm) => TWO_PLACES.format(mm / MM_PER_INCH)).join(" × ")} in`
    : `${piece.mm.map((mm) => ONE_PLACE.format(mm)).join(" × ")} mm`;
