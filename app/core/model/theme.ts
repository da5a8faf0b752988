import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { ActivityId, Id } from "./id";

const text = z.string().min(1).max(MOST_TEXT, TOO_LONG);

/** A theme or a craze, and how activities are dressed in it. */
export const Theme = z.object({
  name: text,
  /** Other words by which it is meant. */
  also: z.array(text),
  dress: z.array(z.object({ activity: ActivityId, how: text })).min(3, "at least three activities"),
  words: z.array(text).min(4, "four to six words").max(6, "four to six words"),
  /** Pictures to draw or to print. */
  print: z.array(text).min(1),
  /** What to look for in and round the house. */
  find: z.array(text).min(1),
});
export type Theme = z.infer<typeof Theme>;

/** A theme in a file, or one of one's own: told from others by its id. */
export const PackTheme = Theme.extend({ id: Id });
export type PackTheme = z.infer<typeof PackTheme>;

/** What there is to dress trays with: the themes, and for each activity what is swapped to dress it in anything. */
export interface Wardrobe {
  themes: readonly Theme[];
  swaps: Readonly<Record<string, string>>;
}
