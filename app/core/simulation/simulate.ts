import type { Highs } from "highs";
import { DAYS_PER_MONTH } from "../age";
import { situationOf } from "../household";
import {
  type ActivityId,
  type AreaId,
  activityOf,
  addDays,
  type Catalogue,
  Observation,
  type PlainDate,
  type RungId,
  SkillNote,
  type Tables,
} from "../model";
import { asIfAccepted, type Band, makeRotation } from "../planner";
import { randomFrom } from "../random";
import { questionsFor } from "../readiness";
import { type MadeUpChild, madeUpChild } from "./child";
import { BAYS, CHILD, plentifulHome, START } from "./household";
import { SIMPLE_POLICIES, simpleChoice } from "./policies";

export const POLICIES = [...SIMPLE_POLICIES, "orto"] as const;
export type Policy = (typeof POLICIES)[number];

/** One tray in one week, with what it truly was. */
export interface TrayWeek {
  week: number;
  activity: ActivityId;
  area: AreaId;
  /** What the policy meant it to be; policies without a notion of it mean all to be within reach. */
  meant: Band;
  /** True chance in the middle of the week. */
  truth: number;
  /** The chance that was predicted, where the policy predicts one. */
  predicted?: number;
  /** On each usual day on which the child was willing: alone or not. */
  alone: boolean[];
}

export interface Run {
  policy: Policy;
  child: number;
  trays: TrayWeek[];
}

export interface SimulationSize {
  children: number;
  weeks: number;
}

/** Children begin between these ages, in months, spread evenly. */
const FROM_MONTHS = 8;
const TO_MONTHS = 42;
const TRIES_PER_WEEK = 3;
/** Skills that a parent is asked to look out for each week. */
const LOOKS_PER_WEEK = 5;
/** An activity that was out comes back after so many weeks, for the policies that learn nothing. */
const REST_WEEKS = 4;

interface Out {
  activity: ActivityId;
  rung: RungId;
  meant: Band;
  predicted?: number;
}

/** Plays one tray for a week: three tries, the true chance, and the notes a parent would make. */
function playTray(
  catalogue: Catalogue,
  child: MadeUpChild,
  out: Out,
  week: number,
  start: number,
  from: PlainDate,
) {
  const activity = activityOf(catalogue, out.activity);
  const rung = activity?.rungs.find((one) => one.id === out.rung);
  if (!activity || !rung) throw new Error(`There is no rung ${out.activity}/${out.rung}.`);
  const monthsOn = (day: number) => start + (week * 7 + day) / DAYS_PER_MONTH;
  const tries = Array.from({ length: TRIES_PER_WEEK }, (_, i) => ({
    day: 1 + i * 2,
    ...child.tries(activity, rung, monthsOn(1 + i * 2)),
  }));
  const notes = tries.map(({ day, help, interest, condition }, i) =>
    Observation.parse({
      id: `seen-${week}-${activity.id}-${i}`,
      createdAt: `${addDays(from, day)}T18:00:00.000Z`,
      updatedAt: `${addDays(from, day)}T18:00:00.000Z`,
      child: CHILD,
      activity: activity.id,
      rung: rung.id,
      on: addDays(from, day),
      help,
      interest,
      condition,
      ended: interest === "none" ? "left" : "finished",
    }),
  );
  const tray: TrayWeek = {
    week,
    activity: activity.id,
    area: activity.area,
    meant: out.meant,
    truth: child.chance(activity, rung, monthsOn(3)),
    predicted: out.predicted,
    alone: tries
      .filter((one) => one.condition === "usual" && one.interest !== "none")
      .map((one) => one.help === "alone"),
  };
  return { tray, notes };
}

/** The answers of a parent who looks out for the skills on the week's short list. */
function lookAndSee(
  catalogue: Catalogue,
  child: MadeUpChild,
  tables: Tables,
  months: number,
  from: PlainDate,
): SkillNote[] {
  const ready = situationOf(catalogue, tables, from).readiness.get(CHILD);
  if (!ready) return [];
  return questionsFor(catalogue, ready, tables.skillNotes, CHILD, from, LOOKS_PER_WEEK).map(({ skill }) =>
    SkillNote.parse({
      id: `look-${from}-${skill.id}`,
      createdAt: `${from}T08:00:00.000Z`,
      updatedAt: `${from}T08:00:00.000Z`,
      child: CHILD,
      skill: skill.id,
      on: from,
      seen: child.shows(skill, months),
    }),
  );
}

/** The next shelf by Orto's planner, and the tables as if it had been accepted. */
function ortoWeek(highs: Highs, catalogue: Catalogue, tables: Tables, from: PlainDate, week: number) {
  const situation = situationOf(catalogue, tables, from);
  const [rotation] = makeRotation(highs, situation, { seconds: 10, gap: 0.005 }).rotations;
  if (!rotation) throw new Error("A plan has at least one rotation.");
  return {
    out: rotation.trays.map(
      (tray): Out => ({ activity: tray.activity, rung: tray.rung, meant: tray.band, predicted: tray.chance }),
    ),
    tables: asIfAccepted(tables, rotation, situation.site, `week-${week}`),
  };
}

/** Plays one child for some weeks under one policy. Same child and policy, same run. */
export function play(
  highs: Highs,
  catalogue: Catalogue,
  policy: Policy,
  seed: number,
  weeks: number,
  start: number,
): Run {
  const child = madeUpChild(catalogue, seed);
  let tables = plentifulHome(catalogue, start);
  const lately: string[][] = [];
  const trays = Array.from({ length: weeks }, (_, week) => {
    const from = addDays(START, week * 7);
    let out: Out[];
    if (policy === "orto") {
      const looks = lookAndSee(catalogue, child, tables, start + (week * 7) / DAYS_PER_MONTH, from);
      tables = { ...tables, skillNotes: [...tables.skillNotes, ...looks] };
      const next = ortoWeek(highs, catalogue, tables, from, week);
      out = next.out;
      tables = next.tables;
    } else {
      const months = start + (week * 7) / DAYS_PER_MONTH;
      const recent = new Set(lately.slice(-REST_WEEKS).flat());
      out = simpleChoice(policy, catalogue, { months, week, bays: BAYS, lately: recent, seed }).map(
        ({ activity, rung }): Out => ({ activity: activity.id, rung: rung.id, meant: "reach" }),
      );
    }
    lately.push(out.map((one) => one.activity));
    const played = out.map((one) => playTray(catalogue, child, one, week, start, from));
    if (policy === "orto")
      tables = { ...tables, observations: [...tables.observations, ...played.flatMap((one) => one.notes)] };
    return played.map((one) => one.tray);
  });
  return { policy, child: seed, trays: trays.flat() };
}

/** Plays many made-up children under every policy. */
export function simulate(
  highs: Highs,
  catalogue: Catalogue,
  size: SimulationSize,
  progress?: (done: number, of: number) => void,
): Run[] {
  const of = size.children * POLICIES.length;
  let done = 0;
  return Array.from({ length: size.children }, (_, i) => i).flatMap((seed) => {
    const start = FROM_MONTHS + (TO_MONTHS - FROM_MONTHS) * randomFrom(seed + 17)();
    return POLICIES.map((policy) => {
      const run = play(highs, catalogue, policy, seed, size.weeks, start);
      progress?.(++done, of);
      return run;
    });
  });
}
