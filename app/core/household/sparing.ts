import { awayFrom } from "../materials";
import { activityOf, type Need, type Tables, type Tray, type TrayState } from "../model";
import type { SafetyState } from "../safety";
import { type Otherwise, otherwise } from "./otherwise";
import type { Situation } from "./situation";

/** The tray set out again without some of what may stay away. */
export interface Sparing {
  /** The needs that stay away then, of all of the rung. */
  without: string[];
  made: Otherwise;
}

/** What stays away from a tray, and what could be done about it now. */
export interface TraySparing {
  away: Need[];
  /** It would be free with these left out: the fewest of which that is true, each by itself before all together. */
  leaveOut?: Sparing;
  /** What can be put back: where that makes it adult-held it says so. */
  putBack?: Sparing;
}

/** What stays away from a tray that stands, and whether it would be free without more of it, or can have all of it back. */
export function sparingOf(
  s: Situation,
  tables: Tables,
  tray: Tray,
  state: SafetyState | undefined,
): TraySparing {
  const rung = activityOf(s.catalogue, tray.activity)?.rungs.find((one) => one.id === tray.rung);
  const spare = rung?.materials.filter((need) => need.spare) ?? [];
  if (!rung || spare.length === 0) return { away: [] };
  const away = awayFrom(rung, tray.allotted);
  const attempt = (without: string[], wanted?: TrayState): Sparing[] => {
    const result = otherwise(s, tables, tray, { without });
    if (!("otherwise" in result)) return [];
    const made = result.otherwise;
    return (wanted && made.tray.state !== wanted) || made.tray.allotted.length === tray.allotted.length
      ? []
      : [{ without, made }];
  };
  const gone = away.map((need) => need.id as string);
  const there = spare.map((need) => need.id as string).filter((id) => !gone.includes(id));
  const sets = [...there.map((id) => [...gone, id]), [...gone, ...there]];
  const isClosed = state === "adult-held" || state === "blocked";
  const [leaveOut] =
    isClosed && there.length > 0 ? sets.flatMap((one) => attempt(one, "free")).slice(0, 1) : [];
  const [putBack] = gone.length > 0 ? attempt([]) : [];
  return { away, ...(leaveOut ? { leaveOut } : {}), ...(putBack ? { putBack } : {}) };
}
