import { childMonthsOn } from "../age";
import { countOf } from "../collections";
import type {
  Activity,
  AgeWindow,
  Catalogue,
  Child,
  Observation,
  PlainDate,
  Rung,
  Skill,
  SkillId,
  SkillNote,
} from "../model";
import { ageTermOf, dayNumber } from "./ageTerm";
import {
  prerequisitePenalty,
  RUNG_SHARES,
  rungKey,
  rungLoadings,
  SKILL_SHARES,
  skillLoadings,
} from "./loadings";
import { cumulative, quantile, Z90 } from "./normal";
import { type Loading, performanceOn } from "./offsets";
import { type Posterior, posteriorFrom, posteriorIfTold, type When } from "./posterior";

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

/** What is known of one child on a date, private to the arithmetic: no screen shows an offset. */
export interface ChildReadiness {
  skill(id: string): Chance | undefined;
  rung(activity: Activity, rung: Rung): Chance;
  /** True where a skill that safety hangs on is not yet settled. */
  barred(rung: Rung): boolean;
  /** What would be believed if the adult ticked a skill today, seen or not yet; undefined for an unknown skill. */
  ifTold(skill: SkillId, seen: boolean): ChildReadiness | undefined;
}

/**
 * Folds all evidence up to `on` into the child's offsets and answers for any skill or rung.
 * Evidence counts in order of date; of one day, in the order given. What was folded before for the same rows is not
 * folded again.
 */
export function readinessOf(
  catalogue: Catalogue,
  child: Child,
  observations: readonly Observation[],
  notes: readonly SkillNote[],
  on: PlainDate,
): ChildReadiness {
  const skills = new Map(catalogue.skills.map((skill) => [skill.id, skill]));
  const when = { months: childMonthsOn(child, on), day: dayNumber(on) };
  return believed(skills, posteriorFrom(catalogue, child, observations, notes, on), when);
}

/** The answers that follow from a posterior, at an age on a day. */
function believed(skills: ReadonlyMap<string, Skill>, posterior: Posterior, when: When): ChildReadiness {
  const { offsets, tries } = posterior;
  const { months, day: today } = when;

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
    ifTold: (id, seen) => {
      const after = skills.has(id) ? posteriorIfTold(posterior, skills.get(id), seen, when) : undefined;
      return after && believed(skills, after, when);
    },
    rung: (activity, rung) => {
      const known = rungChances.get(rung);
      if (known) return known;
      const factor = prerequisitePenalty(
        rung,
        (id) => skill(id)?.chance,
        SETTLED_FROM,
        countOf(tries, rungKey(activity.id, rung.id)),
      );
      const chance = chanceOf(rungLoadings(activity, rung), rung.window, RUNG_SHARES.day, factor);
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
