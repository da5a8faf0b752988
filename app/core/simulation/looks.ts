import { DAYS_PER_MONTH } from "../age";
import { type Activity, addDays, type Catalogue, Child, plainDate, type Rung, SkillNote } from "../model";
import { randomFrom } from "../random";
import { type ChildReadiness, openSkills, questionsFor, readinessOf, WITHIN_REACH } from "../readiness";
import { madeUpChild } from "./child";

/** How the skills to look out for are chosen: by the drop in uncertainty that is expected, or any that are open. */
export const skillCheckPolicies = ["most told", "at random"] as const;
export type Looker = (typeof skillCheckPolicies)[number];

export interface LookFigures {
  looker: Looker;
  /** Mean distance of the believed from the true answer to "is it within reach?", over the rungs that could come next. */
  off: number;
  /** The same before any look. */
  before: number;
}

const WEEKS = 4;
const LOOKS_PER_WEEK = 5;
const START = plainDate("2026-01-05");

interface Facing {
  activity: Activity;
  rung: Rung;
  /** Whether it is truly within reach at the end. */
  truly: boolean;
}

/** Rungs whose answer is open for a child of whom nothing is known: printed ages do not settle it. */
function openRungs(catalogue: Catalogue, ready: ChildReadiness): { activity: Activity; rung: Rung }[] {
  return catalogue.activities.flatMap((activity) =>
    activity.rungs.flatMap((rung) => {
      const { chance } = ready.rung(activity, rung);
      return chance > 0.25 && chance < 0.95 ? [{ activity, rung }] : [];
    }),
  );
}

const offBy = (ready: ChildReadiness, rungs: readonly Facing[]): number =>
  rungs.reduce(
    (sum, { activity, rung, truly }) => sum + Math.abs(ready.rung(activity, rung).within - Number(truly)),
    0,
  ) / rungs.length;

const shuffled = <T>(all: readonly T[], random: () => number): T[] =>
  all
    .map((one) => ({ one, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);

/** One child of whom nothing is known but its age, looked at for four weeks with five skills a week. */
function lookedAt(catalogue: Catalogue, looker: Looker, seed: number): { off: number; before: number } {
  const random = randomFrom(seed * 31 + 7);
  const start = 10 + 30 * random();
  const stamp = { createdAt: `${START}T08:00:00.000Z`, updatedAt: `${START}T08:00:00.000Z` };
  const birth = addDays(START, -Math.round(start * DAYS_PER_MONTH));
  const child = Child.parse({ ...stamp, id: "looked-at", name: "Child", birth });
  const truth = madeUpChild(catalogue, seed);
  const end = addDays(START, WEEKS * 7);
  const months = start + (WEEKS * 7) / DAYS_PER_MONTH;
  const blank = readinessOf(catalogue, child, [], [], end);
  const rungs = openRungs(catalogue, blank).map((one): Facing => {
    const chance = truth.chance(one.activity, one.rung, months);
    return { ...one, truly: chance >= WITHIN_REACH.from && chance <= WITHIN_REACH.to };
  });
  const notes: SkillNote[] = [];
  for (let week = 0; week < WEEKS; week++) {
    const on = addDays(START, week * 7);
    const ready = readinessOf(catalogue, child, [], notes, on);
    const told = [catalogue, ready, notes, child.id, on] as const;
    const asked =
      looker === "most told"
        ? questionsFor(...told, LOOKS_PER_WEEK)
        : shuffled(openSkills(...told), random).slice(0, LOOKS_PER_WEEK);
    for (const { skill } of asked)
      notes.push(
        SkillNote.parse({
          ...stamp,
          id: `${on}-${skill.id}`,
          child: child.id,
          skill: skill.id,
          on,
          seen: truth.shows(skill, start + (week * 7) / DAYS_PER_MONTH),
        }),
      );
  }
  return { off: offBy(readinessOf(catalogue, child, [], notes, end), rungs), before: offBy(blank, rungs) };
}

/** How much is known after four weeks of looks alone, by how the skills to look out for were chosen. */
export const compareLooks = (catalogue: Catalogue, children: number): LookFigures[] =>
  skillCheckPolicies.map((looker) => {
    const all = Array.from({ length: children }, (_, seed) => lookedAt(catalogue, looker, seed));
    const mean = (of: (one: { off: number; before: number }) => number) =>
      all.reduce((sum, one) => sum + of(one), 0) / all.length;
    return { looker, off: mean((one) => one.off), before: mean((one) => one.before) };
  });
