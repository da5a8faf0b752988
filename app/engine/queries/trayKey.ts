import { z } from "zod";
import { ActivityId, ChildId } from "../../core/model";

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
