import { addDays, addMonths, daysBetween, failed, ok, type PlainDate, type Result } from "../model";

/** Mean length of a month in days, as in the WHO growth studies. */
export const DAYS_PER_MONTH = 30.4375;
/** From how many days before the due date on a birth counts as early: three weeks. */
export const EARLY_BIRTH_DAYS = 21;
/** The corrected age applies until this decimal age (months) from birth. */
export const CORRECTED_UNTIL_MONTHS = 24;
/** A due date further than this from the birth is taken for a slip of the pen: 20 weeks. */
const MAX_DUE_DISTANCE_DAYS = 140;

export interface Age {
  /** Days since birth. */
  days: number;
  /** Completed calendar months. */
  months: number;
  /** Whole weeks after the last completed month. */
  weeks: number;
  /** Days / 30.4375. */
  decimalMonths: number;
  /** Decimal months since the due date; null without one. Negative before it. */
  correctedMonths: number | null;
  /** Which of the two to go by. */
  applies: "birth" | "due";
}

const dayOfMonth = (date: PlainDate) => Number(date.slice(8));

/** Completed calendar months: same day number of a later month, or that month's last day where it has no such day. */
function completedMonths(birth: PlainDate, on: PlainDate): number {
  const months =
    (Number(on.slice(0, 4)) - Number(birth.slice(0, 4))) * 12 +
    Number(on.slice(5, 7)) -
    Number(birth.slice(5, 7));
  return dayOfMonth(on) < dayOfMonth(addMonths(birth, months)) ? months - 1 : months;
}

/**
 * The age of a child on a date, in days, calendar months and weeks, and decimal months,
 * with the corrected age where a due date is known. The corrected age applies when the
 * birth came three weeks or more before the due date, until the second birthday.
 *
 * Errors: `before-birth` (path `on`), `due-out-of-range` (path `due`).
 */
export function ageOn(birth: PlainDate, on: PlainDate, due?: PlainDate): Result<Age> {
  const days = daysBetween(birth, on);
  if (days < 0) {
    return failed({
      code: "before-birth",
      path: "on",
      message: `${on} is before the birth on ${birth}. Give a date on or after the birth.`,
    });
  }
  const early = due === undefined ? 0 : daysBetween(birth, due);
  if (Math.abs(early) > MAX_DUE_DISTANCE_DAYS) {
    return failed({
      code: "due-out-of-range",
      path: "due",
      message: `The due date ${due} is ${Math.abs(early)} days from the birth on ${birth}; at most ${MAX_DUE_DISTANCE_DAYS} make sense. Check both dates.`,
    });
  }
  const months = completedMonths(birth, on);
  return ok({
    days,
    months,
    weeks: Math.floor(daysBetween(addMonths(birth, months), on) / 7),
    decimalMonths: days / DAYS_PER_MONTH,
    correctedMonths: due === undefined ? null : (days - early) / DAYS_PER_MONTH,
    applies: appliesAt(birth, on, early),
  });
}

/** Which age to go by after a birth so many days early: the corrected one to the day before the second birthday. */
const appliesAt = (birth: PlainDate, on: PlainDate, early: number): Age["applies"] =>
  early >= EARLY_BIRTH_DAYS && on < addMonths(birth, CORRECTED_UNTIL_MONTHS) ? "due" : "birth";

/** The decimal age in months to go by: corrected where that applies. */
export const applicableMonths = (age: Age): number =>
  age.applies === "due" && age.correctedMonths !== null ? age.correctedMonths : age.decimalMonths;

/**
 * The applicable age of a child in months, never below 0: for a child whose dates have
 * been checked when they were stored. Before the birth it is 0.
 */
export function childMonthsOn({ birth, due }: { birth: PlainDate; due?: PlainDate }, on: PlainDate): number {
  const days = daysBetween(birth, on);
  const early = due === undefined ? 0 : daysBetween(birth, due);
  const counted = appliesAt(birth, on, early) === "due" ? days - early : days;
  return Math.max(0, counted / DAYS_PER_MONTH);
}

/** The due date of a child born `weeks` weeks early. */
export const dueDateOf = (birth: PlainDate, weeks: number): PlainDate =>
  addDays(birth, Math.round(weeks * 7));

/** The age from birth in months (days / 30.4375), never below 0: for what a child may already do. */
export const monthsFromBirth = ({ birth }: { birth: PlainDate }, on: PlainDate): number =>
  Math.max(0, daysBetween(birth, on) / DAYS_PER_MONTH);
