import type { Sign } from "../core/model";

/** What may be seen besides, as a tap: quick phrases that also tell how to go on. */
export const SIGN_WORDS: Record<Sign, string> = {
  "moved-about": "Carried it about",
  "one-thing": "Wanted just one thing about it",
  pretended: "Made a game of it",
  shunned: "Kept away from the hard part",
  "knew-it": "Knew it at once",
  "wanted-on": "Wanted to go on",
  "new-use": "Found another use",
  sibling: "The sibling took it over",
  "helper-hand": "One hand held, the other worked",
  "crossed-middle": "Reached across the middle",
  "wrist-turned": "Turned the wrist",
  "pressed-hard": "Pressed or pulled hard",
  "on-tummy": "On the tummy",
  kneeling: "Kneeling or squatting",
  standing: "Standing",
};
