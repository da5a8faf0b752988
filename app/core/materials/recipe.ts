import type { Material, Recipe } from "../model";

/** A recipe for so much: the parts scaled, in kitchen measures. */
export interface Mixed {
  times: number;
  parts: Recipe["parts"];
}

/** It comes from the tap: nobody counts it. */
export const isFromTap = (material: string | undefined): boolean => material === "water";

/** The recipe scaled to a quantity in the material's unit; what is counted in pieces is rounded up. */
export function scaledRecipe(material: Pick<Material, "recipe">, quantity: number): Mixed | undefined {
  if (!material.recipe || quantity <= 0) return undefined;
  const times = quantity / material.recipe.makes;
  return {
    times,
    parts: material.recipe.parts.map((part) => ({
      ...part,
      quantity: part.unit === "piece" ? Math.ceil(part.quantity * times - 1e-9) : part.quantity * times,
    })),
  };
}
