import type { Issue, Rung } from "../model";
import type { Known } from "./checkActivity";

/** So much water is there to put things into, in ml, where there is a basin for it. */
const DEEP_FROM_ML = 300;

/** What would be spoiled by the water that it is played with: paper and card in a basin. */
export function soakedThings(rung: Rung, path: string, known: Pick<Known, "materials">): Issue[] {
  const has = (id: string, least = 0) =>
    rung.materials.some((need) => need.material === id && need.quantity >= least);
  if (!has("water", DEEP_FROM_ML) || !has("basin")) return [];
  return rung.materials.flatMap((need): Issue[] => {
    const material = known.materials.get(need.material);
    return need.loose && material?.inWater === "soaks"
      ? [{ code: "soaked", path: `${path}/use`, message: `${material.name} does not outlast the water.` }]
      : [];
  });
}
