import {
  type Activity,
  addDays,
  type ChildId,
  daysBetween,
  type Move,
  type Observation,
  type PlainDate,
  type Rung,
  type RungId,
  type Tray,
} from "../model";
import { NOW_FROM, SETTLED_FROM } from "../readiness";
import { engagementDecline } from "./engagementDecline";
import { type Evidence, evidenceOf, LATEST, LOVED_FROM } from "./evidence";
import type { AddingSign, AfterMastery, Coldness, StepTo, Trouble, Why } from "./why";

/** What to do with a tray, and why. */
export interface Suggestion {
  move: Move;
  /** The rung to change to, for "harder", "easier" and "skip-rung". */
  toRung?: RungId;
  /** When it may come back, for what is put away. */
  until?: PlainDate;
  /** For "hand-on": the sibling who gets it. */
  toChild?: ChildId;
  why: Why;
  /** The notes behind it, newest first; none where it hangs on days alone. */
  evidence: readonly string[];
}

/** Another child of the household, with the chance at the tray's rung or the one that would suit. */
export interface Sibling {
  id: ChildId;
  name: string;
  chance: number;
}

export interface TrayHistory {
  tray: Tray;
  activity: Activity;
  /** Notes on this tray, in any order. */
  observations: readonly Observation[];
  /** The chance that the child does a rung of this activity alone, by rung id. */
  chanceOf(rung: RungId): number;
  on: PlainDate;
  /** What the child loves, as the adult named it. */
  interests?: readonly string[];
  siblings?(): readonly Sibling[];
  /** May a rung be set out here? One step up or down is a step among those that may; without it, every rung may. */
  maySetOut?(rung: Rung): boolean;
  /** The things that a rung needs and that are not there, by name; without it, all are. */
  lacking?(rung: Rung): readonly string[];
  /** What was done with this tray before: a revival is not tried twice. */
  tried?: readonly Move[];
}

/** Long enough to be new again, short enough not to be outgrown. */
export const REST_DAYS = 28;
/** Alone so often, and this likely to be alone again, counts as mastered: a little below "settled". */
const MASTERED_CHANCE = 0.7;
/** A next rung under this is too far off to go to. */
const FAR_OFF = NOW_FROM * 0.7;
/** A rung this likely can be leapt over. */
const LEAP_OVER = SETTLED_FROM;
/** A tray at the top of its ladder is dressed anew for so long; then the skill goes on in another form. */
const DRESSED_ANEW_DAYS = 21;
/** A sign that was seen so often in the latest notes is no accident. */
const OFTEN = 2;

type Drafted = Omit<Suggestion, "evidence">;
interface Case extends TrayHistory {
  seen: Evidence;
  cold?: Coldness;
}

const away = (c: Case, move: "rest" | "other-form" | "hand-on", why: Why): Drafted => ({
  move,
  until: addDays(c.on, REST_DAYS),
  why,
});

/** The next rung of the ladder above or below a rung that may be set out: judged one by one, as that takes a while. */
function nextTo({ activity, maySetOut }: TrayHistory, from: string | undefined, step: 1 | -1) {
  const at = activity.rungs.findIndex((rung) => rung.id === from);
  if (at < 0) return undefined;
  for (let i = at + step; i >= 0 && i < activity.rungs.length; i += step) {
    const rung = activity.rungs[i];
    if (rung && (maySetOut?.(rung) ?? true)) return rung;
  }
  return undefined;
}

const lackingFor = (c: TrayHistory, rung: Rung): readonly string[] => c.lacking?.(rung) ?? [];

/** The step down helps today: rather one further down whose things are there than the next that has to be got. */
function easierThan(c: TrayHistory): Rung | undefined {
  const next = nextTo(c, c.tray.rung, -1);
  for (let rung = next; rung; rung = nextTo(c, rung.id, -1))
    if (lackingFor(c, rung).length === 0) return rung;
  return next;
}

const harderThan = (c: TrayHistory) => nextTo(c, c.tray.rung, 1);

