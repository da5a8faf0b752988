import type { Situation } from "../../household";
import { DRYING_KINDS, type Place } from "../../model";
import { type Candidate, type CapacityConstraint, childrenOf, type PlaceClass } from "./problem";

/**
 * Work that dries takes a place: one where no tray stands, or the one spot that every home has, up high and flat. A tray
 * at such a place takes it, too.
 */
function dryingCap(
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): CapacityConstraint[] {
  if (!candidates.some((c) => c.activity.dryHours)) return [];
  const dries = (place: Place | undefined) => place !== undefined && DRYING_KINDS.includes(place.kind);
  const atOne = new Set(classes.filter((one) => dries(one.places[0])).map((one) => one.id));
  const counts = candidates.map(
    (c) => [c.index, (c.activity.dryHours ? 1 : 0) + (atOne.has(c.placeClass) ? 1 : 0)] as const,
  );
  return [
    {
      id: "drying",
      text: "No place is left for the work to dry",
      most: s.places.filter(dries).length + 1,
      counts: new Map(counts.filter(([, count]) => count > 0)),
    },
  ];
}

/** What a choice keeps to beside places and things: the household's limits, an activity once a child, changes, drying. */
export function capsOf(
  s: Situation,
  candidates: readonly Candidate[],
  classes: readonly PlaceClass[],
): CapacityConstraint[] {
  const { limits } = s.household;
  const flagged = (id: "wet" | "messy" | "loud", word: string): CapacityConstraint => ({
    id,
    text: `At most ${limits[id]} ${word}`,
    most: limits[id],
    counts: new Map(candidates.filter((c) => c.activity[id]).map((c) => [c.index, 1])),
  });
  const perActivity = new Map<string, Map<number, number>>();
  for (const c of candidates) {
    for (const child of childrenOf(c)) {
      const key = `${child} ${c.activity.id}`;
      perActivity.set(key, (perActivity.get(key) ?? new Map<number, number>()).set(c.index, 1));
    }
  }
  const onePerActivity = [...perActivity.values()].map(
    (counts): CapacityConstraint => ({
      id: "activity",
      text: "The same activity once for a child",
      most: 1,
      counts,
    }),
  );
  return [
    flagged("wet", "wet"),
    flagged("messy", "messy"),
    flagged("loud", "loud"),
    {
      id: "prepMinutes",
      text: `At most ${limits.prepMinutes} minutes of preparation`,
      most: limits.prepMinutes,
      counts: new Map(candidates.filter((c) => c.prepMinutes > 0).map((c) => [c.index, c.prepMinutes])),
    },
    {
      id: "trays",
      text: `At most ${limits.trays} trays out at once`,
      most: limits.trays,
      counts: new Map(candidates.map((c) => [c.index, 1])),
    },
    ...changesOf(s, candidates),
    ...dryingCap(s, candidates, classes),
    ...onePerActivity.filter((cap) => cap.counts.size > 1),
  ];
}

/** Where trays change a few at a time, no more are set out anew than that; a shelf that is bare is filled at once. */
function changesOf(s: Situation, candidates: readonly Candidate[]): CapacityConstraint[] {
  const { rhythm, newAtOnce } = s.household.planning;
  if (rhythm !== "few-at-a-time" || s.on !== s.first) return [];
  const isNew = (c: Candidate) => s.history(c.child, c.activity).tray === undefined;
  if (candidates.every(isNew)) return [];
  return [
    {
      id: "newAtOnce",
      text: `At most ${newAtOnce} new at once`,
      most: newAtOnce,
      counts: new Map(candidates.filter((c) => isNew(c) && !c.locked).map((c) => [c.index, 1])),
    },
  ];
}
