import { nextStart } from "../../core/household";
import type { PlainDate } from "../../core/model";
import type { PlannedRotation } from "../../core/planner";
import type { PlanRequest } from "../../solver/plannerSession";
import type { Home } from "../store/home";

const WEEKS_SHOWN = 3;

const earlier = (a: PlainDate, b: PlainDate): PlainDate => [a, b].sort()[0] ?? a;

/**
 * The day the next rotation begins: after the one that stands, or after the one already accepted. A look ahead starts
 * as if what stands now had long been put away.
 */
function startOf(home: Home): Pick<PlanRequest, "on" | "putAway"> {
  const { tables, household, today, ahead, on, site } = home;
  const next = nextStart(tables, site.id, today, household);
  return ahead > 0 ? { on, putAway: { today, day: earlier(next, on) } } : { on: next };
}

/**
 * The request to the planner. A first shelf is planned by itself: it is there at once, and what comes after it hangs on the first
 * notes.
 * @param wanted How many rotations are wanted; as many as usual where that was not said.
 */
export function planRequestFor(home: Home, wanted: number | undefined): PlanRequest {
  const site = home.site.id;
  const isFirst = home.tables.rotations.every((one) => one.site !== site);
  return { site, weeks: wanted ?? (isFirst ? 1 : WEEKS_SHOWN), ...startOf(home) };
}

/** A rotation in short: two that read alike are the same shelf. */
export const digestOf = ({ from, trays }: PlannedRotation): string =>
  JSON.stringify([
    from,
    trays.map(({ child, also, activity, rung, place, when, state, allotted }) => [
      ...[child, also, activity, rung, place, when, state],
      allotted.map((one) => [one.material, one.quantity]),
    ]),
  ]);
