import {
  type Activity,
  type ActivityId,
  type Anecdote,
  AREA_IDS,
  type AreaId,
  addDays,
  type ChildId,
  daysBetween,
  inOrderOfDays,
  type Observation,
  type PlainDate,
  type Skill,
  type Tray,
  type TrayId,
} from "../model";
import { INTEREST_WORTH } from "../rotation";

/** What of the journal is looked at; what is not given is not asked for. */
export interface JournalFilter {
  child?: ChildId;
  activity?: ActivityId;
  tray?: TrayId;
  area?: AreaId;
  /** Words in the note, in the activity's name, in any case. */
  words?: string;
  /** The first day and the last one. */
  from?: PlainDate;
  to?: PlainDate;
}

/** A note with what it is about. */
export interface JournalEntry {
  note: Observation;
  activity?: Activity;
}

/** Something seen away from any tray, with the skill and the activity that it tells of. */
export interface JournalAnecdote {
  anecdote: Anecdote;
  skill?: Skill;
  activity?: Activity;
}

/** Rows of the journal: a heading for each day, and its notes under it, newest first. */
export type JournalRow =
  | { kind: "day"; on: PlainDate; notes: number }
  | { kind: "note"; entry: JournalEntry }
  | { kind: "anecdote"; entry: JournalAnecdote };

const matches = (text: string | undefined, words: string) => text?.toLowerCase().includes(words) ?? false;

/** The entries that suit the filter, newest first. */
export function journalEntries(
  observations: readonly Observation[],
  activities: ReadonlyMap<string, Activity>,
  filter: JournalFilter,
): JournalEntry[] {
  const words = filter.words?.trim().toLowerCase() ?? "";
  const suits = (note: Observation, activity: Activity | undefined) =>
    (filter.child === undefined || note.child === filter.child) &&
    (filter.activity === undefined || note.activity === filter.activity) &&
    (filter.tray === undefined || note.tray === filter.tray) &&
    (filter.from === undefined || note.on >= filter.from) &&
    (filter.to === undefined || note.on <= filter.to) &&
    (filter.area === undefined || activity?.area === filter.area) &&
    (words === "" ||
      matches(note.words, words) ||
      matches(activity?.name, words) ||
      matches(note.insert, words));
  const entries: JournalEntry[] = [];
  const ordered = inOrderOfDays(observations);
  for (let i = ordered.length - 1; i >= 0; i--) {
    const note = ordered[i] as Observation;
    const activity = activities.get(note.activity);
    if (suits(note, activity)) entries.push({ note, activity });
  }
  return entries;
}

/** What was seen away from any tray and suits the filter, newest first; none where only one tray is asked for. */
export function journalAnecdotes(
  anecdotes: readonly Anecdote[],
  skills: ReadonlyMap<string, Skill>,
  activities: ReadonlyMap<string, Activity>,
  filter: JournalFilter,
): JournalAnecdote[] {
  const words = filter.words?.trim().toLowerCase() ?? "";
  return inOrderOfDays(anecdotes)
    .toReversed()
    .map((anecdote) => ({
      anecdote,
      skill: anecdote.skill && skills.get(anecdote.skill),
      activity: anecdote.activity && activities.get(anecdote.activity),
    }))
    .filter(
      ({ anecdote, skill, activity }) =>
        filter.tray === undefined &&
        (filter.child === undefined || anecdote.child === filter.child) &&
        (filter.activity === undefined || anecdote.activity === filter.activity) &&
        (filter.from === undefined || anecdote.on >= filter.from) &&
        (filter.to === undefined || anecdote.on <= filter.to) &&
        (filter.area === undefined || [skill?.area, activity?.area].includes(filter.area)) &&
        (words === "" || matches(anecdote.words, words) || matches(skill?.name, words)),
    );
}

/** The title of the rung that a note is about. */
export const rungTitle = ({ note, activity }: JournalEntry): string =>
  activity?.rungs.find((one) => one.id === note.rung)?.title ?? "";

