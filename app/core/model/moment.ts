import { z } from "zod";
import { Row } from "./household";
import { ChildId, MomentId, PlaceId } from "./id";
import type { PlainDate } from "./plainDate";
import { Routine } from "./routine";

/** A time on the clock, "HH:MM", as it stands on the wall at home. */
export const ClockTime = z
  .string("a time such as 08:30")
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, "a time such as 08:30");
export type ClockTime = z.infer<typeof ClockTime>;

/** Days of the week by ISO 8601: 1 is Monday, 7 is Sunday. */
export const Weekday = z.number().int().min(1, "1 for Monday, up to 7").max(7, "7 for Sunday, down to 1");

const idList = z.array(ChildId).max(20, "at most 20 children").default([]);

/**
 * A repeated time at a place that is used by invitation. What is set out there is set out for that time and put away
 * again, so several activities share the place through the week, and their things.
 */
export const Moment = Row.extend({
  id: MomentId,
  place: PlaceId,
  routine: Routine,
  at: ClockTime,
  /** How long it lasts, in minutes. */
  minutes: z.number().int("a whole number").min(5, "5 minutes or more").max(240, "at most 240 minutes"),
  weekdays: z
    .array(Weekday)
    .min(1, "one day of the week at least")
    .max(7, "at most 7 days")
    .default([1, 2, 3, 4, 5, 6, 7]),
  /** The children who are there; empty: everyone the place is for. */
  children: idList,
  /** The children who are asleep then, by the adult's word: they do not get at what stands out. */
  asleep: idList,
  /** The adult has these minutes for sitting beside. */
  adultBeside: z.boolean().default(true),
});
export type Moment = z.infer<typeof Moment>;

const MINUTES_PER_HOUR = 60;

/** Minutes since midnight. */
export const minuteOf = (at: ClockTime): number =>
  Number(at.slice(0, 2)) * MINUTES_PER_HOUR + Number(at.slice(3));

/** Minutes since midnight as "HH:MM". */
export const clockTimeOf = (minute: number): ClockTime =>
  [Math.floor(minute / MINUTES_PER_HOUR), minute % MINUTES_PER_HOUR]
    .map((part) => String(part).padStart(2, "0"))
    .join(":");

/** The day of the week by ISO 8601: 1 is Monday, 7 is Sunday. 1 January 1970 was a Thursday. */
export function weekdayOf(date: PlainDate): number {
  const days = Math.floor(Date.parse(date) / 86_400_000);
  return ((((days + 3) % 7) + 7) % 7) + 1;
}
