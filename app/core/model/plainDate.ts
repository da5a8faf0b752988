import { UTCDate } from "@date-fns/utc";
import { addDays as addDaysTo, addMonths as addMonthsTo, formatISO } from "date-fns";
import { z } from "zod";
import { FIRST_DATE, LAST_DATE } from "./bounds";

/** A calendar date without a time or a zone, `YYYY-MM-DD`, from 1900 to 2199. 30 February is refused. */
export const PlainDate = z.iso
  .date({ error: "a real calendar date, written YYYY-MM-DD", abort: true })
  .refine((date) => date >= FIRST_DATE && date <= LAST_DATE, "a date of the years 1900 to 2199")
  .brand<"PlainDate">();
export type PlainDate = z.infer<typeof PlainDate>;

/** A moment, ISO 8601 in UTC. */
export const Instant = z.iso.datetime("a moment such as 2026-03-01T18:30:00.000Z");
export type Instant = z.infer<typeof Instant>;

const toUtc = (date: PlainDate) => new UTCDate(`${date}T00:00:00Z`);
const fromUtc = (date: Date) => formatISO(date, { representation: "date" }) as PlainDate;

/** For literals in code and data: throws when the text is not a calendar date. */
export const plainDate = (text: string): PlainDate => PlainDate.parse(text);

export const addDays = (date: PlainDate, days: number): PlainDate => fromUtc(addDaysTo(toUtc(date), days));

/** Same day number `months` later, or the last day of that month where it has no such day. */
export const addMonths = (date: PlainDate, months: number): PlainDate =>
  fromUtc(addMonthsTo(toUtc(date), months));

/** A bare date is read as midnight in UTC, which knows no summer time: the days between are whole. */
const MS_PER_DAY = 86_400_000;

/** Whole days from `from` to `to`; negative when `to` comes first. Asked for thousands of times in a plan. */
export const daysBetween = (from: PlainDate, to: PlainDate): number =>
  (Date.parse(to) - Date.parse(from)) / MS_PER_DAY;

/** The date as a moment in UTC, for formatting only (always with `timeZone: "UTC"`). */
export const utcDateOf = (date: PlainDate): Date => new Date(`${date}T00:00:00Z`);