/** A rung to step to, with what it lacks. */
const stepTo = (c: TrayHistory, rung: Rung): StepTo => ({ title: rung.title, lacks: lackingFor(c, rung) });

const triedBefore = (c: Case, move: Move) => c.tried?.includes(move) ?? false;

/** Unfinished work is left as it stands. */
function unfinished(c: Case): Drafted | undefined {
  const [last] = c.seen.latest;
  if (!last?.signs.includes("wanted-on") || daysBetween(last.on, c.on) > 2) return undefined;
  return { move: "leave-standing", why: { code: "unfinished" } };
}

function tears(c: Case): Drafted | undefined {
  if (!c.seen.upsetTwice) return undefined;
  return easierOrRest(c, { kind: "tears" });
}

/** The hard part is kept away from: the skill goes into a setting that is loved. */
function shunned(c: Case): Drafted | undefined {
  if (c.seen.signs.shunned < OFTEN) return undefined;
  const trouble: Trouble = { kind: "shunned", times: c.seen.signs.shunned };
  const [loved] = c.interests ?? [];
  if (!loved || triedBefore(c, "loved-setting")) return easierOrRest(c, trouble);
  return { move: "loved-setting", why: { code: "trouble", trouble, next: { to: "loved-setting", loved } } };
}

function easierOrRest(c: Case, trouble: Trouble): Drafted {
  const easier = easierThan(c);
  if (easier) {
    const why: Why = { code: "trouble", trouble, next: { to: "easier", ...stepTo(c, easier) } };
    return { move: "easier", toRung: easier.id, why };
  }
  // Stuck at the start, and yet of interest: the skill wants another way in.
  const to = (c.seen.interest ?? 0) >= LOVED_FROM && !c.seen.upsetTwice ? "other-form" : "rest";
  return away(c, to, { code: "trouble", trouble, next: { to } });
}

function isMastered({ seen, chanceOf, tray }: Case): boolean {
  const times = seen.latest.length;
  return times >= 3 && seen.alone / times >= 0.75 && chanceOf(tray.rung) >= MASTERED_CHANCE;
}

/** It knew the thing at once: a rung may be left out. */
function leap(c: Case): Drafted | undefined {
  const { seen } = c;
  const atOnce = seen.signs["knew-it"] > 0 && seen.alone === seen.latest.length;
  const harder = atOnce ? harderThan(c) : undefined;
  if (!harder) return undefined;
  const beyond = nextTo(c, harder.id, 1);
  if (beyond && c.chanceOf(harder.id) >= LEAP_OVER && c.chanceOf(beyond.id) >= NOW_FROM) {
    return {
      move: "skip-rung",
      toRung: beyond.id,
      why: { code: "knew-at-once", steps: 2, ...stepTo(c, beyond) },
    };
  }
  if (c.chanceOf(harder.id) < NOW_FROM) return undefined;
  return { move: "harder", toRung: harder.id, why: { code: "knew-at-once", steps: 1, ...stepTo(c, harder) } };
}

const doneAlone = ({ seen }: Case, next: AfterMastery): Why => ({
  code: "mastered",
  times: seen.alone,
  of: seen.latest.length,
  next,
});

/** Done with ease, and no harder rung: dressed anew while it is loved, then handed on or retired. */
function atTheTop(c: Case): Drafted {
  const loved = (c.seen.interest ?? 0) >= LOVED_FROM;
  const out = daysBetween(c.tray.outSince, c.on);
  if (loved && out < DRESSED_ANEW_DAYS && !triedBefore(c, "new-tool")) {
    return { move: "new-tool", why: doneAlone(c, { to: "new-tool" }) };
  }
  const heir =
    !loved || c.seen.signs.sibling > 0
      ? c.siblings?.().find((one) => one.chance >= NOW_FROM && one.chance <= SETTLED_FROM)
      : undefined;
  if (heir) {
    return {
      ...away(c, "hand-on", doneAlone(c, { to: "hand-on", sibling: heir.name })),
      toChild: heir.id,
    };
  }
  if (loved) return away(c, "other-form", doneAlone(c, { to: "other-form" }));
  return { move: "retire", why: doneAlone(c, { to: "retire" }) };
}

