import { childMonthsOn } from "../age";
import { countOf } from "../collections";
import type {
  Activity,
  Catalogue,
  Child,
  Help,
  Observation,
  PlainDate,
  Rung,
  Skill,
  SkillNote,
} from "../model";
import { ageTermOf, dayNumber } from "./ageTerm";
import { RUNG_SHARES, rungKey, rungLoadings, SKILL_SHARES, skillLoadings } from "./loadings";
import { assumedDensityUpdate, type Evidence, type Loading, type Offsets } from "./offsets";

/** Graded help as intervals of the performance, in standard deviations of the window; 0 is "alone". */
export const HELP_INTERVALS: Record<Help, readonly [number, number]> = {
  alone: [0, Number.POSITIVE_INFINITY],
  look: [-0.25, 0],
  word: [-0.5, -0.25],
  hand: [-0.8, -0.5],
  "not-yet": [Number.NEGATIVE_INFINITY, -0.8],
};

/** A first try that fails says less: the thing is new. */
const FIRST_TRY_WEIGHT = 0.5;

/** So many notes in a hundred say nothing of ability: the child was elsewhere, or the adult graded it wrong. Our judgement. */
const LAPSE = 0.1;

/** True where the note says something about ability: not on a tired or ill day, not where there was no interest. */
export const isEvidence = (seen: Observation): boolean =>
  seen.help !== undefined &&
  seen.condition === "usual" &&
  !(seen.interest === "none" && seen.help !== "alone");

/** A note or a tick: what there is to learn from. */
type Fact = Observation | SkillNote;

/** What is believed after so many of the facts. */
interface Checkpoint {
  facts: number;
  offsets: Offsets;
  /** How often each rung was tried by then. */
  tries: ReadonlyMap<string, number>;
}

/** What is believed of a child, and how often each rung was tried; by the keys of `loadings.ts`. */
export type Posterior = Pick<Checkpoint, "offsets" | "tries">;

interface Collapsible {
  skills: readonly Skill[];
  activities: readonly Activity[];
  facts: readonly Fact[];
  /** Oldest first; the last is after all facts. */
  marks: readonly Checkpoint[];
}

/** Marks are set so many facts apart: a change in an old note folds what came after the mark before it. */
const CHECKPOINT_EVERY = 1000;
/** By the child's row, so that a changed birthday starts afresh and what nobody holds is forgotten. */
const folds = new WeakMap<Child, Collapsible>();

const NOTHING: Checkpoint = { facts: 0, offsets: new Map(), tries: new Map() };

const same = (a: readonly unknown[], b: readonly unknown[]) =>
  a.length === b.length && a.every((one, i) => one === b[i]);

/** From where to go on: the last mark before which every fact is the very same row. */
function markBefore(known: Collapsible | undefined, facts: readonly Fact[]): Checkpoint {
  if (!known) return NOTHING;
  let alike = 0;
  while (alike < facts.length && facts[alike] === known.facts[alike]) alike++;
  return known.marks.findLast((mark) => mark.facts <= alike) ?? NOTHING;
}

function factsOf(
  child: Child,
  observations: readonly Observation[],
  notes: readonly SkillNote[],
  on: PlainDate,
): Fact[] {
  return [
    ...observations.filter((seen) => seen.child === child.id && seen.on <= on && isEvidence(seen)),
    ...notes.filter((note) => note.child === child.id && note.on <= on),
  ].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}

/**
 * The child's offsets after all evidence up to a day, in order of date; of one day, in the order given. The rows are
 * taken never to change in place: facts that were folded before, as the very same rows, are not folded again.
 */
