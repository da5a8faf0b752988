import { z } from "zod";
import { nextStart } from "../../core/household";
import { ActivityId, ChildId, type PlainDate } from "../../core/model";
import { MOST_WEEKS, type PlannedRotation } from "../../core/planner";
import type { Home } from "../../engine/store/home";
import type { PlanRequest } from "../../workers/plannerSession";
import { searchOf } from "../search";

const WEEKS_SHOWN = 3;

const PlanSearch = z.object({
  /** How many rotations are wanted: `?weeks=4`. Anything odd counts as not said. */
  weeks: z.coerce.number().int().min(1).max(MOST_WEEKS).optional().catch(undefined),
});

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
 * What the planner is asked for by this address. A first shelf is planned by itself: it is there at once, and what comes
 * after it hangs on the first notes.
 */
export function requestFor(request: Request, home: Home): PlanRequest {
  const site = home.site.id;
  const isFirst = home.tables.rotations.every((one) => one.site !== site);
  const weeks = searchOf(request, PlanSearch).weeks ?? (isFirst ? 1 : WEEKS_SHOWN);
  return { site, weeks, ...startOf(home) };
}

/** What a rotation is made of, in short: two that read alike are the same shelf. */
export const digestOf = ({ from, trays }: PlannedRotation): string =>
  JSON.stringify([
    from,
    trays.map(({ child, also, activity, rung, place, when, state, allotted }) => [
      ...[child, also, activity, rung, place, when, state],
      allotted.map((one) => [one.material, one.quantity]),
    ]),
  ]);

/** One tray of a plan by its address: `CHILD.ACTIVITY.WEEK`, the week from 0; of two of the same the second with `.2` after it. */
export interface TrayKey {
  child: ChildId;
  activity: ActivityId;
  week: number;
  second?: true | undefined;
}

export const keyText = ({ child, activity, week, second }: TrayKey): string =>
  `${child}.${activity}.${week}${second ? ".2" : ""}`;

/** Is it the tray of the key? */
export const isKeyOf = (
  key: TrayKey,
  tray: { child: ChildId; activity: ActivityId; second?: true | undefined },
): boolean =>
  tray.child === key.child && tray.activity === key.activity && tray.second === (key.second ?? undefined);

export function keyFrom(text: string | null | undefined): TrayKey | undefined {
  const [child, activity, week = "0", second] = (text ?? "").split(".");
  const ids = z.tuple([ChildId, ActivityId]).safeParse([child, activity]);
  return ids.success && /^\d$/.test(week)
    ? {
        child: ids.data[0],
        activity: ids.data[1],
        week: Number(week),
        ...(second === "2" ? { second: true } : {}),
      }
    : undefined;
}

/** What was changed about wishes, as it stands in the address: ids added and removed; and back. */
export const changeText = ({ added, removed }: { added: string[]; removed: string[] }): string =>
  [...added.map((id) => `+${id}`), ...removed.map((id) => `-${id}`)].join(" ");

export function changeFrom(text: string): { added: string[]; removed: string[] } {
  const marked = text.split(" ").filter((part) => part.length > 1);
  const of = (mark: string) => marked.filter((part) => part[0] === mark).map((part) => part.slice(1));
  return { added: of("+"), removed: of("-") };
}
