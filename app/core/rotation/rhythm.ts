import type { Household, Move } from "../model";
import type { Suggestion } from "./decide";

/** Why a tray comes before others. */
export type Urgency = "too-hard" | "idle" | "done-with-ease" | "more-in-it";

/** A tray that is to change now, and why it comes before others. */
export interface Change<T> {
  tray: T;
  because: Urgency;
}

interface Ready<T> {
  tray: T;
  suggestion: Suggestion;
}

/** What is urgent: what hurts first, then what lies idle, then what has become too easy. Leaving is no change. */
const URGENCY: Record<Move, number> = {
  easier: 4,
  "loved-setting": 4,
  rest: 3,
  "other-form": 3,
  "change-filling": 3,
  retire: 2,
  "hand-on": 2,
  "skip-rung": 2,
  harder: 2,
  "new-tool": 1,
  "add-movement": 1,
  "more-of-liked": 1,
  leave: 0,
  "leave-standing": 0,
};

const URGENCIES: readonly Urgency[] = ["more-in-it", "done-with-ease", "idle", "too-hard"];

/** Moves by which a tray leaves or stops being what it was because nobody wants it. */
const COLD: ReadonlySet<Move> = new Set(["rest", "other-form", "change-filling"]);

/**
 * Which trays change now. All on one day: every one that has to, once the day has come. A few at a time: the most
 * urgent ones, at any time, as many as the household wants. When cold: those that have gone cold or hurt.
 */
export function changesDue<T>(
  ready: readonly Ready<T>[],
  planning: Pick<Household["planning"], "rhythm" | "newAtOnce">,
  dayHasCome: boolean,
): Change<T>[] {
  const urgencyOf = ({ suggestion }: Ready<T>) => URGENCY[suggestion.move];
  const moving = ready
    .filter((one) => urgencyOf(one) > 0)
    .map((one, i) => ({ one, i }))
    .sort((a, b) => urgencyOf(b.one) - urgencyOf(a.one) || a.i - b.i)
    .map(({ one }) => one);
  const told = (all: readonly Ready<T>[]) =>
    all.flatMap((one) => {
      const because = URGENCIES[urgencyOf(one) - 1];
      return because ? [{ tray: one.tray, because }] : [];
    });
  switch (planning.rhythm) {
    case "all-at-once":
      return dayHasCome ? told(moving) : told(moving.filter((one) => urgencyOf(one) === 4));
    case "few-at-a-time":
      // A tray that hurts a child moves in any case.
      return told(moving.filter((one, i) => i < planning.newAtOnce || urgencyOf(one) === 4));
    case "when-cold":
      return told(moving.filter((one) => COLD.has(one.suggestion.move) || urgencyOf(one) === 4));
  }
}
