import type { Activity, AreaId, Catalogue, Focus, Household, PlainDate, Rung } from "../model";
import { sameWord } from "../text";
import type { Situation } from "./situation";

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
  if (/^\d{1,2}$/.test(wanted)) return { kind: "number", on: wanted };
  if (/^\p{L}$/u.test(wanted)) return { kind: "letter", on: wanted.toUpperCase() };
  return { kind: "theme", on: wanted };
}

/** The focuses that hold on a day. */
export const focusesOn = ({ focuses }: Pick<Household, "focuses">, on: PlainDate): Focus[] =>
  focuses.filter(({ until }) => until === undefined || until >= on);

/** Is it served by what a frame is filled with? */
export const isFillingFocus = ({ kind }: Pick<Focus, "kind">): boolean =>
  kind === "letter" || kind === "number";

/** What a filling with a letter or a number asks of a child. */
function skillOfFilling({ kind, on }: Pick<Focus, "kind" | "on">): string | undefined {
  if (kind === "letter") return "letters";
  if (kind !== "number") return undefined;
  const count = Number(on);
  return count <= 3 ? "counts-small" : count <= 5 ? "counts-five" : "counts-ten";
}

/** So likely at least it is alone where a filling says something to a child: with help it is a start. */
const LEAST_CHANCE = 0.15;

/** Does a filling say something to these children yet? At two a number 4 is nothing but a shape. */
export const isReadyFor = (
  { readiness }: Pick<Situation, "readiness">,
  focus: Pick<Focus, "kind" | "on">,
  children: readonly string[],
): boolean => {
  const skill = skillOfFilling(focus);
  if (skill === undefined) return true;
  // A child of whom nothing is known counts as one to whom the filling says nothing yet.
  return children.every((child) => (readiness.get(child)?.skill(skill)?.chance ?? 0) >= LEAST_CHANCE);
};

/** Does a rung serve a focus for these children: is it of its area, grows its skill, is made from its material, can be dressed in it? */
export function servesFocus(
  s: Pick<Situation, "readiness">,
  focus: Pick<Focus, "kind" | "on">,
  activity: Activity,
  rung: Rung,
  children: readonly string[],
): boolean {
  const { kind, on } = focus;
  switch (kind) {
    case "area":
      return activity.area === on;
    case "skill":
      return rung.grows.some((skill) => skill === on);
    case "material":
      return rung.materials.some((need) => need.material === on);
    case "theme":
      return activity.interests.some((one) => sameWord(one, on));
    case "letter":
    case "number":
      return (activity.fills?.includes(kind) ?? false) && isReadyFor(s, focus, children);
  }
}
