import {
  type Activity,
  type Catalogue,
  HELP_LEVELS,
  type Help,
  type Interest,
  type Rung,
  type Skill,
  type SkillId,
} from "../model";
import { hashOf, normalFrom, randomFrom } from "../random";
import {
  ageTermOf,
  cumulative,
  HELP_INTERVALS,
  prerequisitePenalty,
  quantile,
  RUNG_SHARES,
  rungLoadings,
  SETTLED_FROM,
  SKILL_SHARES,
  skillLoadings,
} from "../readiness";

/** What happened when a rung was tried once. */
export interface Try {
  help: Help;
  interest: Interest;
  condition: "usual" | "tired";
}

/** A made-up child: what it truly can, which nobody in the simulation sees, and what it shows. */
export interface MadeUpChild {
  /** True chance that it does the rung alone on a usual day. */
  chance(activity: Activity, rung: Rung, months: number): number;
  tries(activity: Activity, rung: Rung, months: number): Try;
  /** What an adult would tick for a skill after looking out for it on a usual day. */
  shows(skill: Skill, months: number): boolean;
}

/** Share of days on which a child is tired, and of tries that it has no wish for. */
const TIRED = 0.08;
const UNWILLING = 0.06;
/** On a tired day the performance is lower by so much, in standard deviations of the window. */
const TIRED_LOSS = 0.6;

const HELP_FROM_BEST = [...HELP_LEVELS];

function interestOf(taste: number, help: Help): Interest {
  const felt = taste + (help === "alone" || help === "look" ? 0.3 : help === "not-yet" ? -0.8 : 0);
  if (felt > 0.7) return "again";
  if (felt > -0.5) return "liked";
  return felt > -1.4 ? "little" : "none";
}

/**
 * A child from a seed. Early or late by area, by skill and a little by rung, as the readiness model
 * supposes; with tastes by form, tired days and unwilling ones, as it does not.
 */
export function madeUpChild(catalogue: Catalogue, seed: number): MadeUpChild {
  const offsets = new Map<string, number>();
  const tastes = new Map<string, number>();
  const random = randomFrom(seed * 7919 + 1);
  const normal = normalFrom(random);
  const skills = new Map(catalogue.skills.map((skill) => [skill.id, skill]));
  // Drawn by key, so that what a child is like does not hang on what is tried first.
  const drawn = (known: Map<string, number>, key: string): number => {
    const value = known.get(key) ?? normalFrom(randomFrom(hashOf(`${seed} ${key}`)))();
    known.set(key, value);
    return value;
  };
  const offsetSum = (loadings: readonly { key: string; share: number }[]) =>
    loadings.reduce((sum, one) => sum + one.share * drawn(offsets, one.key), 0);
  const skillChance = (id: SkillId, months: number) => {
    const skill = skills.get(id);
    if (!skill) return undefined;
    const mean = ageTermOf(skill.window, months) - offsetSum(skillLoadings(skill));
    return cumulative(mean / Math.sqrt(SKILL_SHARES.day));
  };
  const chance = (activity: Activity, rung: Rung, months: number) => {
    const mean = ageTermOf(rung.window, months) - offsetSum(rungLoadings(activity, rung));
    return (
      cumulative(mean / Math.sqrt(RUNG_SHARES.day)) *
      prerequisitePenalty(rung, (id) => skillChance(id, months), SETTLED_FROM, 0)
    );
  };
  return {
    chance,
    shows: (skill, months) => random() < (skillChance(skill.id, months) ?? 0),
    tries(activity, rung, months) {
      const tired = random() < TIRED;
      const sd = Math.sqrt(RUNG_SHARES.day);
      const usual = sd * quantile(chance(activity, rung, months));
      const shown = usual - (tired ? TIRED_LOSS : 0) + sd * normal();
      const help = HELP_FROM_BEST.find((level) => shown >= HELP_INTERVALS[level][0]) ?? "not-yet";
      const unwilling = random() < UNWILLING;
      const interest = unwilling ? "none" : interestOf(drawn(tastes, activity.form), help);
      return { help, interest, condition: tired ? "tired" : "usual" };
    },
  };
}
