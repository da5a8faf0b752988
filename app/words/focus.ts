import type { AreaId, Catalogue, Focus, FocusWeight } from "../core/model";
import type { FocusBarrier, FocusOutcome } from "../core/planner";
import { AREA_NAMES } from "./areas";

const isArea = (text: string): text is AreaId => text in AREA_NAMES;

/** The focus in words, as it can be typed. */
export function focusText(
  focus: Pick<Focus, "kind" | "on">,
  catalogue: Pick<Catalogue, "skills" | "materials">,
): string {
  switch (focus.kind) {
    case "area":
      return isArea(focus.on) ? AREA_NAMES[focus.on] : focus.on;
    case "skill":
      return catalogue.skills.find((one) => one.id === focus.on)?.name ?? focus.on;
    case "material":
      return catalogue.materials.find((one) => one.id === focus.on)?.name ?? focus.on;
    case "theme":
    case "letter":
    case "number":
      return focus.on;
  }
}

/** How much a focus weighs, on its control. */
export const FOCUS_WEIGHTS: Record<FocusWeight, string> = {
  little: "a little",
  half: "half the shelf",
  whole: "the whole shelf",
};

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** Why those that can't come can't, each with its number. */
const BARRED_TEXTS: Record<FocusBarrier, (n: number) => string> = {
  missing: (n) => `${count(n, "lacks", "lack")} things`,
  place: (n) => `${count(n, "has", "have")} no place here`,
  unsafe: (n) => `${count(n, "is", "are")} not safe here`,
  "put-off": (n) => `${count(n, "rests", "rest")} or ${n === 1 ? "was" : "were"} put off`,
  age: (n) => `${count(n, "is", "are")} too early or outgrown`,
};

/** What became of a focus, in numbers: what it has of the shelf, what could come, and what stands in the way. */
export function outcomeText(
  { focus, wanted, inPlan, serve, could, barred, purchase }: FocusOutcome,
  catalogue: Pick<Catalogue, "skills" | "materials">,
): string {
  const name = focusText(focus, catalogue);
  const weight = focus.weight === "little" ? "" : `, ${FOCUS_WEIGHTS[focus.weight]}`;
  if (serve === 0) return `${name}${weight}: nothing here serves it. Try a word near it.`;
  const has = `${name}${weight}: ${inPlan}${wanted > 0 ? ` of ${wanted}` : ""} in this plan.`;
  if (wanted > 0 ? inPlan >= wanted : inPlan > 0) return has;
  const reasons = Object.entries(BARRED_TEXTS).flatMap(([kind, text]) => {
    const n = barred[kind as FocusBarrier];
    return n > 0 ? [text(n)] : [];
  });
  const thing = purchase && catalogue.materials.find((one) => one.id === purchase.material)?.name;
  const ways = [
    `${count(serve, "activity serves", "activities serve")} it, ${could} could come`,
    ...(reasons.length > 0 ? [reasons.join(", ")] : []),
    ...(purchase && thing ? [`with ${thing} ${purchase.more} more`] : []),
  ];
  return `${has} ${ways.join("; ")}.`;
}
