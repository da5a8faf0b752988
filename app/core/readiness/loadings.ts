import type { Activity, ActivityId, AreaId, Rung, RungId, Skill, SkillId } from "../model";
import type { Loading } from "./offsets";

/** How the spread of a rung's window (variance 1) is made up. They add up to 1; see docs/readiness.md. */
export const RUNG_SHARES = { area: 0.2, skill: 0.35, rung: 0.15, day: 0.3 } as const;
/** Likewise for a skill by itself. */
export const SKILL_SHARES = { area: 0.2, skill: 0.5, day: 0.3 } as const;

export const areaKey = (area: AreaId) => `area:${area}`;
export const skillKey = (skill: SkillId) => `skill:${skill}`;
export const rungKey = (activity: ActivityId, rung: RungId) => `rung:${activity}/${rung}`;

/** The offsets that a rung hangs on. */
export function rungLoadings(activity: Activity, rung: Rung): Loading[] {
  const each = Math.sqrt(RUNG_SHARES.skill / rung.grows.length);
  return [
    { key: areaKey(activity.area), share: Math.sqrt(RUNG_SHARES.area) },
    { key: rungKey(activity.id, rung.id), share: Math.sqrt(RUNG_SHARES.rung) },
    ...rung.grows.map((skill) => ({ key: skillKey(skill), share: each })),
  ];
}

/** The offsets that a skill by itself hangs on. */
export const skillLoadings = (skill: Skill): Loading[] => [
  { key: areaKey(skill.area), share: Math.sqrt(SKILL_SHARES.area) },
  { key: skillKey(skill.id), share: Math.sqrt(SKILL_SHARES.skill) },
];

/**
 * By how much needed skills that are not settled pull the chance down: the product over them of
 * 1 − weight · (how far the skill's chance is from settled) ÷ (1 + tries of this very rung). What was seen of the rung
 * itself tells more of it than what it is thought to need. Unknown skills pull nothing, nor do those that the rung itself
 * grows: its own chance hangs on them already.
 */
export const prerequisitePenalty = (
  rung: Rung,
  skillChance: (id: SkillId) => number | undefined,
  settledFrom: number,
  tries: number,
): number =>
  rung.needs.reduce((so, need) => {
    if (rung.grows.includes(need.skill)) return so;
    const have = skillChance(need.skill) ?? 1;
    return so * (1 - (need.weight / (1 + tries)) * Math.max(0, 1 - have / settledFrom));
  }, 1);
