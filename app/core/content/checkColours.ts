import type { Issue, Rung } from "../model";
import type { Known } from "./checkActivity";

const NUMBERS = ["two", "three", "four", "five", "six"];

/** How many colours a title speaks of: "two colours" 2, "each in its colour" 2, "one colour" and none at all 1. */
export function coloursAsked(title: string): number {
  const said = title.toLowerCase();
  if (!/\bcolour/.test(said) || /\b(?:one|no) colour/.test(said)) return 1;
  const number = /\b(\w+) colours\b/.exec(said)?.[1] ?? "";
  return NUMBERS.includes(number) ? NUMBERS.indexOf(number) + 2 : 2;
}

/** A rung that plays with more colours than any of its things has in a usual home. */
export function missingColours(rung: Rung, path: string, known: Pick<Known, "materials">): Issue[] {
  const asked = coloursAsked(rung.title);
  if (asked === 1 || rung.materials.length === 0) return [];
  const most = Math.max(
    ...rung.materials.map(({ material, quantity }) => {
      const thing = known.materials.get(material);
      const colours = thing?.colours ?? 1;
      // A lump of paint may be of each of them; of pieces there are no more colours than pieces.
      return thing?.unit === "piece" || thing?.unit === "sheet" ? Math.min(colours, quantity) : colours;
    }),
  );
  return most >= asked
    ? []
    : [
        {
          code: "no-colours",
          path: `${path}/use`,
          message: `“${rung.title}” plays with ${asked} colours, and none of its things has so many.`,
        },
      ];
}
