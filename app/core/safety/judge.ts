import { addDays, type Child, type Place, type PlainDate } from "../model";
import { type Assessment, assess, closerAdult, type SafetyState, STATE_ORDER, type TrayCase } from "./assess";
import type { People } from "./people";
import { whoCanReach } from "./reach";
import type { Reacher } from "./reacher";

/** A tray may stand a week longer than planned: so many days beyond its rotation are looked at. */
export const DAYS_BEYOND = 7;

/** The children who reach a place from a day on, until the next such span begins. */
export interface ReachSpan {
  from: PlainDate;
  reachers: readonly Reacher[];
}

/** Everything of a child that a rule can look at: rules change with age on whole months only. */
const profileOf = ({ id, months, monthsFromBirth, mouths, pushesUp, holdsHead }: Reacher) =>
  [id, Math.floor(months), Math.floor(monthsFromBirth), mouths, pushesUp, holdsHead].join(" ");

const known = new WeakMap<People, WeakMap<Place, Map<string, ReachSpan[]>>>();

/**
 * Who reaches a place from `from` to the day before `to`, as spans within which no rule can change its answer. Worked out
 * once for the same people and place.
 */
export function reachSpans(
  place: Place,
  users: readonly Child[],
  people: People,
  from: PlainDate,
  to: PlainDate,
): readonly ReachSpan[] {
  const places = known.get(people) ?? new WeakMap<Place, Map<string, ReachSpan[]>>();
  known.set(people, places);
  const spans = places.get(place) ?? new Map<string, ReachSpan[]>();
  places.set(place, spans);
  const key = [from, to, ...users.map((one) => `${one.id} ${one.mouths}`)].join(" ");
  const found = spans.get(key) ?? spansOf(place, users, people, from, to);
  spans.set(key, found);
  return found;
}

function spansOf(
  place: Place,
  users: readonly Child[],
  people: People,
  from: PlainDate,
  to: PlainDate,
): ReachSpan[] {
  const spans: ReachSpan[] = [];
  let before = "";
  for (let day = from; day < to; day = addDays(day, 1)) {
    const reachers = whoCanReach(place, users, people, day);
    const profile = reachers.map(profileOf).join("; ");
    if (profile !== before || spans.length === 0) spans.push({ from: day, reachers });
    before = profile;
  }
  return spans;
}

/** A tray judged for every day it may stand. */
export interface Judgement extends Assessment {
  /** The day from which it is judged harder, where that comes in the week after its rotation: the reminder's date. */
  changesOn?: PlainDate;
  /** What it becomes then, and why. */
  becomes?: Assessment;
}

/** A judgement from what holds on each span: the hardest within the rotation, and what comes in the week beyond. */
export function overSpans(
  spans: readonly { from: PlainDate; assessment: Assessment }[],
  to: PlainDate,
): Judgement {
  const [first, ...later] = spans;
  if (!first) throw new Error("A tray is judged for one day at least.");
  let so: Judgement = first.assessment;
  for (const { from, assessment } of later) {
    if (STATE_ORDER.indexOf(assessment.state) <= STATE_ORDER.indexOf(so.state)) {
      if (from < to) so = { ...so, position: closerAdult(so.position, assessment.position) };
      continue;
    }
    if (from < to) so = { ...assessment, position: closerAdult(so.position, assessment.position) };
    else return { ...so, changesOn: from, becomes: assessment };
  }
  return so;
}

/**
 * Judges a tray for every day from `from` to the day before `to` (one day at least), and some days beyond: its state is
 * the hardest of those days; what gets harder in the days beyond is told with its day.
 */
export function judge(tray: TrayCase, from: PlainDate, to: PlainDate, beyond = DAYS_BEYOND): Judgement {
  const end = to > from ? to : addDays(from, 1);
  const spans = reachSpans(tray.place, tray.users, tray.people, from, addDays(end, beyond));
  return overSpans(
    spans.map((span) => ({ from: span.from, assessment: assess(tray, span.from) })),
    end,
  );
}

/** So far ahead it is told how long a state holds. */
export const LOOK_AHEAD_DAYS = 60;

export interface Holds {
  state: SafetyState;
  /** The last day on which that state holds, or nothing harder; undefined where that is all of the days ahead. */
  until?: PlainDate;
  /** What comes after. */
  becomes?: Assessment;
}

/** How long a tray's state of today holds: the last day before it is judged otherwise, milder or harder. */
export function holdsUntil(tray: TrayCase, on: PlainDate, days = LOOK_AHEAD_DAYS): Holds {
  const spans = reachSpans(tray.place, tray.users, tray.people, on, addDays(on, days + 1));
  const { state } = assess(tray, on);
  for (const span of spans.slice(1)) {
    const then = assess(tray, span.from);
    if (then.state !== state) return { state, until: addDays(span.from, -1), becomes: then };
  }
  return { state };
}

/** The first day from `on` on, at most so many days ahead, on which the tray is not blocked; undefined where there is none. */
export function safeAgainOn(tray: TrayCase, on: PlainDate, days = 365): PlainDate | undefined {
  return reachSpans(tray.place, tray.users, tray.people, on, addDays(on, days + 1)).find(
    (span) => assess(tray, span.from).state !== "blocked",
  )?.from;
}
