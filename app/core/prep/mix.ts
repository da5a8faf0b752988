import { demandOf } from "../materials";
import type { Material, PlainDate } from "../model";
import { distinct, type Known, type PrepTray } from "./lines";
import type { UntimedLine } from "./minutes";
import { scaledRecipe } from "./recipe";

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
      const material = known.materials.get(one.material);
      if (!material?.recipe || material.recipe.orBought) continue;
      const before = wanted.get(one.material) ?? { quantity: 0, trays: [] };
      wanted.set(one.material, {
        quantity: before.quantity + demandOf(tray, one, material).quantity,
        trays: [...before.trays, activity.name],
      });
    }
  }
  return [...wanted].flatMap(([id, { quantity, trays: names }]): UntimedLine[] => {
    const material = known.materials.get(id);
    const mixed = material && scaledRecipe(material, quantity);
    if (!material?.recipe || !mixed || isReady(material, known, quantity, known.from)) return [];
    const { keepsDays, minutes } = material.recipe;
    return [
      {
        id: `mix ${id}`,
        step: "mix",
        material: id,
        quantity,
        unit: material.unit,
        task: { task: "mix", thing: material.name, mixed, recipe: material.recipe },
        trays: distinct(names),
        minutes,
        evening: keepsDays > 1,
      },
    ];
  });
}
