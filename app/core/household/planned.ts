import { childMonthsOn } from "../age";
import type { Child, PlainDate } from "../model";

/** The age in months up to which there are activities. */
export const MAX_PLANNED_MONTHS = 66;
/** Below this age in months a child plays where an adult lays it down: mat, changing place, lap and bath. */
const LAID_DOWN_UNTIL_MONTHS = 6;

type Born = Pick<Child, "birth" | "due">;

/** True for a child who is older than all activities on a day. */
export const isBeyondActivities = (child: Born, on: PlainDate): boolean =>
  child.birth <= on && childMonthsOn(child, on) > MAX_PLANNED_MONTHS;

/** True for a child under six months, counted from the due date where that applies. */
export const isLaidDown = (child: Born, on: PlainDate): boolean =>
  child.birth <= on && childMonthsOn(child, on) < LAID_DOWN_UNTIL_MONTHS;

/** The children who are planned for on a day: those whom the adult wants trays for, born, and not beyond all activities. */
export const plannedOn = <C extends Child>(children: readonly C[], on: PlainDate): C[] =>
  children.filter((child) => child.planFor && child.birth <= on && !isBeyondActivities(child, on));

/** The children whom activities would suit and whom nothing is planned for. */
export const leftOutOn = <C extends Child>(children: readonly C[], on: PlainDate): C[] =>
  children.filter((child) => !child.planFor && child.birth <= on && !isBeyondActivities(child, on));

/** The children whom the adult wants trays for and who are older than all activities. */
export const outgrownOn = <C extends Child>(children: readonly C[], on: PlainDate): C[] =>
  children.filter((child) => child.planFor && isBeyondActivities(child, on));
