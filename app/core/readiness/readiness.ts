import { childMonthsOn } from "../age";
import {
  type Activity,
  type AgeWindow,
  type Catalogue,
  type Child,
  daysBetween,
  type Help,
  type Observation,
  type PlainDate,
  plainDate,
  type Rung,
  type Skill,
  type SkillNote,
} from "../model";
import { pullOf, RUNG_SHARES, rungKey, rungLoadings, SKILL_SHARES, skillLoadings } from "./loadings";
import { cumulative, quantile, Z90 } from "./normal";
import { absorb, type Evidence, type Loading, type Offsets, performanceOn } from "./offsets";

/** coming: under 50 %; now: 50 to 80 %; settled: above 80 %. */
export type ReadyWord = "coming" | "now" | "settled";

export const NOW_FROM = 0.5;
export const SETTLED_FROM = 0.8;

export const wordOf = (chance: number): ReadyWord => {
  if (chance < NOW_FROM) return "coming";
  return chance <= SETTLED_FROM ? "now" : "settled";
};

export interface Chance {
  /** That the child does it alone, on a usual day. */
  chance: number;
  /** How sure it is that the child's own chance is between 35 and 90 %: neither too hard nor too easy. */
  within: number;
  /** Eight times in ten the child's own chance lies between these. */
  low: number;
  high: number;
  word: ReadyWord;
}

/** Graded help as intervals of the performance, in standard deviations of the window; 0 is "alone". */
export const HELP_INTERVALS: Record<Help, readonly [number, number]> = {
  alone: [0, Number.POSITIVE_INFINITY],
  look: [-0.35, 0],
  word: [-0.7, -0.35],
  hand: [-1.2, -0.7],
  "not-yet": [Number.NEGATIVE_INFINITY, -1.2],
};

/** A first try that fails says less: the thing is new. */
export const FIRST_TRY_WEIGHT = 0.5;

/** (ln age − ln median) / σ, with σ from the window's 10th and 90th percentile (log-normal). */
export function ageTermOf(window: AgeWindow, months: number): number {
  const sigma = (Math.log(window.p90) - Math.log(window.p10)) / (2 * Z90);
  return (Math.log(Math.max(0.25, months)) - Math.log(window.median)) / sigma;
}

const EPOCH = plainDate("2000-01-01");
const dayNumber = (date: PlainDate) => daysBetween(EPOCH, date);

/** True where the note says something about ability: not on a tired or ill day, not where there was no interest. */
export const isEvidence = (seen: Observation): boolean =>
  seen.help !== undefined &&
  seen.condition === "usual" &&
  !(seen.interest === "none" && seen.help !== "alone");

interface Tried {
  activity: Activity;
  rung: Rung;
  loadings: Loading[];
}

function rungIndex(catalogue: Catalogue): Map<string, Tried> {
  return new Map(
    catalogue.activities.flatMap((activity) =>
      activity.rungs.map((rung) => [
        rungKey(activity.id, rung.id),
        { activity, rung, loadings: rungLoadings(activity, rung) },
      ]),
    ),
  );
}

/** What is known of one child on a date, private to the arithmetic: no screen shows an offset. */
export interface ChildReadiness {
  skill(id: string): Chance | undefined;
  rung(activity: Activity, rung: Rung): Chance;
  /** True where a skill that safety hangs on is not yet settled. */
  barred(rung: Rung): boolean;
}

/**
 * Folds all evidence up to `on` into the child's offsets and answers for any skill or rung.
 * Evidence counts in order of date; of one day, in the order given.
 */
export function readinessOf(
  catalogue: Catalogue,
  child: Child,
  observations: readonly Observation[],
  notes: readonly SkillNote[],
  on: PlainDate,
): ChildReadiness {
  const rungs = rungIndex(catalogue);
  const skills = new Map(catalogue.skills.map((skill) => [skill.id, skill]));
  const offsets = foldEvidence(rungs, skills, child, observations, notes, on);
  const months = childMonthsOn(child, on);
  const today = dayNumber(on);

  /** The chance from what is believed of the performance; `factor` is the pull of needed skills. */
  const chanceOf = (
    loadings: readonly Loading[],
    window: AgeWindow,
    noise: number,
    factor: number,
  ): Chance => {
    const { mean, variance } = performanceOn(offsets, loadings, ageTermOf(window, months), today);
    const spread = Z90 * Math.sqrt(variance);
    const chance = factor * cumulative(mean / Math.sqrt(variance + noise));
    return {
      chance,
      within: withinReach(mean, variance, noise, factor),
      low: factor * cumulative((mean - spread) / Math.sqrt(noise)),
      high: factor * cumulative((mean + spread) / Math.sqrt(noise)),
      word: wordOf(chance),
    };
  };
  const skillChances = new Map<string, Chance>();
  // By the rung itself, not its id: a plan asks for the same one many times.
  const rungChances = new Map<Rung, Chance>();
  const skill = (id: string): Chance | undefined => {
    const known = skillChances.get(id);
    const found = skills.get(id);
    if (known || !found) return known;
    const chance = chanceOf(skillLoadings(found), found.window, SKILL_SHARES.day, 1);
    skillChances.set(id, chance);
    return chance;
  };
  return {
    skill,
    rung: (activity, rung) => {
      const known = rungChances.get(rung);
      if (known) return known;
      const loadings = rungs.get(rungKey(activity.id, rung.id))?.loadings ?? rungLoadings(activity, rung);
      const factor = pullOf(rung, (id) => skill(id)?.chance, SETTLED_FROM);
      const chance = chanceOf(loadings, rung.window, RUNG_SHARES.day, factor);
      rungChances.set(rung, chance);
      return chance;
    },
    barred: (rung) =>
      rung.needs.some((need) => need.forSafety && (skill(need.skill)?.chance ?? 0) < SETTLED_FROM),
  };
}

