import type { Guide, RungScript } from "../model";

const PARTS = ["quiet", "talk", "explore", "watchFor", "mistake"] as const;

const isSame = (a: string | readonly string[], b: string | readonly string[]): boolean =>
  [a].flat().join("\n") === [b].flat().join("\n");

/**
 * What the rungs still say otherwise after the common script was changed: a part that somebody wrote anew holds for all of
 * them from then on. Undefined where nothing is left.
 */
export function rungScriptsAfter(before: Guide, now: Omit<Guide, "rungs">): Guide["rungs"] {
  const kept = PARTS.filter((part) => isSame(before[part], now[part]));
  const left = Object.entries(before.rungs ?? {}).flatMap(([rung, script]) => {
    const own: RungScript = Object.fromEntries(
      kept.flatMap((part) => (script[part] === undefined ? [] : [[part, script[part]]])),
    );
    return Object.keys(own).length > 0 ? [[rung, own] as const] : [];
  });
  return left.length > 0 ? Object.fromEntries(left) : undefined;
}
