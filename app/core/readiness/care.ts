import {
  type ActivityId,
  addDays,
  byChildAndActivity,
  type ChildId,
  inOrderOfDays,
  type Observation,
  type PlainDate,
  type RungId,
  type SkillId,
  type SkillNote,
  type Worry,
} from "../model";

/** Something a parent may want to talk over with a professional. It says what was noted, and judges nothing. */
export type Care =
  /** A skill that was noted as seen, and later as not there. */
  | { kind: "skill"; child: ChildId; skill: SkillId; seenOn: PlainDate; missingOn: PlainDate }
  /** A rung that was done alone several times, and for two weeks now not without a hand. */
  | {
      kind: "rung";
      child: ChildId;
      activity: ActivityId;
      rung: RungId;
      aloneOn: PlainDate;
      missingOn: PlainDate;
    }
  /** Something the adult said. */
  | { kind: "worry"; child: ChildId; worry: Worry };

/** Done alone so often before, it was no chance hit. */
const ALONE_TIMES = 3;
/** So many notes in a row without doing it, over so many days, is more than a bad day. */
const MISSING_TIMES = 3;
const MISSING_DAYS = 14;

function groups<T>(rows: readonly T[], keyOf: (row: T) => string): T[][] {
  const made = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = made.get(key);
    if (group) group.push(row);
    else made.set(key, [row]);
  }
  return [...made.values()];
}

function missingSkill(ordered: readonly SkillNote[]): Care[] {
  const last = ordered.at(-1);
  const seen = ordered.filter((one) => one.seen).at(-1);
  if (!last || last.seen || !seen || seen.on >= last.on) return [];
  const firstMissing = ordered.find((one) => !one.seen && one.on > seen.on) ?? last;
  const { child, skill } = last;
  return [{ kind: "skill", child, skill, seenOn: seen.on, missingOn: firstMissing.on }];
}

const done = (note: Observation) => note.help !== "not-yet" && note.help !== "hand";

function missingRung(ordered: readonly Observation[]): Care[] {
  const lastDone = ordered.findLastIndex(done);
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

/** What was seen of ability up to a day: tired and ill days, and times without interest, say nothing here. */
const tellingUpTo = (notes: readonly Observation[], on: PlainDate) =>
  notes.filter(
    (one) => one.on <= on && one.interest !== "none" && one.condition === "usual" && one.help !== undefined,
  );

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
  const noted = inOrderOfDays(skillNotes).filter((one) => one.on <= on);
  const tried = [...byChildAndActivity(inOrderOfDays(observations)).values()].flatMap((of) => [
    ...of.values(),
  ]);
  return [
    ...worries
      .filter((one) => one.on <= on && one.closedOn === undefined)
      .map((worry): Care => ({ kind: "worry", child: worry.child, worry })),
    ...groups(noted, (one) => `${one.child} ${one.skill}`).flatMap(missingSkill),
    ...tried.flatMap((notes) => groups(tellingUpTo(notes, on), (one) => one.rung).flatMap(missingRung)),
  ];
}