export function posteriorFrom(...evidence: Parameters<typeof foldingSteps>): Posterior {
  const steps = foldingSteps(...evidence);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** Folds as `posteriorFrom` does, and rests after each thousand facts: whoever steps through it can let others work. */
export function* foldingSteps(
  { skills, activities }: Catalogue,
  child: Child,
  observations: readonly Observation[],
  notes: readonly SkillNote[],
  on: PlainDate,
): Generator<undefined, Posterior> {
  const facts = factsOf(child, observations, notes, on);
  const before = folds.get(child);
  const known =
    before && before.skills === skills && same(before.activities, activities) ? before : undefined;
  const from = markBefore(known, facts);
  if (known && from.facts === facts.length) return from;
  const marks = (known?.marks ?? []).filter(
    (mark) => mark.facts <= from.facts && mark.facts % CHECKPOINT_EVERY === 0,
  );
  const offsets: Offsets = new Map(from.offsets);
  const tries = new Map(from.tries);
  const evidenceOf = evidenceReader(skills, activities, child, tries);
  for (let i = from.facts; i < facts.length; i++) {
    for (const evidence of evidenceOf(facts[i] as Fact)) assumedDensityUpdate(offsets, evidence);
    if ((i + 1) % CHECKPOINT_EVERY === 0) {
      marks.push({ facts: i + 1, offsets: new Map(offsets), tries: new Map(tries) });
      yield;
    }
  }
  const mark = { facts: facts.length, offsets, tries };
  marks.push(mark);
  folds.set(child, { skills, activities, facts, marks });
  return mark;
}

interface Tried {
  rung: Rung;
  loadings: Loading[];
}

/** Turns facts into evidence, one after the other; `tries` counts the rungs. Each date is worked out once. */
function evidenceReader(
  skills: readonly Skill[],
  activities: readonly Activity[],
  child: Child,
  tries: Map<string, number>,
) {
  const rungs = rungIndex(activities);
  const skillsById = new Map(skills.map((skill) => [skill.id, skill]));
  const days = new Map<PlainDate, When>();
  const clock = (date: PlainDate) => {
    const found = days.get(date) ?? { months: childMonthsOn(child, date), day: dayNumber(date) };
    days.set(date, found);
    return found;
  };
  return (fact: Fact): Evidence[] => {
    const when = clock(fact.on);
    if ("skill" in fact) return evidenceOfSkill(skillsById.get(fact.skill), fact.seen, 1, when);
    return [
      ...evidenceOfTry(rungs, tries, fact, when),
      ...evidenceOfNeeds(rungs.get(rungKey(fact.activity, fact.rung)), fact, skillsById, when),
    ];
  };
}

/** Who does a rung alone can do what it needs: a sign of each needed skill, as weighty as the rung's need of it. */
const evidenceOfNeeds = (
  what: Tried | undefined,
  { help }: Observation,
  skills: ReadonlyMap<string, Skill>,
  when: When,
): Evidence[] =>
  help === "alone" && what
    ? what.rung.needs.flatMap((need) => evidenceOfSkill(skills.get(need.skill), true, need.weight, when))
    : [];

function rungIndex(activities: readonly Activity[]): Map<string, Tried> {
  return new Map(
    activities.flatMap((activity) =>
      activity.rungs.map((rung) => [
        rungKey(activity.id, rung.id),
        { rung, loadings: rungLoadings(activity, rung) },
      ]),
    ),
  );
}

/** What would be believed after one more tick; the posterior itself stays as it is. */
export function posteriorIfTold(
  { offsets, tries }: Posterior,
  skill: Skill | undefined,
  seen: boolean,
  when: When,
): Posterior {
  const after: Offsets = new Map(offsets);
  for (const evidence of evidenceOfSkill(skill, seen, 1, when)) assumedDensityUpdate(after, evidence);
  return { offsets: after, tries };
}

/** The child's age in months that counts, and the day's number. */
export interface When {
  months: number;
  day: number;
}

function evidenceOfTry(
  rungs: ReadonlyMap<string, Tried>,
  tries: Map<string, number>,
  seen: Observation,
  { months, day }: When,
): Evidence[] {
  const key = rungKey(seen.activity, seen.rung);
  const what = rungs.get(key);
  if (!what || !seen.help) return [];
  const before = countOf(tries, key);
  tries.set(key, before + 1);
  const [from, to] = HELP_INTERVALS[seen.help];
  const failed = seen.help === "hand" || seen.help === "not-yet";
  return [
    {
      loadings: what.loadings,
      ageTerm: ageTermOf(what.rung.window, months),
      from,
      to,
      noise: RUNG_SHARES.day,
      weight: before === 0 && failed ? FIRST_TRY_WEIGHT : 1,
      lapse: LAPSE,
      day,
    },
  ];
}

function evidenceOfSkill(
  skill: Skill | undefined,
  isSeen: boolean,
  weight: number,
  { months, day }: When,
): Evidence[] {
  if (!skill) return [];
  return [
    {
      loadings: skillLoadings(skill),
      ageTerm: ageTermOf(skill.window, months),
      from: isSeen ? 0 : Number.NEGATIVE_INFINITY,
      to: isSeen ? Number.POSITIVE_INFINITY : 0,
      noise: SKILL_SHARES.day,
      weight,
      lapse: LAPSE,
      day,
    },
  ];
}
