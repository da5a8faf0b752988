import {
  type Activity,
  addDays,
  daysBetween,
  type Move,
  type Observation,
  type PlainDate,
  type Tray,
} from "../model";
import { NOW_FROM, SETTLED_FROM } from "../readiness";
import { type Coldness, engagementDecline } from "./engagementDecline";
import { countedText, type Evidence, evidenceOf, LATEST } from "./evidence";

/** What to do with a tray, and why, in a sentence a parent can argue with. */
export interface Suggestion {
  move: Move;
  /** The rung to change to, for "harder", "easier" and "skip-rung". */
  toRung?: string;
  /** When it may come back, for what is put away. */
  until?: PlainDate;
  /** For "hand-on": the sibling who gets it. */
  toChild?: string;
  why: string;
  /** The notes behind it, newest first; none where it hangs on days alone. */
  evidence: readonly string[];
}

/** Another child of the household, with the chance at the tray's rung or the one that would suit. */
export interface Sibling {
  id: string;
  name: string;
  chance: number;
}

export interface TrayHistory {
  tray: Tray;
  activity: Activity;
  /** Notes on this tray, in any order. */
  observations: readonly Observation[];
  /** The chance that the child does a rung of this activity alone, by rung id. */
  chanceOf(rung: string): number;
  on: PlainDate;
  /** What the child loves, as the adult named it. */
  interests?: readonly string[];
  siblings?: readonly Sibling[];
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
/** Loved, on the scale of noted interest. */
const LOVED = 0.6;
/** A tray at the top of its ladder is dressed anew for so long; then the skill goes on in another form. */
const DRESSED_ANEW_DAYS = 21;
/** A sign that was seen so often in the latest notes is no accident. */
const OFTEN = 2;

type Drafted = Omit<Suggestion, "evidence">;
interface Case extends TrayHistory {
  seen: Evidence;
  cold?: Coldness;
}

const away = (c: Case, move: "rest" | "other-form" | "hand-on", why: string): Drafted => ({
  move,
  until: addDays(c.on, REST_DAYS),
  why,
});

function neighbours({ activity, tray }: TrayHistory) {
  const at = activity.rungs.findIndex((rung) => rung.id === tray.rung);
  return {
    easier: at > 0 ? activity.rungs[at - 1] : undefined,
    harder: at >= 0 ? activity.rungs[at + 1] : undefined,
    beyond: at >= 0 ? activity.rungs[at + 2] : undefined,
  };
}

const triedBefore = (c: Case, move: Move) => c.tried?.includes(move) ?? false;

/** Unfinished work is left as it stands. */
function unfinished(c: Case): Drafted | undefined {
  const [last] = c.seen.latest;
  if (!last?.signs.includes("wanted-on") || daysBetween(last.on, c.on) > 2) return undefined;
  return {
    move: "leave-standing",
    why: "It broke off in the middle and wanted to go on: leave it as it stands.",
  };
}

function tears(c: Case): Drafted | undefined {
  if (!c.seen.upsetTwice) return undefined;
  return easierOrRest(c, "It ended in tears twice running.");
}

/** The hard part is kept away from: the skill goes into a setting that is loved. */
function shunned(c: Case): Drafted | undefined {
  if (c.seen.signs.shunned < OFTEN) return undefined;
  const [loved] = c.interests ?? [];
  if (!loved || triedBefore(c, "loved-setting")) {
    return easierOrRest(c, `It kept away from the hard part ${c.seen.signs.shunned} times.`);
  }
  return {
    move: "loved-setting",
    why: `It kept away from the hard part ${c.seen.signs.shunned} times. Put the same thing into what is loved: ${loved}.`,
  };
}

function easierOrRest(c: Case, why: string): Drafted {
  const { easier } = neighbours(c);
  if (easier) return { move: "easier", toRung: easier.id, why: `${why} One step down: ${easier.title}.` };
  // Stuck at the start, and yet of interest: the skill wants another way in.
  return (c.seen.interest ?? 0) >= LOVED && !c.seen.upsetTwice
    ? away(c, "other-form", `${why} It is the easiest rung, but it is liked: the same skill in another form.`)
    : away(c, "rest", `${why} It is the easiest rung, so it rests four weeks.`);
}

function isMastered({ seen, chanceOf, tray }: Case): boolean {
  const times = seen.latest.length;
  return times >= 3 && seen.alone / times >= 0.75 && chanceOf(tray.rung) >= MASTERED_CHANCE;
}

/** It knew the thing at once: a rung may be left out. */
function leap(c: Case): Drafted | undefined {
  const { seen } = c;
  const { harder, beyond } = neighbours(c);
  const atOnce = seen.signs["knew-it"] > 0 && seen.alone === seen.latest.length;
  if (!atOnce || !harder) return undefined;
  if (beyond && c.chanceOf(harder.id) >= LEAP_OVER && c.chanceOf(beyond.id) >= NOW_FROM) {
    return {
      move: "skip-rung",
      toRung: beyond.id,
      why: `It knew this at once, and the next is likely easy, too. Two steps up: ${beyond.title}.`,
    };
  }
  if (c.chanceOf(harder.id) < NOW_FROM) return undefined;
  return { move: "harder", toRung: harder.id, why: `It knew this at once. One step up: ${harder.title}.` };
}

/** Done with ease, and no harder rung: dressed anew while it is loved, then handed on or retired. */
function atTheTop(c: Case, alone: string): Drafted {
  const loved = (c.seen.interest ?? 0) >= LOVED;
  const out = daysBetween(c.tray.outSince, c.on);
  if (loved && out < DRESSED_ANEW_DAYS && !triedBefore(c, "new-tool")) {
    return {
      move: "new-tool",
      why: `${alone}, and still loved. Give it a new tool, or let the child fetch and clear up as well.`,
    };
  }
  const heir = c.siblings?.find((one) => one.chance >= NOW_FROM && one.chance <= SETTLED_FROM);
  if (heir && (!loved || c.seen.signs.sibling > 0)) {
    return {
      ...away(c, "hand-on", `${alone}, and there is no harder rung. It would suit ${heir.name} now.`),
      toChild: heir.id,
    };
  }
  if (loved) {
    return away(c, "other-form", `${alone}, and still loved. The same skill in another form.`);
  }
  return { move: "retire", why: `${alone}, and there is no harder rung.` };
}

function mastered(c: Case): Drafted | undefined {
  if (!isMastered(c)) return undefined;
  const { seen } = c;
  const times = seen.latest.length;
  const alone = `Alone ${countedText(seen.alone, times)}`;
  if (seen.askedAgain && times < LATEST) {
    return { move: "leave", why: `${alone}, and asked for again: repetition is what it is good for.` };
  }
  const { harder } = neighbours(c);
  if (!harder) return atTheTop(c, alone);
  if (c.chanceOf(harder.id) < FAR_OFF) {
    if (c.cold) return away(c, "rest", `${alone}, and ${c.cold.text.toLowerCase()}. It rests four weeks.`);
    return {
      move: "leave",
      why: `${alone}. The next rung (${harder.title}) still looks far off, so it stays.`,
    };
  }
  return { move: "harder", toRung: harder.id, why: `${alone}. One step up: ${harder.title}.` };
}

function stuck(c: Case): Drafted | undefined {
  const times = c.seen.latest.length;
  if (times < 2 || c.seen.stuck / times < 0.75) return undefined;
  return easierOrRest(c, `It took a hand, or did not go yet, ${countedText(c.seen.stuck, times)}.`);
}

/** What the child made of it tells what to add. */
function bySigns(c: Case): Drafted | undefined {
  const { signs, interest } = c.seen;
  if ((interest ?? 0) < 0.3) return undefined;
  if (signs["one-thing"] >= OFTEN) {
    return {
      move: "more-of-liked",
      why: `One thing about it was what it wanted, ${signs["one-thing"]} times. More of that.`,
    };
  }
  if (signs["moved-about"] >= OFTEN && !triedBefore(c, "add-movement")) {
    return {
      move: "add-movement",
      why: `It was carried about ${signs["moved-about"]} times. Put start and goal apart, and let the way belong to it.`,
    };
  }
  if (signs.pretended >= OFTEN && !triedBefore(c, "change-filling")) {
    return {
      move: "change-filling",
      why: `It made a game of it ${signs.pretended} times. Keep the frame and give it a filling and a story that suit.`,
    };
  }
  if (signs["new-use"] >= OFTEN && !triedBefore(c, "new-tool")) {
    return {
      move: "new-tool",
      why: `It found another use ${signs["new-use"]} times. Add a tool that goes with it.`,
    };
  }
  return undefined;
}

/** Gone cold: revived while there is something left to learn, else put away for a while. */
function goneCold(c: Case): Drafted | undefined {
  const { cold } = c;
  if (!cold) return undefined;
  const chance = c.chanceOf(c.tray.rung);
  const stillToLearn = chance >= NOW_FROM * 0.7 && chance <= SETTLED_FROM;
  if (cold.kind === "fading" && stillToLearn) {
    if (!triedBefore(c, "change-filling")) {
      return { move: "change-filling", why: `${cold.text}. Keep the frame, change what is in it.` };
    }
    if (!triedBefore(c, "new-tool")) {
      return { move: "new-tool", why: `${cold.text}, also with another filling. Try another tool.` };
    }
  }
  if (cold.kind === "little" && stillToLearn) {
    return away(c, "other-form", `${cold.text}. The skill is growing: try it in another form.`);
  }
  return away(c, "rest", `${cold.text}. It rests four weeks.`);
}

const nothingYet = (c: Case): Drafted | undefined =>
  c.seen.latest.length === 0 && !c.cold
    ? { move: "leave", why: "Nothing noted yet. Leave it and watch." }
    : undefined;

/** In this order: the first that applies. What hurts comes before what goes well, and that before what fades. */
const RULES = [nothingYet, unfinished, tears, shunned, leap, mastered, stuck, bySigns, goneCold];

/**
 * The move for one tray, with the notes behind it. Tired and ill days are not counted. docs/rotation.md says how each
 * of the moves comes about.
 */
export function decide(history: TrayHistory): Suggestion {
  const seen = evidenceOf(history.observations, history.on);
  const cold = engagementDecline(history.observations, history.tray.outSince, history.on, seen);
  const c: Case = { ...history, seen, cold };
  const drafted = RULES.map((rule) => rule(c)).find((one) => one !== undefined) ?? {
    move: "leave" as const,
    why: "Still of interest, and not yet done with ease: it stays.",
  };
  return { ...drafted, evidence: seen.latest.map((one) => one.id) };
}
