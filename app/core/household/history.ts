import { lacking, materialName, needStates } from "../materials";
import {
  type Activity,
  addDays,
  byChildAndActivity,
  type Child,
  type ChildId,
  type Decision,
  daysBetween,
  type Move,
  type Observation,
  type Place,
  type PlainDate,
  type Rung,
  type SiteId,
  type Tables,
  type Tray,
} from "../model";
import { type ChildReadiness, NOW_FROM } from "../readiness";
import { decide, INTEREST_WORTH, type Sibling, type Suggestion } from "../rotation";
import { blockReasonOf, isSafeSomewhere, judge, type OfferContext, offersAt, safeAgainOn } from "../safety";
import { standingRotation } from "./rotations";

/** How a child's activity stands on the day of planning. */
export interface ActivityHistory {
  /** The tray that is out now, with what is to become of it. */
  tray?: Tray;
  /** Another of the same rung that stands beside it, with another filling. */
  second?: Tray;
  suggestion?: Suggestion;
  /** Days since it was last put away; undefined where it was never out. */
  daysAway?: number;
  /** The decision by which it is put away still: until a date, or as outgrown. */
  putAway?: Decision;
  /** Mean noted interest, −0.5 to 1; undefined without notes. */
  interest?: number;
}

/** The history of any child with any activity. */
export type History = (child: ChildId, activity: Activity) => ActivityHistory;

/** Moves by which a tray is put away until a date. */
export const PUT_AWAY: ReadonlySet<Move> = new Set(["rest", "other-form", "hand-on"]);
/** So many of the latest notes make up the noted interest. */
const NOTES_FOR_INTEREST = 5;

/** The mean of the latest noted interests; the notes come oldest first. */
function notedInterest(observations: readonly Observation[]): number | undefined {
  const latest = observations.filter((seen) => seen.interest !== undefined).slice(-NOTES_FOR_INTEREST);
  if (latest.length === 0) return undefined;
  return (
    latest.reduce((sum, seen) => sum + (seen.interest ? INTEREST_WORTH[seen.interest] : 0), 0) / latest.length
  );
}

/** What a suggestion hangs on besides the tray's own notes. */
interface Around {
  children: readonly Child[];
  decisions: readonly Decision[];
  readiness: ReadonlyMap<string, ChildReadiness>;
  on: PlainDate;
  places: readonly Place[];
  /** For whom and out of what something could be set out; the children are put in. */
  offering: Omit<OfferContext, "users">;
}

/** Can a rung stand safely somewhere in this home for these children? Nothing else is suggested. */
const isSafeHere =
  (activity: Activity, users: readonly Child[], { places, offering }: Around) =>
  (rung: Rung): boolean =>
    isSafeSomewhere(activity, rung, places, { ...offering, users });

/** What has to be got before a tray can go on with a rung, by name. What lies on it is there, used up or not. */
function lackingThings(rung: Rung, tray: Tray, { offering: { supply } }: Around): string[] {
  const onTray = new Set<string>(tray.allotted.map((one) => one.material));
  const lacks = lacking(needStates(rung, supply.materials, supply.stock)).filter((id) => !onTray.has(id));
  return [...new Set(lacks)].map((id) => materialName(supply.materials, id));
}

/** The rung that would suit a sibling best: the hardest that is at least just within reach, and safe. */
function siblingFor(sibling: Child, activity: Activity, around: Around): Sibling[] {
  const ready = around.readiness.get(sibling.id);
  if (!ready) return [];
  const chanceOf = (rung: Rung) => ready.rung(activity, rung).chance;
  const isSafe = isSafeHere(activity, [sibling], around);
  const best = activity.rungs.findLast((rung) => chanceOf(rung) >= NOW_FROM && isSafe(rung));
  return best ? [{ id: sibling.id, name: sibling.name, chance: chanceOf(best) }] : [];
}

/**
 * What is not safe any more, or will not be before the next rotation ends, and nowhere else either: it is put away until
 * it is safe again, or for good, whatever the notes say.
 */
function putAwayForSafety(tray: Tray, users: readonly Child[], activity: Activity, around: Around) {
  const rung = activity.rungs.find((one) => one.id === tray.rung);
  const { offering, places } = around;
  if (!rung || users.length === 0) return undefined;
  const context = { ...offering, users };
  const here = places.find((one) => one.id === tray.place);
  const [offer] = offersAt(activity, rung, here ? [here] : [], context);
  if (offer?.judgement.state !== "blocked") return undefined;
  if (isSafeSomewhere(activity, rung, places, context)) return undefined;
  const judged = { activity, rung, things: offer.things, place: offer.place, users, people: offering.people };
  const reason = blockReasonOf(offer.judgement);
  const now = judge(judged, offering.from, offering.from).state === "blocked";
  const until = safeAgainOn(judged, addDays(offering.to, -1));
  return {
    ...(until ? { move: "rest" as const, until } : { move: "retire" as const }),
    why: {
      code: "unsafe" as const,
      when: now ? ("now" as const) : ("soon" as const),
      reason,
      returns: until !== undefined,
    },
    evidence: [],
  };
}

