import type { Situation } from "../../household";
import type { PlaceKind, Routine } from "../../model";
import { type AllocationProblem, type Assignment, childrenOf } from "../candidates/problem";

/** A place that the home lacks, and how many activities it would open up for a child. */
export interface MissingPlace {
  kind: PlaceKind;
  /** Where the place is used in the day only: a routine that the activities suit. */
  routine?: Routine;
  activities: number;
}

/** A child who is planned for and has no tray in a rotation. */
export interface ChildWithoutTray {
  child: string;
  /** The places that would change that, those that open up most first. */
  places: MissingPlace[];
}

/** The children who are planned for and for whom nothing was chosen, each with the places that would change it. */
export function childrenWithoutTray(
  s: Situation,
  problem: AllocationProblem,
  chosen: readonly Assignment[],
): ChildWithoutTray[] {
  const served = new Set(chosen.flatMap(({ candidate }) => childrenOf(candidate)));
  return s.planned
    .filter((child) => !served.has(child.id))
    .map((child) => ({ child: child.id, places: missingPlaces(s, problem, child.id) }));
}

/** The places without which rungs that fit a child now, and whose things are there, can stand nowhere. */
function missingPlaces(s: Situation, problem: AllocationProblem, child: string): MissingPlace[] {
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
