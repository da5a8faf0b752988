import type { Holding, Material, Season } from "../model";

/** Things that lie about outdoors in a season and are not here: what a walk would bring, at no cost. */
export const findsOf = (
  materials: readonly Material[],
  holdings: ReadonlyMap<string, Holding>,
  season: Season,
): Material[] =>
  materials.filter(
    (one) =>
      one.found === "outdoors" &&
      one.hazards.some((hazard) => hazard.kind === "find") &&
      (one.seasons.length === 0 || one.seasons.includes(season)) &&
      (holdings.get(one.id)?.quantity ?? 0) === 0,
  );
