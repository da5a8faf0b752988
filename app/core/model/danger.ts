import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { DangerId } from "./id";

const text = z.string().trim().min(1).max(MOST_TEXT, TOO_LONG);

export const DANGER_KINDS = [
  "swells",
  "battery",
  "magnet",
  "balloon",
  "choking",
  "poison",
  "chemical",
  "medicine",
  "sharp",
  "fire",
  "strangling",
  "suffocation",
  "plant",
  "old-paint",
  "raw-food",
  "glass",
] as const;

/** A thing that is recognised by its name wherever it is written, with its reason. */
export const Danger = z.object({
  id: DangerId,
  name: text,
  /** Other words for it; each is found with slips of the pen, in the singular and the plural. */
  words: z.array(text).min(1),
  /** Words that say it only as the name of a thing, not in running text: "watch", "match". */
  names: z.array(text).default([]),
  /** Phrases in which its words mean something harmless: "rolling pin" for a pin. */
  not: z.array(text).default([]),
  kind: z.enum(DANGER_KINDS),
  /** It is its smallness that is dangerous: measured, and larger than both gauges, it is not. */
  bySize: z.boolean().default(false),
  /** block: on no tray. hold: only as an adult-held tray. */
  effect: z.enum(["block", "hold"]).default("block"),
  /** Up to this age; above it one step milder. Absent: at every age. */
  untilMonths: z.number().int().positive().max(600, "at most 600").optional(),
  why: text,
  /** What to use instead. */
  instead: text,
  source: text,
});
export type Danger = z.infer<typeof Danger>;
