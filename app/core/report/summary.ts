import { childMonthsOn } from "../age";
import {
  type Activity,
  type Anecdote,
  AREA_IDS,
  type AreaId,
  activityOf,
  type Catalogue,
  type Child,
  type ChildId,
  type Decision,
  inOrderOfDays,
  type Observation,
  type PlainDate,
  type Row,
  type Rung,
  type Skill,
  type Tables,
  type Tray,
} from "../model";
import { type Care, careFor } from "../readiness";

/** What is told: of which child, from a day to a day, of which areas; with or without the name. */
export interface SummaryQuestion {
  child: Child;
  from: PlainDate;
  to: PlainDate;
  areas: readonly AreaId[];
  named: boolean;
}

/** A dated note with what it is about, at the age that counted on its day. */
export type SummaryEntry = { on: PlainDate; months: number } & (
  | { kind: "note"; note: Observation; activity: Activity; rung?: Rung }
  | { kind: "told"; anecdote: Anecdote; skill?: Skill }
);

/** What an adult changed about a tray, and when. */
export interface SummaryChange {
  decision: Decision;
  activity: Activity;
}

/** A tray that the child had on the last day. */
export interface StandingTray {
  tray: Tray;
  activity: Activity;
  rung?: Rung;
}

/** What was noted of a child, by area and day: observations, and no judgement. */
export interface Summary {
  question: SummaryQuestion;
  /** The applicable age on the last day, in months, and from birth where another applies. */
  months: number;
  /** A worry or a lost skill comes first. */
  care: Care[];
  areas: { area: AreaId; entries: SummaryEntry[] }[];
  changes: SummaryChange[];
  /** What stood for the child on the last day, the longest first. */
  standing: StandingTray[];
  /** Dated ticks of skills that were seen or not yet. */
  ticks: { skill: Skill; on: PlainDate; seen: boolean }[];
}

type Noted = Pick<
  Tables,
  "observations" | "anecdotes" | "skillNotes" | "decisions" | "worries" | "rotations" | "trays"
>;

function standingOn(
  catalogue: Catalogue,
  { rotations, trays }: Noted,
  { child, to }: SummaryQuestion,
): StandingTray[] {
  const current = new Set(
    rotations.filter((one) => one.from <= to && (one.to === undefined || one.to > to)).map((one) => one.id),
  );
  return trays
    .filter((one) => current.has(one.rotation) && (one.downOn === undefined || one.downOn > to))
    .filter((one) => one.child === child.id || one.also.includes(child.id))
    .sort((a, b) => (a.outSince < b.outSince ? -1 : a.outSince > b.outSince ? 1 : 0))
    .flatMap((tray) => {
      const activity = activityOf(catalogue, tray.activity);
      const rung = activity?.rungs.find((one) => one.id === tray.rung);
      return activity ? [{ tray, activity, ...(rung ? { rung } : {}) }] : [];
    });
}

/** What was noted of a child in a span of days, for somebody else to read. */
export function summaryOf(catalogue: Catalogue, tables: Noted, question: SummaryQuestion): Summary {
  const { child, from, to, areas } = question;
  const within = <T extends Row & { on: PlainDate; child: ChildId }>(rows: readonly T[]): T[] =>
    inOrderOfDays(rows.filter((row) => row.child === child.id && row.on >= from && row.on <= to)) as T[];
  const skills = new Map<string, Skill>(catalogue.skills.map((one) => [one.id, one]));
  const at = (on: PlainDate) => ({ on, months: childMonthsOn(child, on) });
  const notes = within(tables.observations).flatMap((note) => {
    const activity = activityOf(catalogue, note.activity);
    const rung = activity?.rungs.find((one) => one.id === note.rung);
    return activity
      ? [{ area: activity.area, entry: { ...at(note.on), kind: "note" as const, note, activity, rung } }]
      : [];
  });
  const told = within(tables.anecdotes).map((anecdote) => {
    const skill = anecdote.skill ? skills.get(anecdote.skill) : undefined;
    const area = skill?.area ?? activityOf(catalogue, anecdote.activity ?? "")?.area ?? "together";
    return {
      area,
      entry: { ...at(anecdote.on), kind: "told" as const, anecdote, ...(skill ? { skill } : {}) },
    };
  });
  const entriesOf = (area: AreaId): SummaryEntry[] =>
    [...notes, ...told]
      .filter((one) => one.area === area)
      .map((one) => one.entry)
      .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  return {
    question,
    months: childMonthsOn(child, to),
    care: careFor(tables.skillNotes, tables.observations, tables.worries, to).filter((one) =>
      one.kind === "worry" ? one.worry.child === child.id : one.child === child.id,
    ),
    areas: AREA_IDS.filter((area) => areas.length === 0 || areas.includes(area))
      .map((area) => ({ area, entries: entriesOf(area) }))
      .filter((one) => one.entries.length > 0),
    changes: within(tables.decisions).flatMap((decision) => {
      const activity = activityOf(catalogue, decision.activity);
      return activity && decision.move !== "leave" ? [{ decision, activity }] : [];
    }),
    standing: standingOn(catalogue, tables, question).filter(
      ({ activity }) => areas.length === 0 || areas.includes(activity.area),
    ),
    ticks: within(tables.skillNotes).flatMap(({ skill: id, on, seen }) => {
      const skill = skills.get(id);
      return skill && (areas.length === 0 || areas.includes(skill.area)) ? [{ skill, on, seen }] : [];
    }),
  };
}
