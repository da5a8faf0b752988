import type { Approach } from "../core/model";

/** The ways of showing an activity. */
export const WAYS = ["quiet", "talk", "explore"] as const;
export type Way = (typeof WAYS)[number];

export const WAY_NAMES: Record<Way, string> = {
  quiet: "Quiet",
  talk: "Talk through",
  explore: "Explore first",
};

/** The way of showing that goes with how the household works. */
const WAY_OF: Record<Approach, Way> = {
  "quiet-shelf": "quiet",
  "open-play": "explore",
  "theme-week": "talk",
  "strength-and-grasp": "talk",
  "in-the-day": "talk",
};
export const wayOf = (approach: Approach): Way => WAY_OF[approach];
