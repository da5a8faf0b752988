import type { Issue, Material } from "../model";
import { allergenGroupsIn, allergenName } from "../safety";

/** The allergen groups of a thing as its hazards name them. */
const namedBy = ({ hazards }: Pick<Material, "hazards">): string[] =>
  hazards.flatMap((hazard) => (hazard.kind === "allergen" ? allergenGroupsIn(hazard.allergen) : []));

/** Mixtures that do not name every allergen of their parts: whoever reacts to a part reacts to the whole. */
export function mixturesNamingTooFew(materials: readonly Material[]): Issue[] {
  const byId = new Map<string, Material>(materials.map((one) => [one.id, one]));
  return materials.flatMap((mixture) => {
    const named = new Set(namedBy(mixture));
    const parts = mixture.recipe?.parts ?? [];
    const lacking = parts.flatMap((part) => {
      const known = part.material ? byId.get(part.material) : undefined;
      const groups = new Set([...allergenGroupsIn(part.name), ...(known ? namedBy(known) : [])]);
      return [...groups].filter((group) => !named.has(group)).map((group) => ({ part: part.name, group }));
    });
    return lacking.map(
      ({ part, group }): Issue => ({
        code: "allergen-of-part",
        path: `materials/${mixture.id}/hazards`,
        message: `${mixture.name} is mixed with ${part}: it has to name the allergen ${allergenName(group)} (${group}).`,
      }),
    );
  });
}