function mastered(c: Case): Drafted | undefined {
  if (!isMastered(c)) return undefined;
  if (c.seen.askedAgain && c.seen.latest.length < LATEST) {
    return { move: "leave", why: doneAlone(c, { to: "repeat" }) };
  }
  const harder = harderThan(c);
  if (!harder) return atTheTop(c);
  const { title } = harder;
  if (c.chanceOf(harder.id) < FAR_OFF) {
    return c.cold
      ? away(c, "rest", doneAlone(c, { to: "rest", cold: c.cold }))
      : { move: "leave", why: doneAlone(c, { to: "wait", title }) };
  }
  return { move: "harder", toRung: harder.id, why: doneAlone(c, { to: "harder", ...stepTo(c, harder) }) };
}

function stuck(c: Case): Drafted | undefined {
  const times = c.seen.latest.length;
  if (times < 2 || c.seen.stuck / times < 0.75) return undefined;
  return easierOrRest(c, { kind: "stuck", times: c.seen.stuck, of: times });
}

/** What the child made of it tells what to add. */
function bySigns(c: Case): Drafted | undefined {
  const { signs, interest } = c.seen;
  if ((interest ?? 0) < 0.3) return undefined;
  const because = (sign: AddingSign): Why => ({ code: "sign", sign, times: signs[sign] });
  if (signs["one-thing"] >= OFTEN) {
    return { move: "more-of-liked", why: because("one-thing") };
  }
  if (signs["moved-about"] >= OFTEN && !triedBefore(c, "add-movement")) {
    return { move: "add-movement", why: because("moved-about") };
  }
  if (signs.pretended >= OFTEN && !triedBefore(c, "change-filling")) {
    return { move: "change-filling", why: because("pretended") };
  }
  if (signs["new-use"] >= OFTEN && !triedBefore(c, "new-tool")) {
    return { move: "new-tool", why: because("new-use") };
  }
  return undefined;
}

/** Gone cold: revived while there is something left to learn, else put away for a while. */
function goneCold(c: Case): Drafted | undefined {
  const { cold } = c;
  if (!cold) return undefined;
  const chance = c.chanceOf(c.tray.rung);
  const stillToLearn = chance >= FAR_OFF && chance <= SETTLED_FROM;
  if (cold.kind === "fading" && stillToLearn) {
    if (!triedBefore(c, "change-filling")) {
      return { move: "change-filling", why: { code: "cold", cold, next: "change-filling" } };
    }
    if (!triedBefore(c, "new-tool")) {
      return { move: "new-tool", why: { code: "cold", cold, next: "new-tool" } };
    }
  }
  if (cold.kind === "little" && stillToLearn) {
    return away(c, "other-form", { code: "cold", cold, next: "other-form" });
  }
  return away(c, "rest", { code: "cold", cold, next: "rest" });
}

const nothingYet = (c: Case): Drafted | undefined =>
  c.seen.latest.length === 0 && !c.cold ? { move: "leave", why: { code: "nothing-yet" } } : undefined;

/** In this order: the first that applies. What hurts comes before what goes well, and that before what fades. */
const RULES = [nothingYet, unfinished, tears, shunned, leap, mastered, stuck, bySigns, goneCold];

/**
 * The move for one tray, with the notes behind it. Tired and ill days are not counted. docs/rotation.md says how each
 * of the moves comes about.
 */
export function decide(history: TrayHistory): Suggestion {
  const seen = evidenceOf(history.observations, history.on);
  // What was taken down lies still because nobody could get at it.
  const cold = history.tray.downOn
    ? undefined
    : engagementDecline(history.observations, history.tray.outSince, history.on, seen);
  const c: Case = { ...history, seen, cold };
  const stays: Drafted = { move: "leave", why: { code: "still-of-interest" } };
  const drafted = RULES.map((rule) => rule(c)).find((one) => one !== undefined) ?? stays;
  return { ...drafted, evidence: seen.latest.map((one) => one.id) };
}
