import { distinct } from "../collections";
import { howUsed, mixingMinutes, scaledRecipe, timesOut } from "../materials";
import type { Material } from "../model";
import type { Known, PrepTray } from "./lines";
import type { UntimedLine } from "./minutes";
import { isGoodOn, type Ready } from "./ready";

interface Wanted {
  material: Material;
  quantity: number;
  trays: string[];
  /** So often in the rotation, where it does not keep from one time to the next. */
  times?: number;
}

/** How much of what is to be mixed: once for all trays, or for each time of one that comes by moments and does not keep. */
function wantedMixes(
  trays: readonly PrepTray[],
  { materials, holdings, from }: Known,
  ready: Ready,
): Map<string, Wanted> {
  const wanted = new Map<string, Wanted>();
  for (const { tray, activity, stays } of trays) {
    for (const one of tray.allotted) {
      const material = materials.get(one.material);
      if (!material || mixingMinutes(material) === 0) continue;
      const isEachTime = tray.when !== undefined && howUsed(one, material) === "each-time";
      if (stays && !isEachTime) continue;
      const made = one.mixed ? ready.get(one.material) : one.holding && holdings.get(one.holding);
      if (!isEachTime && made && isGoodOn(made, from) && made.quantity >= one.quantity) continue;
      const key = isEachTime ? `${one.material} ${tray.id}` : one.material;
      const before = wanted.get(key) ?? { material, quantity: 0, trays: [] };
      wanted.set(key, {
        ...before,
        quantity: before.quantity + one.quantity,
        trays: [...before.trays, activity.name],
        ...(isEachTime ? { times: timesOut(tray) } : {}),
      });
    }
  }
  return wanted;
}

/** What has to be mixed or made ready for trays that are set out anew, once for all of them, or anew for each time. */
export function mixLines(trays: readonly PrepTray[], known: Known, ready: Ready): UntimedLine[] {
  return [...wantedMixes(trays, known, ready)].flatMap(
    ([key, { material, quantity, trays: names, times }]) => {
      const mixed = scaledRecipe(material, quantity);
      if (!material.recipe || !mixed) return [];
      const { keepsDays, minutes } = material.recipe;
      return [
        {
          id: `mix ${key}`,
          step: "mix" as const,
          material: material.id,
          quantity,
          unit: material.unit,
          task: { task: "mix" as const, thing: material.name, mixed, recipe: material.recipe },
          trays: distinct(names),
          minutes: minutes * (times ?? 1),
          evening: !times && keepsDays > 1,
          ...(times ? { times } : {}),
        },
      ];
    },
  );
}
