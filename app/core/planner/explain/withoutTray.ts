import type { Situation } from "../../household";
import type { ChildId, PlaceKind, Routine } from "../../model";
import { type AllocationProblem, type Assignment, childrenOf } from "../candidates/problem";

/** A place that the home lacks, and how many activities it would open up for a child. */
export interface MissingPlace {
  kind: PlaceKind;
  /** A routine that the activities suit, for a place that is used in the day only. */
  routine?: Routine;
  activities: number;
}

/** A child who is planned for and gets no tray, or hardly any, in a rotation. */
export interface ChildWithFewTrays {
  child: ChildId;
  /** How many the child gets. */
  trays: number;
  /** The places that would change that, those that open up most first. */
  places: MissingPlace[];
}

/** With so many trays or more a child is well served, whatever places are missing. */
const ENOUGH_TRAYS = 3;

/**
 * The children who are planned for and get no tray, each with the places that would change it; and those who get hardly any
 * where a place is missing.
 */
export function childrenWithFewTrays(
  s: Situation,
  problem: AllocationProblem,
  chosen: readonly Assignment[],
): ChildWithFewTrays[] {
  return s.planned.flatMap(({ id }): ChildWithFewTrays[] => {
    const trays = chosen.filter(({ candidate }) => childrenOf(candidate).includes(id)).length;
    if (trays >= ENOUGH_TRAYS) return [];
    const places = missingPlaces(s, problem, id);
    return trays === 0 || places.length > 0 ? [{ child: id, trays, places }] : [];
  });
}

/** The places without which rungs that fit a child now, and whose things are there, can stand nowhere. */
function missingPlaces(s: Situation, problem: AllocationProblem, child: ChildId): MissingPlace[] {
  const opened = new Map<string, Set<string>>();
  for (const { barrier, activity, child: whose } of problem.exclusions) {
    if (whose !== child || barrier.code !== "no-place" || !barrier.hasThings) continue;
    for (const kind of barrier.kinds) {
      const routines = kind === "routine" ? (barrier.routines ?? []) : [undefined];
      for (const routine of routines) {
        const key = `${kind} ${routine ?? ""}`;
        opened.set(key, (opened.get(key) ?? new Set()).add(activity));
      }
    }
  }
  const kinds = new Set<PlaceKind>(s.places.map((place) => place.kind));
  const routines = new Set<Routine>(s.openings.map(({ moment }) => moment.routine));
  return [...opened]
    .map(([key, activities]): MissingPlace => {
      const [kind, routine] = key.split(" ") as [PlaceKind, Routine | ""];
      return { kind, ...(routine ? { routine } : {}), activities: activities.size };
    })
    .filter(({ kind, routine }) => (routine ? !routines.has(routine) : !kinds.has(kind)))
    .sort((a, b) => b.activities - a.activities);
}
