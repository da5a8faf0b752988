import type { Material } from "../core/model";
import { amountText, type Units } from "../core/units";

/** "3 × small bowl", "1 × sheet of dark card", "30 ml tap water": so much of a thing. Names of papers say "sheet" themselves. */
export const thingText = (
  quantity: number,
  { name, unit }: Pick<Material, "name" | "unit">,
  units: Units,
): string => `${amountText(quantity, unit === "sheet" ? "piece" : unit, units)} ${name}`;
