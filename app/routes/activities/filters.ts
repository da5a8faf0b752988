import { AreaId, PlaceKind, SkillId } from "../../core/model";
import type { ActivityFacts } from "../../engine/queries/activityFacts";

/** What the list is narrowed to; everything is kept in the address. */
export interface Filters {
  q: string;
  fit?: "now" | "coming";
  area?: AreaId;
  family?: string;
  skill?: SkillId;
  place?: PlaceKind;
  prep?: number;
  /** Only what is all in the cupboard, stand-ins counting. */
  there: boolean;
  /** Neither wet nor messy. */
  clean: boolean;
  quiet: boolean;
}

/** The filters named in an address; anything odd counts as not given. */
export function filtersOf(search: URLSearchParams): Filters {
  const area = AreaId.safeParse(search.get("area"));
  const place = PlaceKind.safeParse(search.get("place"));
  const fit = search.get("fit");
  const prep = Number(search.get("prep") || Number.NaN);
  return {
    q: search.get("q") ?? "",
    fit: fit === "now" || fit === "coming" ? fit : undefined,
    area: area.success ? area.data : undefined,
    family: search.get("family") || undefined,
    skill: SkillId.safeParse(search.get("skill")).data,
    place: place.success ? place.data : undefined,
    prep: Number.isFinite(prep) && prep >= 0 ? prep : undefined,
    there: search.get("there") === "on",
    clean: search.get("clean") === "on",
    quiet: search.get("quiet") === "on",
  };
}

/** Does the activity pass everything but the words? */
export const passes = (facts: ActivityFacts, filters: Filters): boolean =>
  (filters.fit === undefined || (facts.word === filters.fit && facts.here !== "blocked")) &&
  (filters.area === undefined || facts.area === filters.area) &&
  (filters.family === undefined || facts.family === filters.family) &&
  (filters.skill === undefined || facts.grows.includes(filters.skill)) &&
  (filters.place === undefined || facts.places.includes(filters.place)) &&
  (filters.prep === undefined || facts.minutes.prep <= filters.prep) &&
  (!filters.there || facts.supply === "there" || facts.supply === "stand-in") &&
  (!filters.clean || !(facts.wet || facts.messy)) &&
  (!filters.quiet || !facts.loud);
