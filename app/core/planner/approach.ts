import type { Activity, Approach, Mix, Planning } from "../model";

/** Families in which the child decides what comes of it: their trays have no one right use. */
const OPEN_FAMILIES: ReadonlySet<string> = new Set([
  "sensory tray",
  "paint and make",
  "together",
  "sound and dance",
  "cause and first science",
]);

export const isOpenEnded = (activity: Pick<Activity, "family">): boolean =>
  OPEN_FAMILIES.has(activity.family);

export interface ApproachDefaults {
  /** Trays out at once for one child. */
  traysEach: number;
  mix: Mix;
  planning: Planning;
}

/** What each way of working begins with; the household can change every one of them by hand. */
export const APPROACH_DEFAULTS: Record<Approach, ApproachDefaults> = {
  "quiet-shelf": {
    traysEach: 8,
    mix: { anchors: 1, stretches: 1, openEnded: 0 },
    planning: { rhythm: "when-cold", newAtOnce: 2, stay: "some", theme: "little" },
  },
  "open-play": {
    traysEach: 4,
    mix: { anchors: 1, stretches: 0, openEnded: 2 },
    planning: { rhythm: "few-at-a-time", newAtOnce: 2, stay: "little", theme: "some" },
  },
  "theme-week": {
    traysEach: 10,
    mix: { anchors: 2, stretches: 1, openEnded: 1 },
    planning: { rhythm: "all-at-once", newAtOnce: 10, stay: "little", theme: "much" },
  },
  "strength-and-grasp": {
    traysEach: 5,
    mix: { anchors: 1, stretches: 1, openEnded: 0 },
    planning: { rhythm: "when-cold", newAtOnce: 2, stay: "much", theme: "little" },
  },
  "in-the-day": {
    traysEach: 4,
    mix: { anchors: 2, stretches: 0, openEnded: 1 },
    planning: { rhythm: "few-at-a-time", newAtOnce: 1, stay: "much", theme: "little" },
  },
};

/** More trays than that nobody keeps an eye on. */
const MOST_TRAYS = 40;

/** So many trays are out at once for so many children, by what goes with an approach. */
export const traysFor = (approach: Approach, planned: number): number =>
  Math.min(MOST_TRAYS, APPROACH_DEFAULTS[approach].traysEach * Math.max(1, planned));
