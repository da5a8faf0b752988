import type { Change, TrayChange } from "../core/household";
import type { Material, Need } from "../core/model";
import type { Units } from "../core/units";
import { namesText } from "./names";
import { thingText } from "./things";

export interface ChangeWords {
  materials: ReadonlyMap<string, Material>;
  units: Units;
}

/** "2 corks (drawer), 1 tongs": what goes on or off, each with where it is kept. */
export const changesOfText = (changes: readonly Change[], { materials, units }: ChangeWords): string =>
  changes
    .map(({ material, quantity, where }) => {
      const known = materials.get(material);
      const thing = thingText(quantity, known ?? { name: material, unit: "piece" }, units);
      return `${thing}${where ? ` (${where})` : ""}`;
    })
    .join(", ");

/** What setting a tray out otherwise takes: what goes on, what comes off; the same things where neither. */
export function trayChangeText(
  { more, less }: Pick<TrayChange, "more" | "less">,
  words: ChangeWords,
): string {
  const parts = [
    ...(more.length > 0 ? [`Add ${changesOfText(more, words)}`] : []),
    ...(less.length > 0
      ? [
          `${more.length > 0 ? "take" : "Take"} off ${changesOfText(
            less.map(({ where: _, ...one }) => one),
            words,
          )}`,
        ]
      : []),
  ];
  return parts.length > 0 ? `${parts.join("; ")}.` : "With the same things.";
}

/** "large pine cone and shell": what may stay away and does. */
export const awayText = (away: readonly Need[], { materials }: Pick<ChangeWords, "materials">): string =>
  namesText([...new Set(away.map((need) => need.material))].map((id) => materials.get(id)?.name ?? id));
