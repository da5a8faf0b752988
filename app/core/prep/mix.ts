import type { Material, PlainDate } from "../model";
import { kitchenText, type Units } from "../units";
import { distinct, type Known, type PrepTray } from "./lines";
import type { UntimedLine } from "./minutes";

/** A recipe for so much: the parts scaled, in kitchen measures. */
export interface Mixed {
  times: number;
  parts: { name: string; quantity: number; unit: "ml" | "g" | "piece" }[];
}

/** The recipe scaled to a quantity in the material's unit; what is counted in pieces is rounded up. */
export function scaledRecipe(material: Material, quantity: number): Mixed | undefined {
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

export const partsText = (mixed: Mixed, units: Units): string =>
  mixed.parts.map((part) => `${kitchenText(part.quantity, part.unit, units)} ${part.name}`).join(", ");

/** Some is there and good to the day: then nothing has to be mixed. */
const isReady = (material: Material, known: Known, quantity: number, from: PlainDate): boolean =>
  [...known.holdings.values()].some(
    (one) =>
      one.material === material.id &&
      one.useBy !== undefined &&
      one.useBy >= from &&
      one.quantity >= quantity,
  );

/** What has to be mixed or made ready for trays that are set out anew, once for all of them. */
export function mixLines(trays: readonly PrepTray[], known: Known): UntimedLine[] {
  const wanted = new Map<string, { quantity: number; trays: string[] }>();
  for (const { tray, activity, stays } of trays) {
    if (stays) continue;
    for (const one of tray.allotted) {
      if (!known.materials.get(one.material)?.recipe) continue;
      const before = wanted.get(one.material) ?? { quantity: 0, trays: [] };
      wanted.set(one.material, {
        quantity: before.quantity + one.quantity,
        trays: [...before.trays, activity.name],
      });
    }
  }
  return [...wanted].flatMap(([id, { quantity, trays: names }]): UntimedLine[] => {
    const material = known.materials.get(id);
    const mixed = material && scaledRecipe(material, quantity);
    if (!material?.recipe || !mixed || isReady(material, known, quantity, known.from)) return [];
    const { makes, how, keepsDays, standsHours, minutes } = material.recipe;
    const unit = material.unit === "piece" ? "" : ` ${material.unit}`;
    const stands = standsHours > 0 ? ` It stands ${standsHours} h first.` : "";
    return [
      {
        id: `mix ${id}`,
        step: "mix",
        material: id,
        quantity,
        unit: material.unit,
        text: `${material.name}, unless some is fresh: ${partsText(mixed, known.units)}. ${how}${stands}`,
        sum: `the recipe makes ${makes}${unit}; ${quantity} ÷ ${makes} = ${Math.round(mixed.times * 100) / 100} times; about ${minutes} min; keeps ${keepsDays} ${keepsDays === 1 ? "day" : "days"}`,
        trays: distinct(names),
        minutes,
        evening: keepsDays > 1,
      },
    ];
  });
}
