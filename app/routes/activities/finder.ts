import MiniSearch from "minisearch";
import type { Catalogue } from "../../core/model";

/** Finds activities by words; gives their ids, the best first. */
export type Finder = (words: string) => string[];

const FIELDS = ["name", "invitation", "rungs", "materials", "also", "skills", "interests", "family", "area"];

/** "Pouring", "pours" and "poured" are looked for as "pour". Short words stay as they are. */
const stem = (term: string): string => {
  const word = term.toLowerCase();
  return word.length > 5 ? word.replace(/(ing|ed|es|s)$/, "") : word.replace(/(?<=\w{3})s$/, "");
};

/** An index over everything a parent may call an activity by; small slips of the finger are forgiven. */
export function finderFor(catalogue: Catalogue): Finder {
  const materials = new Map(catalogue.materials.map((one) => [one.id, one.name]));
  const others = new Map(catalogue.materials.map((one) => [one.id, one.also.join(" ")]));
  const skills = new Map(catalogue.skills.map((one) => [one.id, one.name]));
  const named = (ids: readonly string[], names: ReadonlyMap<string, string>) =>
    [...new Set(ids)].map((id) => names.get(id) ?? "").join(" ");
  const index = new MiniSearch({
    fields: FIELDS,
    processTerm: stem,
    searchOptions: {
      boost: { name: 4, materials: 2, rungs: 2, interests: 2, also: 0.5 },
      prefix: (term) => term.length > 1,
      fuzzy: (term) => (term.length > 3 ? 0.2 : false),
      combineWith: "AND",
    },
  });
  index.addAll(
    catalogue.activities.map((activity) => ({
      id: activity.id,
      name: activity.name,
      invitation: activity.invitation,
      rungs: activity.rungs.map((rung) => rung.title).join(" "),
      materials: named(
        activity.rungs.flatMap((rung) => rung.materials.map((need) => need.material)),
        materials,
      ),
      also: named(
        activity.rungs.flatMap((rung) => rung.materials.map((need) => need.material)),
        others,
      ),
      skills: named(
        activity.rungs.flatMap((rung) => rung.grows),
        skills,
      ),
      interests: activity.interests.join(" "),
      family: activity.family,
      area: activity.area,
    })),
  );
  return (words) => index.search(words).map((result) => String(result.id));
}
