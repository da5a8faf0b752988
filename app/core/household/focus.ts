import type { AreaId, Catalogue, Focus } from "../model";
import { sameWord } from "../text";

/** Names by which a focus is recognised: those of the areas are the screen's. */
export interface FocusNames {
  areas: Readonly<Record<AreaId, string>>;
  catalogue: Pick<Catalogue, "skills" | "materials">;
}

/**
 * What is meant by a word or two: an area, a skill or a material by its name, and otherwise a theme,
 * which is an interest in the child's own word.
 */
export function focusFrom(
  text: string,
  { areas, catalogue }: FocusNames,
): Pick<Focus, "kind" | "on"> | undefined {
  const wanted = text.trim();
  if (wanted === "") return undefined;
  const area = (Object.entries(areas) as [AreaId, string][]).find(([, name]) => sameWord(name, wanted));
  if (area) return { kind: "area", on: area[0] };
  const skill = catalogue.skills.find((one) => sameWord(one.name, wanted));
  if (skill) return { kind: "skill", on: skill.id };
  const material = catalogue.materials.find((one) => sameWord(one.name.split(/,| with /)[0] ?? "", wanted));
  if (material) return { kind: "material", on: material.id };
  return { kind: "theme", on: wanted };
}
