import type { Material, MaterialId, Recipe } from "../model";

/** A recipe for so much: the parts scaled, in kitchen measures. */
export interface Mixed {
  times: number;
  parts: Recipe["parts"];
}

/** It comes from the tap: nobody counts it. */
export const isFromTap = (material: MaterialId | undefined): boolean => material === "water";

/** Does the cupboard count this part of a recipe, in the measure of the recipe? A spoon of oil or sugar is no thing of it. */
export const isCounted = <Part extends Recipe["parts"][number]>(
  part: Part,
  materials: ReadonlyMap<string, Pick<Material, "unit">>,
): part is Part & { material: MaterialId } =>
  part.material !== undefined && materials.get(part.material)?.unit === part.unit;

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
