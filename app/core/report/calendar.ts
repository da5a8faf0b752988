import { createEvents, type EventAttributes } from "ics";
import { addDays, type Moment, minuteOf, type PlainDate, type SiteId, type TrayId } from "../model";
import type { ReachChange } from "../safety";

interface OnADay {
  /** The same for the same thing, whichever day it is put off to: a second import replaces the first. */
  id: string;
  on: PlainDate;
  /** Comes again after so many days, so often in all. */
  every?: { days: number; times: number };
}

/** One day to be reminded of; things and activities by name. */
export type Reminder = OnADay &
  (
    | { what: "change-shelf" }
    | { what: "insert"; activity: string; label: string }
    | { what: "give-back" | "use-up"; thing: string }
    | ({ what: "moment"; activity: string; place: string } & Pick<Moment, "routine" | "at" | "minutes">)
    | SafetyChange
  );

/** A reminder in words, as a calendar takes it. */
export interface CalendarEvent extends OnADay {
  title: string;
  text?: string;
  /** At a time of the day, wherever the calendar is read; otherwise the whole day. */
  time?: Pick<Moment, "at" | "minutes">;
}

export interface InsertsLeft {
  tray: TrayId;
  name: string;
  labels: readonly string[];
  /** The number of the first of them among all of the tray's pieces, from 0. */
  first: number;
}

export interface RemindersQuestion {
  today: PlainDate;
  /** The home that it is for. */
  site: SiteId;
  /** The day of the next change, and the days from one to the next. */
  next: PlainDate;
  rotationDays: number;
  /** What is still to come of each tray's inserts, one a day from today on. */
  inserts: readonly InsertsLeft[];
  /** Borrowed things with the day they go back, and things with a last day. */
  due: readonly { id: string; name: string; on: PlainDate; kind: "back" | "use-by" }[];
  /** What comes at moments, by tray: the days from today on. */
  moments: readonly {
    tray: TrayId;
    name: string;
    place: string;
    moment: Moment;
    days: readonly PlainDate[];
  }[];
  safety: readonly (Omit<OnADay, "every"> & SafetyChange)[];
}

/** What changes for the safety of a tray, by a rule's own reason, or for who gets at what. */
export type SafetyChange =
  | { what: "take-down" | "adult-held"; activity: string; reason: string }
  | { what: "reach"; change: ReachChange };

/** So many changes are put into the calendar; then it is time for a new file. */
const CHANGES = 8;

/** What the household may want to be reminded of, by day. */
export function remindersFor(q: RemindersQuestion): Reminder[] {
  const changes: Reminder = {
    id: `change-${q.site}`,
    on: q.next,
    what: "change-shelf",
    every: { days: q.rotationDays, times: CHANGES },
  };
  const inserts = q.inserts.flatMap(({ tray, name, labels, first }) =>
    labels.map(
      (label, i): Reminder => ({
        id: `insert-${tray}-${first + i}`,
        on: addDays(q.today, i),
        what: "insert",
        activity: name,
        label,
      }),
    ),
  );
  const due = q.due
    .filter((one) => one.on >= q.today)
    .map(
      (one): Reminder => ({
        id: `${one.kind}-${one.id}`,
        on: one.on,
        what: one.kind === "back" ? "give-back" : "use-up",
        thing: one.name,
      }),
    );
  const moments = q.moments.flatMap(({ tray, name, place, moment: { routine, at, minutes }, days }) =>
    days.map(
      (on): Reminder => ({
        ...{ id: `moment-${tray}-${on}`, on, what: "moment", activity: name },
        ...{ place, routine, at, minutes },
      }),
    ),
  );
  const safety = q.safety.map(({ id, ...one }): Reminder => ({ id: `safety-${id}`, ...one }));
  // What is for the whole day comes before its hours.
  const key = (one: Reminder) => `${one.on} ${one.what === "moment" ? one.at : ""}`;
  return [changes, ...inserts, ...due, ...moments, ...safety].sort((a, b) =>
    key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0,
  );
}

const dateArray = (date: PlainDate): [number, number, number] => {
  const [year = 0, month = 0, day = 0] = date.split("-").map(Number);
  return [year, month, day];
};

const MINUTE_MS = 60_000;

/** The whole day, or an hour of it that is the same in every time zone ("floating"). */
const whenOf = ({ on, time }: CalendarEvent) =>
  time
    ? {
        start: [...dateArray(on), Math.floor(minuteOf(time.at) / 60), minuteOf(time.at) % 60] as [
          number,
          number,
          number,
          number,
          number,
        ],
        startInputType: "local" as const,
        startOutputType: "local" as const,
        duration: { minutes: time.minutes },
      }
    : { start: dateArray(on), duration: { days: 1 } };

/** A content line has so many octets at most (RFC 5545, 3.1). */
const LINE_OCTETS = 75;

/** A content line folded by octets, never within a character; what goes on begins with a blank. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  let text = "";
  let octets = 0;
  for (const character of line) {
    const more = encoder.encode(character).length;
    if (octets + more > LINE_OCTETS) {
      text += "\r\n ";
      octets = 1;
    }
    text += character;
    octets += more;
  }
  return text;
}

/** The calendar library folds by characters; here its lines are put together again and folded by octets. */
const foldedByOctets = (calendar: string): string =>
  calendar
    .replace(/\r\n[ \t]/g, "")
    .split("\r\n")
    .map(folded)
    .join("\r\n");

/**
 * Events as a calendar file (RFC 5545): all-day events on plain calendar dates, and moments at their hour, without alarms. `at` is the
 * instant of making it. Throws where the calendar library refuses an event, which no valid date does.
 */
export function calendarText(events: readonly CalendarEvent[], at: string): string {
  const made = createEvents(
    events.map(
      // The library reads the instant of making, but its types leave it out.
      (one): EventAttributes & { timestamp: number } => ({
        uid: `${one.id}@orto`,
        timestamp: Date.parse(at),
        // Where the same event comes again, the later file counts (RFC 5545, 3.8.7.4).
        sequence: Math.floor(Date.parse(at) / MINUTE_MS),
        ...whenOf(one),
        title: one.title,
        ...(one.text ? { description: one.text } : {}),
        ...(one.every
          ? { recurrenceRule: `FREQ=DAILY;INTERVAL=${one.every.days};COUNT=${one.every.times}` }
          : {}),
        busyStatus: "FREE",
        transp: "TRANSPARENT",
      }),
    ),
    { productId: "-//Orto//Orto//EN", calName: "Orto" },
  );
  if (made.error || !made.value) throw made.error ?? new Error("The calendar is empty.");
  return foldedByOctets(made.value);
}
