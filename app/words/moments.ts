import { type ClockTime, type Moment, minuteOf, type Routine, type Tray, weekdayOf } from "../core/model";

export const ROUTINE_NAMES: Record<Routine, string> = {
  morning: "In the morning",
  dressing: "While dressing",
  "after-breakfast": "After breakfast",
  walk: "On the walk",
  "while-cooking": "While you cook",
  "at-meal": "At a meal",
  "before-nap": "Before the nap",
  "during-nap": "During the nap",
  "after-nap": "After the nap",
  bath: "At bath time",
  evening: "In the evening",
};

/** When a routine usually begins and how long it lasts; to be changed to one's own. */
export const USUAL_TIMES: Record<Routine, { at: ClockTime; minutes: number }> = {
  morning: { at: "09:30", minutes: 20 },
  dressing: { at: "07:30", minutes: 10 },
  "after-breakfast": { at: "08:30", minutes: 20 },
  walk: { at: "10:30", minutes: 45 },
  "while-cooking": { at: "11:30", minutes: 25 },
  "at-meal": { at: "12:00", minutes: 20 },
  "before-nap": { at: "12:30", minutes: 15 },
  "during-nap": { at: "13:00", minutes: 45 },
  "after-nap": { at: "15:00", minutes: 30 },
  bath: { at: "18:00", minutes: 20 },
  evening: { at: "18:30", minutes: 15 },
};

const utc = (options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat(undefined, { ...options, timeZone: "UTC" });
const CLOCK = utc({ hour: "numeric", minute: "2-digit" });
const WEEKDAY = { short: utc({ weekday: "short" }), long: utc({ weekday: "long" }) };

const MINUTE_MS = 60_000;

/** Minutes since midnight as the reader writes a time. */
export const clockText = (minutes: number): string => CLOCK.format(minutes * MINUTE_MS);

/** 1 January 2024 was a Monday. */
const MONDAY = Date.UTC(2024, 0, 1);
const DAY_MS = 86_400_000;

/** The name of a day of the week, 1 for Monday. */
export const weekdayName = (day: number, style: "short" | "long" = "short"): string =>
  WEEKDAY[style].format(MONDAY + (day - 1) * DAY_MS);

const DAYS_OF_A_WEEK = 7;

/** "every day", or the days' short names. */
export const weekdaysText = (days: readonly number[]): string =>
  days.length === DAYS_OF_A_WEEK
    ? "every day"
    : [...days]
        .sort()
        .map((day) => weekdayName(day))
        .join(", ");

/** "After the nap, 15:00: Tue, Fri." */
export function whenText(
  { moment: id, days }: NonNullable<Tray["when"]>,
  moments: readonly Moment[],
): string {
  const names = days.map((day) => weekdayName(weekdayOf(day))).join(", ");
  const moment = moments.find((one) => one.id === id);
  if (!moment) return `${names}.`;
  return `${ROUTINE_NAMES[moment.routine]}, ${clockText(minuteOf(moment.at))}: ${names || "no day is left"}.`;
}
