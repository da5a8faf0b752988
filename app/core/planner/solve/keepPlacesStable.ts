import { elementAt } from "../../collections";
import type { Assignments, Horizon } from "../candidates/horizon";
import {
  type AllocationProblem,
  type Assignment,
  classOf,
  isSameTray,
  type TrayOption,
} from "../candidates/problem";

/** The same tray at another kind of place, made from the same things and no less safe; undefined where there is none. */
function at(
  problem: AllocationProblem,
  { candidate, options, again }: Assignment,
  placeClass: string,
): Assignment | undefined {
  const there = problem.candidates.find((c) => c.placeClass === placeClass && isSameTray(c, candidate));
  if (
    !there ||
    there.times ||
    candidate.times ||
    there.held !== candidate.held ||
    there.close !== candidate.close
  )
    return undefined;
  const same = there.needs.map((need, n) =>
    need.options.find(
      (option) =>
        option.stock === options[n]?.stock &&
        option.held === options[n]?.held &&
        option.close === options[n]?.close,
    ),
  );
  return same.every((option) => option !== undefined)
    ? { candidate: there, options: same as TrayOption[], again }
    : undefined;
}

/** The places at one of which a tray stood before: its own, or those that were the same to the plan of the week before. */
function placesBefore(horizon: Horizon, weeks: Assignments, w: number, { candidate }: Assignment): string[] {
  const { situation } = elementAt(horizon.weeks, w);
  if (w === 0) {
    const { tray, second } = situation.history(candidate.child, candidate.activity);
    return [(candidate.second ? second : tray)?.place ?? []].flat();
  }
  const before = elementAt(weeks, w - 1).find((one) => isSameTray(one.candidate, candidate));
  if (!before) return [];
  return classOf(elementAt(horizon.weeks, w - 1).problem, before.candidate).places.map((one) => one.id);
}

/**
 * Trays that stay out stay at their kind of place, where two can change places without any loss: the
 * model does not mind on which board a tray stands, a parent does.
 */
export function keepPlacesStable(horizon: Horizon, chosen: Assignments): Assignment[][] {
  const weeks = chosen.map((week) => [...week]);
  weeks.forEach((here, w) => {
    const { problem } = elementAt(horizon.weeks, w);
    /** The kinds of place in this week that hold a place where it stood. */
    const homesOf = (one: Assignment): string[] => {
      const places = placesBefore(horizon, weeks, w, one);
      return problem.classes
        .filter((other) => !other.opening && other.places.some((place) => places.includes(place.id)))
        .map((other) => other.id);
    };
    for (const [i, tray] of here.entries()) {
      const homes = homesOf(tray);
      if (homes.includes(tray.candidate.placeClass)) continue;
      for (const home of homes) {
        const moved = at(problem, tray, home);
        const j = here.findIndex(
          (other) =>
            other.candidate.placeClass === home &&
            !homesOf(other).includes(home) &&
            at(problem, other, tray.candidate.placeClass) !== undefined,
        );
        const other = here[j];
        const back = other && at(problem, other, tray.candidate.placeClass);
        if (!moved || !back) continue;
        here[i] = moved;
        here[j] = back;
        break;
      }
    }
  });
  return weeks;
}
