import { type ActivityHistory, PUT_AWAY, refusalOf, type Situation } from "../../household";
import { type Activity, type Child, type Rung, seasonOn, type Wish } from "../../model";
import { SETTLED_FROM } from "../../readiness";
import { LOVED_FROM } from "../../rotation";
import type { Barrier } from "./reasons";
import { REST_DAYS_BEFORE_RETURN, STRETCH_FROM } from "./weights";

/** The first reason to leave a rung out that has nothing to do with places and materials. */
export function personalExclusion(
  s: Situation,
  child: Child,
  activity: Activity,
  rung: Rung,
  history: ActivityHistory,
  wishes: readonly Wish[],
): Barrier | undefined {
  const ready = s.readiness.get(child.id);
  if (!ready) return { code: "not-planned" };
  const locked = isLocked(s, wishes, rung);
  const refused = refusalOf(wishes, rung, s.on);
  if (refused) return { code: "refused", until: refused.until };
  if (ready.barred(rung)) return { code: "barred" };
  if (locked) return undefined;
  const { chance } = ready.rung(activity, rung);
  if (chance < STRETCH_FROM) return { code: "too-early", chance };
  if (isOutOfSeason(s, activity, rung)) return { code: "out-of-season", seasons: activity.seasons };
  return outgrown(ready, activity, rung) ?? resting(rung, history);
}

/** Done outdoors only, and not in this season. */
const isOutOfSeason = ({ on, household }: Situation, activity: Activity, rung: Rung): boolean =>
  activity.seasons.length > 0 &&
  !activity.seasons.includes(seasonOn(on, household.hemisphere)) &&
  (rung.places ?? activity.places).every((kind) => kind === "outdoors");

function outgrown(
  ready: { rung(a: Activity, r: Rung): { chance: number } },
  activity: Activity,
  rung: Rung,
): Barrier | undefined {
  const { chance } = ready.rung(activity, rung);
  if (chance <= SETTLED_FROM) return undefined;
  const at = activity.rungs.indexOf(rung);
  const beyond = activity.rungs
    .slice(at + 1)
    .some((later) => ready.rung(activity, later).chance > SETTLED_FROM);
  const top = at === activity.rungs.length - 1 && chance > 0.97;
  return beyond || top ? { code: "outgrown" } : undefined;
}

function resting(rung: Rung, history: ActivityHistory): Barrier | undefined {
  const { tray, suggestion, daysAway, interest, putAway } = history;
  if (putAway) return { code: "put-away", until: putAway.move === "retire" ? undefined : putAway.until };
  if (tray && suggestion) {
    if (suggestion.move === "retire") return { code: "retired", why: suggestion.why };
    if (PUT_AWAY.has(suggestion.move)) return { code: "resting", why: suggestion.why };
    const stays = suggestion.toRung ?? tray.rung;
    if (suggestion.toRung && rung.id !== stays) return { code: "resting", why: suggestion.why };
    return undefined;
  }
  if (daysAway !== undefined && daysAway < REST_DAYS_BEFORE_RETURN && (interest ?? 0) < LOVED_FROM) {
    return { code: "just-away", daysAway, restDays: REST_DAYS_BEFORE_RETURN };
  }
  return undefined;
}

/** Locked into the rotation that is planned: a lock holds for the rotation in which its day lies. */
export const isLocked = (s: Situation, wishes: readonly Wish[], rung: Rung): boolean =>
  wishes.some((wish) => isLockHere(s, wish) && (wish.rung === undefined || wish.rung === rung.id));

export const isLockHere = (s: Situation, wish: Wish): boolean =>
  wish.kind === "lock" &&
  (wish.from === undefined ? s.on === s.first : s.on <= wish.from && wish.from < s.to);
