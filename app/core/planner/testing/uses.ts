import type { Allotment, Material, Tables } from "../../model";
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

/** What an allotment takes of which holding, or of what is bought, each time that it is set out: of what is mixed its parts. */
export function drawsFor(one: Allotment): { key: string; quantity: number; usedUp: boolean }[] {
  if (one.mixed) return one.mixed.map(({ holding, quantity }) => ({ key: holding, quantity, usedUp: true }));
  const key = one.holding ?? `buy ${one.material}`;
  return [{ key, quantity: one.quantity, usedUp: !isThereAgain(one.material, one.stays) }];
}

/** What is mixed takes what its recipe says, in so far as the cupboard counts it, and is nothing that is bought. */
export function mixingFaults(
  { holdings }: Tables,
  { holding, material: id, quantity, mixed }: Allotment,
): string[] {
  if (!mixed) return [];
  const material = materials.get(id);
  const recipe = material?.recipe;
  if (!recipe || recipe.orBought) return [`${id} is not mixed at home`];
  if (holding) return [`${id} is taken and mixed`];
  const asked = recipe.parts
    .filter(
      (part) =>
        part.material && materials.get(part.material)?.unit === part.unit && part.material !== "water",
    )
    .map((part) => {
      const exact = (part.quantity / recipe.makes) * quantity;
      return `${part.material} ${(part.unit === "piece" ? Math.ceil(exact - 1e-9) : exact).toFixed(6)}`;
    });
  const given = mixed.map(
    (one) => `${holdings.find((other) => other.id === one.holding)?.material} ${one.quantity.toFixed(6)}`,
  );
  return asked.sort().join() === given.sort().join()
    ? []
    : [`${id} is mixed from ${given}, not from ${asked}`];
}
