import type { Approach } from "../core/model";

/** The ways of working, as they are called in a choice, with what each is about. */
export const APPROACHES: readonly { value: Approach; label: string; about: string }[] = [
  { value: "quiet-shelf", label: "Quiet shelf", about: "a few complete trays, the child chooses" },
  { value: "open-play", label: "Open play", about: "a few things, no one right use" },
  { value: "theme-week", label: "Theme week", about: "a full set round one theme" },
  { value: "strength-and-grasp", label: "Strength and grasp", about: "picked by what hands need" },
  { value: "in-the-day", label: "In the day", about: "in routines, done together" },
];
