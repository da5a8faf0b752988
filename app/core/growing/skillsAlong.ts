import { childMonthsOn } from "../age";
import {
  type Activity,
  type AreaId,
  activityOf,
  type Catalogue,
  type Child,
  type PlainDate,
  type Rung,
  type Skill,
  type SkillId,
  type Tables,
} from "../model";
import type { Chance, ChildReadiness } from "../readiness";

/** Something that was noted of a skill, at the age that counted on its day (corrected where that applies). */
export interface SkillSign {
  on: PlainDate;
  months: number;
  /** Ticked as seen or not yet; done alone on a tray that grows it; told in words. */
  kind: "seen" | "not-yet" | "alone" | "told";
  /** The words of what was told, or the activity's name. */
  about?: string;
}

/** A skill on the month rule: its usual ages, what was noted of it and what is believed now. */
export interface SkillAlong {
  skill: Skill;
  chance: Chance;
  /** By day. */
  signs: SkillSign[];
}

type Noted = Pick<Tables, "observations" | "skillNotes" | "anecdotes">;

/** What was noted of each skill of a child up to a day, by skill. */
export function signsOf(
  catalogue: Catalogue,
  child: Child,
  tables: Noted,
  on: PlainDate,
): ReadonlyMap<string, readonly SkillSign[]> {
  const signs = new Map<string, SkillSign[]>();
  const add = (skill: SkillId, sign: Omit<SkillSign, "months">) => {
    if (sign.on > on || sign.on < child.birth) return;
    const list = signs.get(skill) ?? [];
    list.push({ ...sign, months: childMonthsOn(child, sign.on) });
    signs.set(skill, list);
  };
  const told = new Set(tables.anecdotes.map((one) => one.id));
  for (const note of tables.skillNotes) {
    // The tick that came with something told is that sign.
    if (note.child !== child.id || told.has(note.id)) continue;
    add(note.skill, { on: note.on, kind: note.seen ? "seen" : "not-yet" });
  }
  for (const one of tables.anecdotes) {
    if (one.child === child.id && one.skill) add(one.skill, { on: one.on, kind: "told", about: one.words });
  }
  for (const note of tables.observations) {
    if (note.child !== child.id || note.help !== "alone") continue;
    const activity = activityOf(catalogue, note.activity);
    const rung = activity?.rungs.find((one) => one.id === note.rung);
    for (const skill of rung?.grows ?? []) add(skill, { on: note.on, kind: "alone", about: activity?.name });
  }
  for (const [skill, list] of signs) signs.set(skill, inOrderOfSigns(list));
  return signs;
}

const inOrderOfSigns = (list: readonly SkillSign[]): SkillSign[] =>
  [...list].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));

/** Which skills are looked at: of an area, and usual within a span of months. */
export interface SkillFilter {
  area?: AreaId;
  from?: number;
  to?: number;
}

/** The skills of a child along the month rule, by the age at which they usually come. */
export function skillTimeline(
  catalogue: Catalogue,
  child: Child,
  tables: Noted,
  ready: ChildReadiness,
  on: PlainDate,
  { area, from = 0, to = Number.POSITIVE_INFINITY }: SkillFilter = {},
): SkillAlong[] {
  const signs = signsOf(catalogue, child, tables, on);
  return catalogue.skills
    .filter(({ window }) => window.p90 >= from && window.p10 <= to)
    .filter((skill) => area === undefined || skill.area === area)
    .flatMap((skill): SkillAlong[] => {
      const chance = ready.skill(skill.id);
      return chance ? [{ skill, chance, signs: [...(signs.get(skill.id) ?? [])] }] : [];
    })
    .sort((a, b) => a.skill.window.median - b.skill.window.median || (a.skill.id < b.skill.id ? -1 : 1));
}

/** A rung that grows a skill, wherever it belongs. */
export interface SkillRung {
  activity: Activity;
  rung: Rung;
}

/** The ladder of a skill across all activities: every rung that grows it, from the earliest to the latest. */
export const ladderOfSkill = (catalogue: Catalogue, skill: SkillId): SkillRung[] =>
  catalogue.activities
    .flatMap((activity) =>
      activity.rungs
        .filter((rung) => rung.grows.some((one) => one === skill))
        .map((rung) => ({ activity, rung })),
    )
    .sort(
      (a, b) =>
        a.rung.window.median - b.rung.window.median ||
        (`${a.activity.id} ${a.rung.id}` < `${b.activity.id} ${b.rung.id}` ? -1 : 1),
    );

/** What usually comes before a skill, and what it opens. */
export const aroundSkill = (catalogue: Pick<Catalogue, "skills">, skill: Skill) => ({
  before: catalogue.skills.filter((one) => skill.after.some((id) => id === one.id)),
  opens: catalogue.skills.filter((one) => one.after.some((id) => id === skill.id)),
});
