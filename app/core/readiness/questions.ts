import { addTo, countOf, pushTo } from "../collections";
import {
  type Activity,
  type AreaId,
  type ChildId,
  daysBetween,
  type PlainDate,
  type Rung,
  type Skill,
  type SkillId,
  type SkillNote,
} from "../model";
import { type ChildReadiness, NOW_FROM, SETTLED_FROM } from "./readiness";

/** A skill worth a look: the answer would tell most about what fits next. */
export interface Question {
  skill: Skill;
  /** Rungs it bears on that could come next. */
  bearsOn: number;
  /** By how much the answer is expected to lower what is uncertain of them: see `uncertaintyOf`. */
  drop: number;
}

interface Content {
  skills: readonly Skill[];
  activities: readonly Activity[];
}

interface Candidate {
  activity: Activity;
  rung: Rung;
}

/** Rungs between a far stretch and just settled are those that an answer could bring in or send away. */
const UNDECIDED = { from: NOW_FROM - 0.25, to: SETTLED_FROM + 0.15 } as const;
/** A skill is not asked about again within so many days: it hardly changes sooner. */
export const ASK_AGAIN_DAYS = 28;
/** Both answers are worked out for so many skills for each that is asked for, those first that promise most at a glance. */
const TRIED_FOR_EACH = 5;

/** Variance of a yes or no, as a share of the most that it can be: 1 where it is even, 0 where it is sure. */
const uncertainty = (chance: number): number => 4 * chance * (1 - chance);

/** How uncertain it is which of these rungs are within reach, each counted from 0 (sure) to 1 (even): the plan hangs on that. */
const uncertaintyOf = (ready: ChildReadiness, rungs: readonly Candidate[]): number =>
  rungs.reduce((sum, { activity, rung }) => sum + uncertainty(ready.rung(activity, rung).within), 0);

/**
 * The expected drop in uncertainty by a tick: what is uncertain now, less what would be left after "seen" and after "not
 * yet", weighted by how likely each answer is.
 */
export function expectedDrop(ready: ChildReadiness, skill: SkillId, rungs: readonly Candidate[]): number {
  const seen = ready.skill(skill)?.chance;
  const [ifSeen, ifNot] = [ready.ifTold(skill, true), ready.ifTold(skill, false)];
  if (seen === undefined || !ifSeen || !ifNot) return 0;
  const after = seen * uncertaintyOf(ifSeen, rungs) + (1 - seen) * uncertaintyOf(ifNot, rungs);
  return uncertaintyOf(ready, rungs) - after;
}

/** Rungs that could come next, by the areas of what they grow and need: a tick of a skill tells of its area as well. */
function undecided({ skills, activities }: Content, ready: ChildReadiness) {
  const areas = new Map(skills.map((skill) => [skill.id, skill.area]));
  const byArea = new Map<AreaId, Candidate[]>();
  const bearing = new Map<string, number>();
  for (const activity of activities) {
    for (const rung of activity.rungs) {
      const { chance } = ready.rung(activity, rung);
      if (chance < UNDECIDED.from || chance > UNDECIDED.to) continue;
      for (const id of rung.grows) addTo(bearing, id, 1 / rung.grows.length);
      const told = [...rung.grows, ...rung.needs.map((need) => need.skill)];
      const own = told.flatMap((id) => areas.get(id) ?? []);
      for (const area of new Set([activity.area, ...own])) pushTo(byArea, area, { activity, rung });
    }
  }
  return { byArea, bearing };
}

interface OpenSkill extends Omit<Question, "drop"> {
  /** What it seems to tell, before its answers are worked out. */
  promise: number;
}

/** Skills that a look could tell about: open, not asked about lately, and something that could come next grows them. */
export function openSkills(
  catalogue: Content,
  ready: ChildReadiness,
  notes: readonly SkillNote[],
  child: ChildId,
  on: PlainDate,
): OpenSkill[] {
  const lately = new Set(
    notes
      .filter((note) => note.child === child && daysBetween(note.on, on) < ASK_AGAIN_DAYS)
      .map((note) => note.skill),
  );
  const { bearing } = undecided(catalogue, ready);
  return catalogue.skills.flatMap((skill) => {
    const chance = ready.skill(skill.id);
    const bearsOn = countOf(bearing, skill.id);
    if (!chance || bearsOn === 0 || lately.has(skill.id)) return [];
    const promise = bearsOn * uncertainty(chance.chance) * (chance.high - chance.low);
    return [{ skill, bearsOn: Math.round(bearsOn), promise }];
  });
}

/**
 * The skills whose "seen" or "not yet" would tell most about a child on a day, the weightiest first: those from which the
 * largest drop in uncertainty is expected over the rungs that could come next. Skills asked about lately are left out. Ties
 * in order of the catalogue.
 */
export function questionsFor(
  catalogue: Content,
  ready: ChildReadiness,
  notes: readonly SkillNote[],
  child: ChildId,
  on: PlainDate,
  count: number,
): Question[] {
  const { byArea } = undecided(catalogue, ready);
  return openSkills(catalogue, ready, notes, child, on)
    .sort((a, b) => b.promise - a.promise)
    .slice(0, count * TRIED_FOR_EACH)
    .map(({ skill, bearsOn }) => ({
      skill,
      bearsOn,
      drop: expectedDrop(ready, skill.id, byArea.get(skill.area) ?? []),
    }))
    .sort((a, b) => b.drop - a.drop)
    .slice(0, count);
}
