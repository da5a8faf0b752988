import { daysBetween, type Observation, type PlainDate } from "../model";
import { type Evidence, evidenceOf, meanInterest } from "./evidence";
import type { Coldness } from "./why";

/** Nothing noted for so many days is taken for cold. */
export const SILENT_DAYS = 14;
/** So many of the last uses are held against those before. */
const LAST_USES = 2;
/** Liked, on the scale of noted interest. */
const LIKED = 0.5;
const LITTLE_SHARE = 0.75;
const LITTLE_TIMES = 3;

function fading(latest: readonly Observation[], earlier: readonly Observation[]): boolean {
  const all = [...latest, ...earlier].filter((one) => one.interest !== undefined);
  const [now, before] = [all.slice(0, LAST_USES), all.slice(LAST_USES, LAST_USES + 4)];
  const liked = meanInterest(before);
  if (now.length < LAST_USES || before.length < 2 || liked === undefined) return false;
  return liked >= LIKED && now.every((one) => one.interest === "little" || one.interest === "none");
}

/** Has the tray gone cold by a day, and how is that seen? Undefined while it has not. */
export function engagementDecline(
  observations: readonly Observation[],
  outSince: PlainDate,
  on: PlainDate,
  evidence: Evidence = evidenceOf(observations, on),
): Coldness | undefined {
  const { latest, earlier, little } = evidence;
  if (fading(latest, earlier)) return { kind: "fading" };
  if (latest.length >= LITTLE_TIMES && little / latest.length >= LITTLE_SHARE) {
    return { kind: "little", times: little, of: latest.length };
  }
  const last = latest[0]?.on;
  const since = last && last > outSince ? last : outSince;
  const days = daysBetween(since, on);
  return days < SILENT_DAYS ? undefined : { kind: "silent", days, noted: last !== undefined };
}
