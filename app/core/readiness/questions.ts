import { addTo, countOf } from "../collections";
import { type Activity, daysBetween, type PlainDate, type Skill, type SkillNote } from "../model";
import { type ChildReadiness, NOW_FROM, SETTLED_FROM } from "./readiness";

/** A skill worth a look: the answer would tell most about what fits next. */
export interface Question {
  skill: Skill;
  /** Rungs it bears on that could come next. */
  bearsOn: number;
}

/** Rungs between a far stretch and just settled are those that an answer could bring in or send away. */
const UNDECIDED = { from: NOW_FROM - 0.25, to: SETTLED_FROM + 0.15 } as const;
/** A skill is not asked about again within so many days: it hardly changes sooner. */
export const ASK_AGAIN_DAYS = 28;
/** More rungs than this make a question no weightier. */
const ENOUGH_RUNGS = 8;

/**
 * The skills whose "seen" or "not yet" would tell most about a child on a day, the weightiest first:
 * the answer is open (chance near a half), little is known (a wide interval), and many rungs that
 * could come next grow it. Skills asked about lately are left out. Ties in order of the catalogue.
 */
export function questionsFor(
  catalogue: { skills: readonly Skill[]; activities: readonly Activity[] },
  ready: ChildReadiness,
  notes: readonly SkillNote[],
  child: string,
  on: PlainDate,
  count: number,
): Question[] {
  const lately = new Set(
    notes
      .filter((note) => note.child === child && daysBetween(note.on, on) < ASK_AGAIN_DAYS)
      .map((note) => note.skill),
  );
  const bearing = new Map<string, number>();
  for (const activity of catalogue.activities) {
    for (const rung of activity.rungs) {
      const { chance } = ready.rung(activity, rung);
      if (chance < UNDECIDED.from || chance > UNDECIDED.to) continue;
      for (const id of rung.grows) addTo(bearing, id, 1 / rung.grows.length);
    }
  }
  return catalogue.skills
    .flatMap((skill) => {
      const chance = ready.skill(skill.id);
      const bearsOn = countOf(bearing, skill.id);
      if (!chance || bearsOn === 0 || lately.has(skill.id)) return [];
      const open = 4 * chance.chance * (1 - chance.chance);
      const weight = Math.min(bearsOn, ENOUGH_RUNGS) * open * (chance.high - chance.low);
      return [{ skill, bearsOn, weight }];
    })
    .sort((a, b) => b.weight - a.weight)
    .slice(0, count)
    .map(({ skill, bearsOn }) => ({ skill, bearsOn: Math.round(bearsOn) }));
}
