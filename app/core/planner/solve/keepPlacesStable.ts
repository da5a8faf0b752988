import type { Assignments, Horizon } from "../candidates/horizon";
import { type AllocationProblem, type Assignment, isSameTray, type TrayOption } from "../candidates/problem";

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

/**
 * Trays that stay out stay at their kind of place, where two can change places without any loss: the
 * model does not mind on which board a tray stands, a parent does.
 */
export function keepPlacesStable(horizon: Horizon, chosen: Assignments): Assignment[][] {
  const weeks = chosen.map((week) => [...week]);
  horizon.weeks.forEach(({ problem, situation }, w) => {
    const here = weeks[w];
    if (!here) return;
    const homeOf = ({ candidate }: Assignment): string | undefined => {
      if (w > 0)
        return weeks[w - 1]?.find((one) => isSameTray(one.candidate, candidate))?.candidate.placeClass;
      const place = situation.history(candidate.child, candidate.activity).tray?.place;
      return problem.classes.find((one) => !one.opening && one.places.some((other) => other.id === place))
        ?.id;
    };
    for (let i = 0; i < here.length; i++) {
      const tray = here[i];
      const home = tray && homeOf(tray);
      if (!tray || !home || home === tray.candidate.placeClass) continue;
      const moved = at(problem, tray, home);
      if (!moved) continue;
      const j = here.findIndex(
        (other) =>
          other.candidate.placeClass === home &&
          homeOf(other) !== home &&
          at(problem, other, tray.candidate.placeClass) !== undefined,
      );
      const other = here[j];
      const back = other && at(problem, other, tray.candidate.placeClass);
      if (!back) continue;
      here[i] = moved;
      here[j] = back;
    }
  });
  return weeks;
}
