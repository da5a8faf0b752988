import { z } from "zod";

/** A time of the day that comes again and again, by what it follows or goes with. */
export const ROUTINES = [
  "morning",
  "dressing",
  "after-breakfast",
  "walk",
  "while-cooking",
  "at-meal",
  "before-nap",
  "during-nap",
  "after-nap",
  "bath",
  "evening",
] as const;
export const Routine = z.enum(ROUTINES);
export type Routine = z.infer<typeof Routine>;
