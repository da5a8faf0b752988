import type { Material } from "../../model";
import { FIXTURE } from "../../testing/fixtures";

/** The things of the test catalogue, and how they are used: from their definitions, not from the planner. */
export const materials = new Map<string, Material>(FIXTURE.materials.map((one) => [one.id, one]));

/** Does it lie there afterwards as it lay before? */
export const isThereAgain = (id: string, stays: boolean | undefined) =>
  stays === true || materials.get(id)?.use === "reusable";

/** Used up at once, and not mixed for some days. */
export const goesEachTime = (id: string, stays: boolean | undefined) => {
  const recipe = materials.get(id)?.recipe;
  return !isThereAgain(id, stays) && (recipe === undefined || recipe.keepsDays <= 1);
};
