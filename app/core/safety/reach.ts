import { childMonthsOn } from "../age";
import type { Child, Place, PlainDate } from "../model";

/** Up to this age a child is taken to mouth things unless the adult says otherwise; also the age of the small-parts rule. */
export const SMALL_PARTS_UNTIL_MONTHS = 36;

/** A child as the safety rules see it on a date. */
export interface Reacher {
  id: string;
  name: string;
  /** Applicable age in months. */
  months: number;
  mouths: boolean;
  allergies: readonly string[];
}

export function reacherOf(child: Child, on: PlainDate): Reacher {
  const months = childMonthsOn(child, on);
  const mouths = child.mouths === "by-age" ? months < SMALL_PARTS_UNTIL_MONTHS : child.mouths === "yes";
  return { id: child.id, name: child.name, months, mouths, allergies: child.allergies };
}

/**
 * Everyone who can get at a tray at this place on this date, youngest first: the children it is
 * for, and every other child of the household who is not kept from the place.
 */
export function whoCanReach(
  place: Place,
  users: readonly Child[],
  household: readonly Child[],
  on: PlainDate,
): Reacher[] {
  return household
    .filter(
      (other) =>
        users.some((user) => user.id === other.id) ||
        (other.birth <= on && !place.outOfReachOf.includes(other.id)),
    )
    .map((other) => reacherOf(other, on))
    .sort((a, b) => a.months - b.months);
}
