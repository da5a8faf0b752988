import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { RungId } from "./id";

export const CONTENT_LAYERS = ["colour", "shape", "number", "letter", "word"] as const;
export const ContentLayer = z.enum(CONTENT_LAYERS);

const text = z.string().min(1).max(MOST_TEXT, TOO_LONG);
const steps = z.array(text).min(2, "at least two steps");

/** What is said otherwise at one rung: its own things, its own hands. What is absent is as at the others. */
export const RungScript = z.object({
  quiet: steps.optional(),
  talk: steps.optional(),
  explore: steps.optional(),
  watchFor: z.array(text).min(1).optional(),
  mistake: text.optional(),
});
export type RungScript = z.infer<typeof RungScript>;

/** How an activity is shown, watched and varied: read when it is opened, not needed to plan. */
export const Guide = z.object({
  /** Three ways of showing: slow and wordless, naming what one does, set out and join in. */
  quiet: steps,
  talk: steps,
  explore: steps,
  watchFor: z.array(text).min(1),
  /** How the material itself shows a mistake. */
  mistake: text,
  /** Words to use and to repeat. */
  words: z.array(text).min(4, "four to six words").max(6, "four to six words"),
  /** One thing to wonder at, and one to guess before the result. */
  wonder: text,
  guess: text,
  /** What children turn it into, and that is fine. */
  turnsInto: z.array(text).min(1),
  /** What the frame can be filled with, by kind of content. */
  fillings: z.partialRecord(ContentLayer, text).default({}),
  /** Small pretend stories. */
  stories: z.array(text).default([]),
  /** Another posture or a movement added. */
  variant: text.optional(),
  /** What is swapped to dress it in an interest. */
  dress: text.optional(),
  troubles: z.array(z.object({ wrong: text, fix: text })).min(1),
  /** What is given day by day. */
  inserts: z.array(text).default([]),
  /** What one rung says otherwise, by its id. */
  rungs: z.record(RungId, RungScript).optional(),
});
export type Guide = z.infer<typeof Guide>;

/** The guide as it is for one rung. */
export const guideAt = (guide: Guide, rung: z.infer<typeof RungId>): Guide => ({
  ...guide,
  ...guide.rungs?.[rung],
});
