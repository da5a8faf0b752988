import { addTo, countOf } from "../collections";
import { type Activity, HELP_LEVELS, type Help, type Rung } from "../model";
import { hashOf, normalFrom, randomFrom } from "../random";

/**
 * A made-up child of another kind than the readiness model supposes: what it can at a rung hangs on how early it is in all
 * things and in that activity, and on how often it has practised just that; it learns at a pace of its own, stands still
 * for weeks, and loses ground now and then.
 */
export interface PractisingChild {
  /** Tries a rung once on a day, counted from the first; gives what truly happened. */
  tries(activity: Activity, rung: Rung, months: number, day: number): Help;
}

/** How far children differ: in all things, and by activity, in the natural log of age. */
const SPREAD = { all: 0.12, activity: 0.14 };
/** A month of age and a try bring so much on the scale on which a try is judged (a logit). */
const PER_MONTH_SHARE = 9;
const PER_TRY = { from: 0.05, to: 0.4 };
/** Of four weeks one brings nothing by practice; in one of twenty the child falls back. */
const PLATEAU = 0.25;
const SETBACK = 0.05;
const SETBACK_BY = 1;
/** How far apart the steps of help lie on that scale. */
const STEP = 0.9;

const weekOf = (day: number) => Math.floor(day / 7);

export function practisingChild(seed: number): PractisingChild {
  const random = randomFrom(seed * 104_729 + 3);
  const normal = normalFrom(random);
  const early = SPREAD.all * normal();
  const pace = PER_TRY.from + (PER_TRY.to - PER_TRY.from) * random();
  const practised = new Map<string, number>();
  /** The same for the same child, activity and week, whatever is tried first. */
  const drawn = (key: string) => randomFrom(hashOf(`${seed} ${key}`));
  return {
    tries(activity, rung, months, day) {
      const key = `${activity.id}/${rung.id}`;
      const taste = SPREAD.activity * normalFrom(drawn(activity.id))();
      // How much older or younger, in the log of age, than a child for whom it is even.
      const ahead = Math.log(months / rung.window.median) + early + taste;
      const week = drawn(`${activity.id} ${weekOf(day)}`)();
      const setback = week < SETBACK ? SETBACK_BY : 0;
      const level = PER_MONTH_SHARE * ahead + countOf(practised, key) - setback;
      const isPlateau = week >= SETBACK && week < SETBACK + PLATEAU;
      if (!isPlateau) addTo(practised, key, pace);
      // A logistic draw: alone above 0, and a step of help for each step below.
      const u = random();
      const shown = level + Math.log(u / (1 - u));
      const step = shown > 0 ? 0 : Math.min(HELP_LEVELS.length - 1, 1 + Math.floor(-shown / STEP));
      return HELP_LEVELS[step] ?? "not-yet";
    },
  };
}

/** An adult who grades a tenth of tries one step wrong, to either side. */
export function gradedBy(random: () => number, help: Help): Help {
  if (random() >= 0.1) return help;
  const at = HELP_LEVELS.indexOf(help) + (random() < 0.5 ? -1 : 1);
  return HELP_LEVELS[Math.min(HELP_LEVELS.length - 1, Math.max(0, at))] ?? help;
}
