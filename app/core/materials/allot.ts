import type { Allotment, Need } from "../model";
import type { Option, Stock } from "./options";

/** What an option puts on a tray: from a holding, mixed from several, or (with neither) what has to be bought. */
export function allotmentOf(need: Need, option: Option, stock: ReadonlyMap<string, Stock>): Allotment {
  const { quantity, parts } = option;
  const from = stock.get(option.stock);
  if (!from) throw new Error(`There is no stock "${option.stock}".`);
  const mixed = parts?.flatMap((part) => {
    const holding = stock.get(part.stock)?.holding;
    return holding ? [{ holding: holding.id, quantity: part.quantity }] : [];
  });
  return {
    need: need.id,
    material: from.material.id,
    ...(from.holding ? { holding: from.holding.id } : {}),
    quantity,
    ...(mixed ? { mixed } : {}),
    ...(need.stays ? { stays: true as const } : {}),
  };
}
