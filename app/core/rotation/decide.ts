import {
  type Activity,
  addDays,
  daysBetween,
  type Move,
  type Observation,
  type PlainDate,
  type Tray,
} from "../model";
import { NOW_FROM } from "../readiness";

/** What to do with a tray, and why, in a sentence a parent can argue with. */
export interface Suggestion {
  move: Move;
  /** The rung to change to, for "harder" and "easier". */
  toRung?: string;
  /** When it may come back, for "rest". */
  until?: PlainDate;
  why: string;
}

export interface TrayHistory {
  tray: Tray;
  activity: Activity;
  /** Notes on this tray, in any order. */
  observations: readonly Observation[];
  /** The chance that the child does a rung of this activity alone, by rung id. */
  chanceOf(rung: string): number;
  on: PlainDate;
}

/** How many of the latest notes are looked at: long enough to outvote one bad day. */
const LATEST = 4;
/** Long enough to be new again, short enough not to be outgrown. */
export const REST_DAYS = 28;
/** Alone so often, and this likely to be alone again, counts as mastered: a little below "settled". */
const MASTERED_CHANCE = 0.7;
/** A tray nobody noted anything about is taken to have gone cold after this many days. */
const COLD_DAYS = 14;

const counted = (n: number, of: number) =>
  n === of ? `each of the last ${of} times` : `${n} of the last ${of} times`;

function neighbours({ activity, tray }: TrayHistory) {
  const at = activity.rungs.findIndex((rung) => rung.id === tray.rung);
  return {
    easier: at > 0 ? activity.rungs[at - 1] : undefined,
    harder: at >= 0 ? activity.rungs[at + 1] : undefined,
  };
}

const rest = (on: PlainDate, why: string): Suggestion => ({
  move: "rest",
  until: addDays(on, REST_DAYS),
  why,
});

function easierOrRest(history: TrayHistory, why: string): Suggestion {
  const { easier } = neighbours(history);
  return easier
    ? { move: "easier", toRung: easier.id, why: `${why} One step down: ${easier.title}.` }
    : rest(history.on, `${why} It is the easiest rung, so it rests four weeks.`);
}

function afterMastery(history: TrayHistory, alone: string): Suggestion {
  const { harder } = neighbours(history);
  if (!harder) return { move: "retire", why: `${alone}, and there is no harder rung.` };
  const chance = history.chanceOf(harder.id);
  if (chance < NOW_FROM * 0.7) {
    return {
      move: "leave",
      why: `${alone}. The next rung (${harder.title}) still looks far off, so it stays.`,
    };
  }
  return { move: "harder", toRung: harder.id, why: `${alone}. One step up: ${harder.title}.` };
}

function withoutNotes({ tray, on }: TrayHistory): Suggestion {
  const days = daysBetween(tray.outSince, on);
  return days >= COLD_DAYS
    ? rest(on, `Out for ${days} days without a note: it has gone cold.`)
    : { move: "leave", why: "Nothing noted yet. Leave it and watch." };
}

/**
 * The move for one tray: leave, harder, easier, rest until a date, or retire. The other moves
 * of the type are left to the adult for now. Tired and ill days are not counted.
 */
export function decide(history: TrayHistory): Suggestion {
  const latest = history.observations
    .filter((seen) => seen.condition === "usual" && seen.on <= history.on)
    .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : 0))
    .slice(0, LATEST);
  if (latest.length === 0) return withoutNotes(history);
  const times = latest.length;
  const count = (is: (seen: Observation) => boolean) => latest.filter(is).length;

  const upset = latest.slice(0, 2).filter((seen) => seen.ended === "upset").length;
  if (upset === 2) return easierOrRest(history, "It ended in tears twice running.");

  const cold = count((seen) => seen.interest === "none" || seen.interest === "little");
  const alone = count((seen) => seen.help === "alone");
  const stuck = count((seen) => seen.help === "hand" || seen.help === "not-yet");
  const again = latest[0]?.interest === "again";
  const mastered =
    times >= 3 && alone / times >= 0.75 && history.chanceOf(history.tray.rung) >= MASTERED_CHANCE;
  if (mastered && again && times < LATEST) {
    return {
      move: "leave",
      why: `Alone ${counted(alone, times)}, and asked for again: repetition is what it is good for.`,
    };
  }
  if (mastered) return afterMastery(history, `Alone ${counted(alone, times)}`);
  if (times >= 2 && stuck / times >= 0.75) {
    return easierOrRest(history, `It took a hand, or did not go yet, ${counted(stuck, times)}.`);
  }
  if (times >= 3 && cold / times >= 0.75)
    return rest(history.on, `Little interest ${counted(cold, times)}. It rests four weeks.`);
  return { move: "leave", why: "Still of interest, and not yet done with ease: it stays." };
}
