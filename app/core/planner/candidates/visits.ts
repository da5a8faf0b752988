import type { Situation } from "../../household";
import { isPreparedEachTime, mixingEachTime } from "../../materials";
import { HOURS_OF_A_DAY } from "./constraints";
import type { Candidate, NeedChoice, PlaceClass } from "./problem";
import type { Term } from "./reasons";
import { AGAIN, STAY, TIMES, WEIGHTS } from "./weights";

type Visits = Pick<Candidate, "times" | "prepMinutes" | "prepEach" | "againValue">;

/**
 * How often something may come at a moment, what that asks of the adult and what each further time earns. What stands is
 * prepared once (`prepMinutes`: none where it is out already); at a moment what is wet or used up is prepared each time.
 */
export function visitsOf(
  s: Situation,
  { opening }: PlaceClass,
  { activity, rung, prepMinutes }: Pick<Candidate, "activity" | "rung" | "prepMinutes">,
  needs: readonly NeedChoice[],
): Visits {
  if (!opening) return { prepMinutes, prepEach: 0, againValue: 0 };
  const isAnew = isPreparedEachTime(activity, rung, s.materials);
  const prepEach = isAnew
    ? (rung.prepMinutes ?? activity.prepMinutes) + mixingEachTime(rung, s.materials)
    : 0;
  const { stay } = s.household.planning;
  const days = opening.days.length;

  // The model knows what a further time uses up only where there is no choice of what that is taken from.
  const isOnce =
    (activity.dryHours ?? 0) > HOURS_OF_A_DAY ||
    needs.some(({ options }) => options.length > 1 && options.some((one) => one.use === "each-time"));
  return {
    times: {
      least: isAnew || isOnce ? 1 : Math.min(days, TIMES[stay].least),
      most: isOnce ? 1 : Math.min(days, TIMES[stay].most),
    },
    prepMinutes: isAnew ? 0 : prepMinutes,
    prepEach,
    againValue: AGAIN * STAY[stay] - WEIGHTS.prepMinute * prepEach,
  };
}

/** What the preparing costs and the coming back earns, for so many times beyond the least; `stays`: nothing is set out anew. */
export function visitTerms(
  { times, prepMinutes, prepEach, againValue }: Visits,
  again: number,
  stays = false,
): Term[] {
  const count = (times?.least ?? 1) + again;
  const minutes = (stays ? 0 : prepMinutes) + prepEach * count;
  const worth = (againValue + WEIGHTS.prepMinute * prepEach) * (count - 1);
  return [
    ...(minutes > 0 ? [{ term: "prep" as const, value: -WEIGHTS.prepMinute * minutes, minutes }] : []),
    ...(worth !== 0 ? [{ term: "again" as const, value: worth, times: count }] : []),
  ];
}
