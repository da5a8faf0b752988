import { putAwayOn, standingRotation, upcomingRotation } from "../../core/household";
import { addDays, type PlainDate, type Tables } from "../../core/model";
import { MOST_WEEKS } from "../../core/planner";
import type { Home } from "../../data/household";
import { newestOf } from "../../data/readings";
import type { Asked } from "../../workers/planService";

const WEEKS_SHOWN = 3;

/** Tells two states of the data apart: how many rows each table has, and when one was last changed. */
const signatureOf = (tables: Tables): string =>
  Object.values(tables)
    .map((rows: readonly { updatedAt: string }[]) => `${rows.length} ${newestOf(rows)}`)
    .join(" ");

/**
 * How many rotations are wanted: `?weeks=4`. Anything odd counts as the usual number, which is one for a first shelf:
 * it is there at once, and what comes after it hangs on the first notes.
 */
export function weeksOf(search: URLSearchParams, isFirst: boolean): number {
  const weeks = Number(search.get("weeks"));
  if (Number.isInteger(weeks) && weeks >= 1 && weeks <= MOST_WEEKS) return weeks;
  return isFirst ? 1 : WEEKS_SHOWN;
}

/**
 * The day the next rotation begins, and the tables to plan from: after the one that stands, or after
 * the one already accepted. A look ahead starts as if what stands now had long been put away.
 */
function startOf(home: Home, site: string): { on: PlainDate; tables: Tables } {
  const { tables, household, today, ahead, on } = home;
  const last = upcomingRotation(tables, site, today) ?? standingRotation(tables, site, today);
  const due = last ? addDays(last.from, household.rotationDays) : today;
  if (ahead > 0) return { on, tables: putAwayOn(tables, site, today, [due, on].sort()[0] ?? on) };
  return { on: [due, today].sort().at(-1) ?? today, tables };
}

/** What the planner is asked for by this address. */
export function askedFor(request: Request, home: Home): Asked {
  const site = home.site.id;
  const start = startOf(home, site);
  return {
    ...start,
    site,
    weeks: weeksOf(
      new URL(request.url).searchParams,
      home.tables.rotations.every((one) => one.site !== site),
    ),
    key: signatureOf(start.tables),
  };
}

/** One tray of a plan by its address: `CHILD.ACTIVITY.WEEK`, the week from 0. */
export interface TrayKey {
  child: string;
  activity: string;
  week: number;
}

export const keyText = ({ child, activity, week }: TrayKey): string => `${child}.${activity}.${week}`;

export function keyFrom(text: string | null): TrayKey | undefined {
  const [child, activity, week = "0"] = (text ?? "").split(".");
  return child && activity && /^\d$/.test(week) ? { child, activity, week: Number(week) } : undefined;
}
