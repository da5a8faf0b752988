import {
  addDays,
  inOrderOfDays,
  type Observation,
  type PlainDate,
  type SkillNote,
  type Worry,
} from "../model";

/** Something a parent may want to talk over with a professional. It says what was noted, and judges nothing. */
export type Care =
  /** A skill that was noted as seen, and later as not there. */
  | { kind: "skill"; child: string; skill: string; seenOn: PlainDate; missingOn: PlainDate }
  /** A rung that was done alone several times, and for two weeks now not without a hand. */
  | { kind: "rung"; child: string; activity: string; rung: string; aloneOn: PlainDate; missingOn: PlainDate }
  /** Something the adult said. */
  | { kind: "worry"; child: string; worry: Worry };

/** Done alone so often before, it was no chance hit. */
const ALONE_TIMES = 3;
/** So many notes in a row without doing it, over so many days, is more than a bad day. */
const MISSING_TIMES = 3;
const MISSING_DAYS = 14;

const groups = <T>(rows: readonly T[], keyOf: (row: T) => string): T[][] => {
  const made = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = made.get(key);
    if (group) group.push(row);
    else made.set(key, [row]);
  }
  return [...made.values()];
};

function missingSkill(notes: readonly SkillNote[]): Care[] {
  const ordered = inOrderOfDays(notes);
  const last = ordered.at(-1);
  const seen = ordered.filter((one) => one.seen).at(-1);
  if (!last || last.seen || !seen || seen.on >= last.on) return [];
  const firstMissing = ordered.find((one) => !one.seen && one.on > seen.on) ?? last;
  const { child, skill } = last;
  return [{ kind: "skill", child, skill, seenOn: seen.on, missingOn: firstMissing.on }];
}

function missingRung(notes: readonly Observation[]): Care[] {
  const ordered = inOrderOfDays(notes.filter((one) => one.condition === "usual" && one.help !== undefined));
  const lastDone = ordered.findLastIndex((one) => one.help !== "not-yet" && one.help !== "hand");
  const before = ordered.slice(0, lastDone + 1).filter((one) => one.help === "alone");
  const since = ordered.slice(lastDone + 1);
  const [first] = since;
  const last = since.at(-1);
  const alone = before.at(-1);
  if (!first || !last || !alone || before.length < ALONE_TIMES || since.length < MISSING_TIMES) return [];
  if (last.on < addDays(first.on, MISSING_DAYS)) return [];
  const { child, activity, rung } = last;
  return [{ kind: "rung", child, activity, rung, aloneOn: alone.on, missingOn: first.on }];
}

/**
 * What to be calm and attentive about on a day: skills noted and later missing, and open worries. Interest that
 * fades, and tired or ill days, say nothing here.
 */
export function careFor(
  skillNotes: readonly SkillNote[],
  observations: readonly Observation[],
  worries: readonly Worry[],
  on: PlainDate,
): Care[] {
  const noted = skillNotes.filter((one) => one.on <= on);
  const seen = observations.filter((one) => one.on <= on && one.interest !== "none");
  return [
    ...worries
      .filter((one) => one.on <= on && one.closedOn === undefined)
      .map((worry): Care => ({ kind: "worry", child: worry.child, worry })),
    ...groups(noted, (one) => `${one.child} ${one.skill}`).flatMap(missingSkill),
    ...groups(seen, (one) => `${one.child} ${one.activity} ${one.rung}`).flatMap(missingRung),
  ];
}
