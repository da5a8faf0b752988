import { monthsFromBirth } from "../age";
import { addDays, type Child, type ChildId, type PlainDate, SkillId } from "../model";
import type { People } from "./people";

/** What a child has to be able to do to get at something, from the least to the most. */
export const ABILITIES = ["rolls", "sits", "crawls", "pulls-up", "climbs"] as const;
export type Ability = (typeof ABILITIES)[number];

interface Known {
  /** Skills that show it: with one of them seen, it is there. */
  shownBy: readonly string[];
  /** Skills that, ticked "not yet", say that it is not there. */
  deniedBy: readonly string[];
  /** The age from birth at which the first in a hundred do it, in months. */
  earliestMonths: number;
  /** The age at which half of all do it, in months. */
  medianMonths: number;
}

const WALKERS = ["walks", "carries", "squats", "throws", "kicks-ball", "jumps", "stairs-alternate"];

/**
 * The first in a hundred and the median: WHO Multicentre Growth Reference Study, windows of achievement for six gross
 * motor milestones (2006): sitting 3.8 and 5.9 months, standing with assistance 4.8 and 7.4, crawling on hands and knees
 * 5.2 and 8.3. Rolling and climbing are our judgement, on the safe side: some climb onto a low seat before they walk.
 */
const KNOWN: Record<Ability, Known> = {
  rolls: {
    shownBy: ["rolls", "sits", "crawls", "pulls-up", "stands-holding", "climbs", ...WALKERS],
    deniedBy: ["rolls"],
    earliestMonths: 2,
    medianMonths: 5,
  },
  sits: {
    shownBy: ["sits", "pulls-up", "stands-holding", "climbs", ...WALKERS],
    deniedBy: ["sits"],
    earliestMonths: 3.8,
    medianMonths: 5.9,
  },
  crawls: {
    shownBy: ["crawls", "pulls-up", "climbs", ...WALKERS],
    deniedBy: ["crawls"],
    earliestMonths: 5.2,
    medianMonths: 8.3,
  },
  "pulls-up": {
    shownBy: ["pulls-up", "stands-holding", "climbs", ...WALKERS],
    deniedBy: ["pulls-up"],
    earliestMonths: 4.8,
    medianMonths: 8.8,
  },
  climbs: {
    shownBy: ["climbs", "jumps", "stairs-alternate", "one-foot", "hops"],
    deniedBy: ["climbs", "pulls-up"],
    earliestMonths: 9,
    medianMonths: 16.5,
  },
};

/** A "not yet" holds for so many days: it may come overnight, but not before one has looked. */
export const NOT_YET_DAYS = 14;

export interface MayDo {
  may: boolean;
  /** Ticked as seen; else taken from the age, or denied by a tick. */
  because: "seen" | "age" | "not-yet";
}

/** The latest day on or before `on` at which one of the skills was ticked "not yet". */
const deniedOn = (people: People, child: ChildId, skills: readonly string[], on: PlainDate) =>
  people.ticks
    .filter((tick) => tick.child === child && !tick.seen && tick.on <= on && skills.includes(tick.skill))
    .map((tick) => tick.on)
    .sort()
    .at(-1);

export const wasSeen = (people: People, child: ChildId, skills: readonly string[], on: PlainDate): boolean =>
  people.ticks.some(
    (tick) => tick.child === child && tick.seen && tick.on <= on && skills.includes(tick.skill),
  );

/** May the child do it on a day? Yes from the earliest age on, and earlier where it was seen; no while "not yet" is fresh. */
export function mayDo(people: People, child: Child, ability: Ability, on: PlainDate): MayDo {
  const { shownBy, deniedBy, earliestMonths } = KNOWN[ability];
  if (wasSeen(people, child.id, shownBy, on)) return { may: true, because: "seen" };
  const denied = deniedOn(people, child.id, deniedBy, on);
  if (denied && addDays(denied, NOT_YET_DAYS) > on) return { may: false, because: "not-yet" };
  return { may: monthsFromBirth(child, on) >= earliestMonths, because: "age" };
}

/** Does the child most likely do it? From the median age on, where nothing was ticked. */
export function likelyDoes(people: People, child: Child, ability: Ability, on: PlainDate): boolean {
  const { may, because } = mayDo(people, child, ability, on);
  return because === "age" ? monthsFromBirth(child, on) >= KNOWN[ability].medianMonths : may;
}

/** What a child does so far, as the adult says it: the most of the abilities, or none of them. */
export type DoesSoFar = "lies" | Ability;
export const DOES_SO_FAR: readonly DoesSoFar[] = ["lies", "sits", "crawls", "pulls-up", "climbs"];

/** The ticks that an adult makes by saying what a child does so far: that, and nothing of what is more. */
export function ticksFor(does: DoesSoFar): { skill: SkillId; seen: boolean }[] {
  const at = does === "lies" ? -1 : ABILITIES.indexOf(does);
  const saidOf = (ability: Ability, seen: boolean) => ({ skill: SkillId.parse(ability), seen });
  const more = ABILITIES.slice(at + 1).map((ability) => saidOf(ability, false));
  return does === "lies" ? more : [saidOf(does, true), ...more];
}
