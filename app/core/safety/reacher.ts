import { childMonthsOn, monthsFromBirth } from "../age";
import type { Child, ChildId, PlainDate } from "../model";
import { wasSeen } from "./abilities";
import type { People } from "./people";

/** Up to this age a child is taken to mouth things unless the adult says otherwise; also the age of the small-parts rule. */
export const SMALL_PARTS_UNTIL_MONTHS = 36;

/** A child as the safety rules see it on a date. */
export interface Reacher {
  id: ChildId;
  name: string;
  /** Applicable age in months, corrected where that applies: for what a child has to be old enough for. */
  months: number;
  /** From birth: for what a child may already do. */
  monthsFromBirth: number;
  mouths: boolean;
  /** As they were written. */
  allergies: readonly string[];
  /** Seen to push up on hands or hands and knees, or to do what comes after it. */
  pushesUp: boolean;
  /** Seen to hold the head steady when held upright. */
  holdsHead: boolean;
}

const AFTER_PUSHING_UP = ["rolls", "sits", "crawls", "pulls-up", "stands-holding", "walks", "climbs"];
const PUSHES_UP = ["pushes-up", ...AFTER_PUSHING_UP];
/** Held upright, the head stays steady; lifting it on the tummy comes two months earlier and is no sign of that. */
const HOLDS_HEAD = ["holds-head-upright", "sits", "pulls-up", "stands-holding", "walks", "climbs"];

const made = new WeakMap<People, Map<string, Reacher>>();

/** The child as the rules see it on a day; worked out once for the same people. */
export function reacherOf(child: Child, people: People, on: PlainDate): Reacher {
  const known = made.get(people) ?? new Map<string, Reacher>();
  made.set(people, known);
  const key = `${child.id} ${child.mouths} ${on}`;
  const found = known.get(key);
  if (found) return found;
  const months = childMonthsOn(child, on);
  const reacher: Reacher = {
    id: child.id,
    name: child.name,
    months,
    monthsFromBirth: monthsFromBirth(child, on),
    mouths: child.mouths === "by-age" ? months < SMALL_PARTS_UNTIL_MONTHS : child.mouths === "yes",
    allergies: child.allergies,
    pushesUp: wasSeen(people, child.id, PUSHES_UP, on),
    holdsHead: wasSeen(people, child.id, HOLDS_HEAD, on),
  };
  known.set(key, reacher);
  return reacher;
}