/** What was decided by hand for this tray, or else what the notes suggest. */
function suggestionFor(
  tray: Tray,
  child: ChildId,
  observations: readonly Observation[],
  activity: Activity,
  around: Around,
): Suggestion {
  const { children, decisions, readiness, on } = around;
  const users = children.filter((one) => one.id === tray.child || tray.also.includes(one.id));
  const unsafe = putAwayForSafety(tray, users, activity, around);
  if (unsafe) return unsafe;
  const decided = decisions.filter((one) => one.tray === tray.id && one.on <= on).at(-1);
  if (decided) {
    const { move, toRung, until, toChild } = decided;
    return { move, toRung, until, toChild, why: { code: "decided" }, evidence: [] };
  }
  const ready = readiness.get(child);
  return decide({
    tray,
    activity,
    maySetOut: isSafeHere(activity, users, around),
    lacking: (rung) => lackingThings(rung, tray, around),
    // A tray that was carried over keeps its history: a rotation's end is not a new beginning.
    observations: observations.filter((seen) => seen.rung === tray.rung && seen.on >= tray.outSince),
    chanceOf: (id) => {
      const rung = activity.rungs.find((one) => one.id === id);
      return rung && ready ? ready.rung(activity, rung).chance : 0;
    },
    on,
    interests: children.find((one) => one.id === child)?.interests,
    siblings: () =>
      children
        .filter((one) => one.id !== child && !tray.also.includes(one.id) && tray.child !== one.id)
        .flatMap((one) => siblingFor(one, activity, around)),
    tried: decisions
      .filter((one) => one.child === child && one.activity === activity.id && one.rung === tray.rung)
      .filter((one) => one.on >= tray.outSince && one.on <= on)
      .map((one) => one.move),
  });
}

/** The latest decision, if it is one by which the activity is still put away on the day. */
function putAwayBy(decisions: readonly Decision[], on: PlainDate): Decision | undefined {
  const last = decisions.filter((one) => one.on <= on).at(-1);
  if (!last) return undefined;
  if (last.move === "retire") return last;
  return PUT_AWAY.has(last.move) && last.until !== undefined && last.until > on ? last : undefined;
}

/** As on the first day of the plan, but away for longer by then. */
export const laterHistory =
  (earlier: { on: PlainDate; history: History }, on: PlainDate): History =>
  (child, activity) => {
    const then = earlier.history(child, activity);
    return then.daysAway === undefined
      ? then
      : { ...then, daysAway: then.daysAway + daysBetween(earlier.on, on) };
  };

/** How each child stands with each activity on a day, worked out when it is asked for and then remembered. */
export function historyOf(
  tables: Tables,
  noted: readonly Observation[],
  site: SiteId,
  readiness: ReadonlyMap<string, ChildReadiness>,
  on: PlainDate,
  offering: Around["offering"],
): History {
  const rotation = standingRotation(tables, site, on);
  const trays = byChildAndActivity(
    tables.trays.flatMap((tray) => [
      tray,
      ...tray.also.map((child) => ({
        ...tray,
        child,
        also: [tray.child, ...tray.also.filter((other) => other !== child)],
      })),
    ]),
  );
  const notes = byChildAndActivity(noted);
  const rotations = new Map(tables.rotations.map((one) => [one.id, one]));
  const around: Around = {
    children: tables.children,
    decisions: tables.decisions,
    readiness,
    on,
    places: tables.places.filter((place) => place.site === site),
    offering,
  };
  const decisions = byChildAndActivity(tables.decisions);
  const known = new Map<string, ActivityHistory>();
  const read = (child: ChildId, activity: Activity): ActivityHistory => {
    const all = trays.get(child)?.get(activity.id) ?? [];
    const seen = notes.get(child)?.get(activity.id) ?? [];
    const [tray, ...others] = rotation ? all.filter((one) => one.rotation === rotation.id) : [];
    const ends = all.flatMap((one) => rotations.get(one.rotation)?.to ?? []).filter((to) => to <= on);
    const last = ends.sort().at(-1);
    return {
      tray,
      second: others.find((one) => one.rung === tray?.rung && one.when === undefined),
      suggestion:
        tray && readiness.has(child) ? suggestionFor(tray, child, seen, activity, around) : undefined,
      daysAway: tray || !last ? undefined : daysBetween(last, on),
      putAway: tray ? undefined : putAwayBy(decisions.get(child)?.get(activity.id) ?? [], on),
      interest: notedInterest(seen),
    };
  };
  return (child, activity) => {
    const key = `${child} ${activity.id}`;
    const found = known.get(key) ?? read(child, activity);
    known.set(key, found);
    return found;
  };
}
