import { daysBetween, type PlainDate, utcDateOf } from "../core/model";

/** A format is made once: making one costs a hundred times what using it does. */
const format = (options: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(undefined, options);
const utc = (options: Intl.DateTimeFormatOptions) => format({ ...options, timeZone: "UTC" });

const WHOLE_DAY = utc({ weekday: "short", day: "numeric", month: "long", year: "numeric" });
const DAY_OF_YEAR = utc({ weekday: "long", day: "numeric", month: "short" });
const PLAIN_DAY = utc({ day: "numeric", month: "short", year: "numeric" });
const SHORT_DATE = utc({ day: "numeric", month: "short" });
const WEEKDAY = utc({ weekday: "short" });
const MOMENT = format({ weekday: "short", hour: "2-digit", minute: "2-digit" });

/** "Sunday, 10 May 2026" in the reader's own language and order. */
export const dayText = (date: PlainDate): string => WHOLE_DAY.format(utcDateOf(date));

export const shortDay = (date: PlainDate): string => DAY_OF_YEAR.format(utcDateOf(date));

/** As `shortDay`, with the year where it is another than that of the day it is read on. */
export const dayFrom = (date: PlainDate, today: PlainDate): string =>
  date.slice(0, 4) === today.slice(0, 4) ? shortDay(date) : dayText(date);

/** "4 May 2026": in lists of many days. */
export const plainDay = (date: PlainDate): string => PLAIN_DAY.format(utcDateOf(date));

/** "4 May": where the year and the weekday are known. */
export const shortDate = (date: PlainDate): string => SHORT_DATE.format(utcDateOf(date));

export const daysOutText = (since: PlainDate, on: PlainDate): string => {
  const days = daysBetween(since, on);
  if (days <= 0) return "new today";
  return days === 1 ? "1 day" : `${days} days`;
};

/** "Sun 18:40": a moment in ms since 1970, by the clock of this device. */
export const momentText = (at: number): string => MOMENT.format(at);

/** When something comes next: "today", "tomorrow", the day of the week, or that it is through. */
export function nextDayText(days: readonly PlainDate[], on: PlainDate): string {
  const next = days.find((day) => day >= on);
  if (!next) return "through";
  const away = daysBetween(on, next);
  if (away === 0) return "today";
  if (away === 1) return "tomorrow";
  return WEEKDAY.format(utcDateOf(next));
}