/** A child's own chance from which a tray is no longer too hard, and up to which it is not too easy. */
export const WITHIN_REACH = { from: 0.35, to: 0.9 } as const;

/**
 * How sure it is that the child's own chance, factor · Φ(performance ÷ √noise), lies within reach, where
 * the performance is believed to be normal with this mean and variance.
 */
function withinReach(mean: number, variance: number, noise: number, factor: number): number {
  const below = (share: number) =>
    share >= factor
      ? 1
      : cumulative((Math.sqrt(noise) * quantile(share / factor) - mean) / Math.sqrt(variance));
  return Math.max(0, below(WITHIN_REACH.to) - below(WITHIN_REACH.from));
}

/** The child's age and the day's number by date, each worked out once: histories name the same days again and again. */
function clockOf(child: Child): (date: PlainDate) => { months: number; day: number } {
  const known = new Map<PlainDate, { months: number; day: number }>();
  return (date) => {
    const found = known.get(date) ?? { months: childMonthsOn(child, date), day: dayNumber(date) };
    known.set(date, found);
    return found;
  };
}
type Clock = ReturnType<typeof clockOf>;

function foldEvidence(
  rungs: ReadonlyMap<string, Tried>,
  skills: ReadonlyMap<string, Skill>,
  child: Child,
  observations: readonly Observation[],
  notes: readonly SkillNote[],
  on: PlainDate,
): Offsets {
  const offsets: Offsets = new Map();
  const mine = observations.filter((seen) => seen.child === child.id && seen.on <= on && isEvidence(seen));
  const ticked = notes.filter((note) => note.child === child.id && note.on <= on);
  const dated = [
    ...mine.map((seen) => ({ on: seen.on, seen, note: undefined })),
    ...ticked.map((note) => ({ on: note.on, seen: undefined, note })),
  ].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  const tried = new Set<string>();
  const clock = clockOf(child);
  for (const { seen, note } of dated) {
    const evidence = seen ? evidenceOfTry(rungs, tried, clock, seen) : evidenceOfTick(skills, clock, note);
    if (evidence) absorb(offsets, evidence);
  }
  return offsets;
}

function evidenceOfTry(
  rungs: ReadonlyMap<string, Tried>,
  tried: Set<string>,
  clock: Clock,
  seen: Observation,
): Evidence | undefined {
  const key = rungKey(seen.activity, seen.rung);
  const what = rungs.get(key);
  if (!what || !seen.help) return undefined;
  const first = !tried.has(key);
  tried.add(key);
  const [from, to] = HELP_INTERVALS[seen.help];
  const { months, day } = clock(seen.on);
  const failed = seen.help === "hand" || seen.help === "not-yet";
  return {
    loadings: what.loadings,
    ageTerm: ageTermOf(what.rung.window, months),
    from,
    to,
    noise: RUNG_SHARES.day,
    weight: first && failed ? FIRST_TRY_WEIGHT : 1,
    day,
  };
}

function evidenceOfTick(
  skills: ReadonlyMap<string, Skill>,
  clock: Clock,
  note: SkillNote | undefined,
): Evidence | undefined {
  const skill = note && skills.get(note.skill);
  if (!note || !skill) return undefined;
  const { months, day } = clock(note.on);
  return {
    loadings: skillLoadings(skill),
    ageTerm: ageTermOf(skill.window, months),
    from: note.seen ? 0 : Number.NEGATIVE_INFINITY,
    to: note.seen ? Number.POSITIVE_INFINITY : 0,
    noise: SKILL_SHARES.day,
    weight: 1,
    day,
  };
}