/** The entries by day, as rows of one long list: what was seen away from trays comes first on its day. */
export function journalRows(
  entries: readonly JournalEntry[],
  anecdotes: readonly JournalAnecdote[] = [],
): JournalRow[] {
  const rows: JournalRow[] = [];
  let day: Extract<JournalRow, { kind: "day" }> | undefined;
  const add = (on: PlainDate, row: JournalRow) => {
    if (day?.on !== on) {
      day = { kind: "day", on, notes: 0 };
      rows.push(day);
    }
    day.notes += 1;
    rows.push(row);
  };
  let next = 0;
  for (const entry of entries) {
    for (let one = anecdotes[next]; one && one.anecdote.on >= entry.note.on; one = anecdotes[next]) {
      add(one.anecdote.on, { kind: "anecdote", entry: one });
      next += 1;
    }
    add(entry.note.on, { kind: "note", entry });
  }
  for (const one of anecdotes.slice(next)) add(one.anecdote.on, { kind: "anecdote", entry: one });
  return rows;
}

/** One use of a tray: how long, how often again, on which of its days out. */
export interface TrayPoint {
  note: string;
  dayOut: number;
  on: PlainDate;
  minutes?: number;
  repeats?: number;
}

/** Minutes and repeats of each tray over its days out, oldest first; trays without either are left out. */
export function trayCourses(
  entries: readonly JournalEntry[],
  trays: readonly Tray[],
): { tray: TrayId; name: string; points: TrayPoint[] }[] {
  const byId = new Map(trays.map((tray) => [tray.id, tray]));
  const courses = new Map<string, { tray: TrayId; name: string; points: TrayPoint[] }>();
  for (const { note, activity } of entries.toReversed()) {
    const tray = note.tray ? byId.get(note.tray) : undefined;
    if (!tray || (note.minutes === undefined && note.repeats === undefined)) continue;
    // A tray that was carried over goes on: it is one course from the day it went out.
    const key = `${tray.child} ${tray.activity} ${tray.rung} ${tray.outSince}`;
    const course = courses.get(key) ?? { tray: tray.id, name: activity?.name ?? tray.activity, points: [] };
    course.tray = tray.id;
    course.points.push({
      note: note.id,
      dayOut: daysBetween(tray.outSince, note.on) + 1,
      on: note.on,
      minutes: note.minutes,
      repeats: note.repeats,
    });
    courses.set(key, course);
  }
  return [...courses.values()];
}

/** Monday of the week of a day. */
export const weekOf = (on: PlainDate): PlainDate => {
  const [y = 0, m = 1, d = 1] = on.split("-").map(Number);
  const weekday = (new Date(Date.UTC(y, m - 1, d)).getUTCDay() + 6) % 7;
  return addDays(on, -weekday);
};

/** Mean noted interest of each activity in each week, −0.5 to 1. */
export function interestByWeek(
  entries: readonly JournalEntry[],
): { activity: ActivityId; name: string; week: PlainDate; interest: number; notes: number }[] {
  const cells = new Map<
    string,
    { activity: ActivityId; name: string; week: PlainDate; sum: number; notes: number }
  >();
  for (const { note, activity } of entries) {
    if (!note.interest) continue;
    const week = weekOf(note.on);
    const key = `${note.activity} ${week}`;
    const cell = cells.get(key) ?? {
      activity: note.activity,
      name: activity?.name ?? note.activity,
      week,
      sum: 0,
      notes: 0,
    };
    cells.set(key, { ...cell, sum: cell.sum + INTEREST_WORTH[note.interest], notes: cell.notes + 1 });
  }
  return [...cells.values()].map(({ sum, ...cell }) => ({ ...cell, interest: sum / cell.notes }));
}

/** How often each area was noted in the last weeks, the ones that have been missing first. */
export function areasOf(
  entries: readonly JournalEntry[],
  on: PlainDate,
  weeks: number,
): { area: AreaId; notes: number; lastOn?: PlainDate }[] {
  const from = addDays(on, -7 * weeks);
  return AREA_IDS.map((area) => {
    const of = entries.filter((one) => one.activity?.area === area);
    return {
      area,
      notes: of.filter((one) => one.note.on > from).length,
      lastOn: of[0]?.note.on,
    };
  }).sort((a, b) => a.notes - b.notes);
}
