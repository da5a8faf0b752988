import type { Unit } from "../core/model";

const NUMBER = new Intl.NumberFormat(undefined, { maximumFractionDigits: 1 });

/** "6 ×", "120 ml": a quantity with its unit, in the reader's own number format. */
export const amountText = (quantity: number, unit: Unit): string =>
  unit === "piece"
    ? `${NUMBER.format(quantity)} ×`
    : `${NUMBER.format(quantity)} ${unit === "sheet" ? (quantity === 1 ? "sheet" : "sheets") : unit}`;
