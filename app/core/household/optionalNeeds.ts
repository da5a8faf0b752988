import { awayFrom } from "../materials";
import { activityOf, type Need, type NeedId, type Tables, type Tray } from "../model";
import type { SafetyState } from "../safety";
import { rearrangeTray, type TrayChange } from "./rearrangeTray";
import type { Situation } from "./situation";

/** The tray set out again without some of what may stay away. */
export interface OptionalNeedChoice {
  /** The needs that stay away then, of all of the rung. */
  without: NeedId[];
  made: TrayChange;
}

/** What stays away from a tray, and what could be done about it now. */
export interface TraySparing {
  away: Need[];
  /** It would be free with these left out: the fewest of which that is true, each by itself before all together. */
  leaveOut?: OptionalNeedChoice;
  /** What can be put back: where that makes it adult-held it says so. */
  putBack?: OptionalNeedChoice;
}

/** What stays away from a tray that stands, and whether it would be free without more of it, or can have all of it back. */
export function optionalNeedChoices(
  s: Situation,
  tables: Tables,
  tray: Tray,
  state: SafetyState | undefined,
): TraySparing {
  const rung = activityOf(s.catalogue, tray.activity)?.rungs.find((one) => one.id === tray.rung);
  const spare = rung?.materials.filter((need) => need.spare) ?? [];
  if (!rung || spare.length === 0) return { away: [] };
  const away = awayFrom(rung, tray.allotted);
  const attempt = (without: NeedId[]): OptionalNeedChoice | undefined => {
    const result = rearrangeTray(s, tables, tray, { without });
    const isOther = "change" in result && result.change.tray.allotted.length !== tray.allotted.length;
    return isOther ? { without, made: result.change } : undefined;
  };
  const gone = away.map((need) => need.id);
  const there = spare.map((need) => need.id).filter((id) => !gone.includes(id));
  const isClosed = state === "adult-held" || state === "blocked";
  const leaveOut = isClosed ? leastLeftOutToBeFree(attempt, gone, there) : undefined;
  const putBack = gone.length > 0 ? attempt([]) : undefined;
  return { away, ...(leaveOut ? { leaveOut } : {}), ...(putBack ? { putBack } : {}) };
}

/** The first of the attempts by which the tray is free: one more left out, or all of them. */
function leastLeftOutToBeFree(
  attempt: (without: NeedId[]) => OptionalNeedChoice | undefined,
  gone: readonly NeedId[],
  there: readonly NeedId[],
): OptionalNeedChoice | undefined {
  const sets = [...there.map((id) => [id]), ...(there.length > 1 ? [there] : [])];
  for (const more of sets) {
    const found = attempt([...gone, ...more]);
    if (found?.made.tray.state === "free") return found;
  }
  return undefined;
}
