import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { MaterialId } from "./id";

const text = z.string().min(1).max(MOST_TEXT, TOO_LONG);

/** The measure of a piece that a cut goes by: its longest, its middle and its thinnest. */
export const Measure = z.enum(["long", "across", "thick"]);
export type Measure = z.infer<typeof Measure>;

/** What is cut, for which thing, and by which of its measures, with so much play. */
export const Cut = z.object({
  what: text,
  for: MaterialId,
  sizes: z
    .array(
      z.object({
        /** How it is called: "18 mm wide". */
        is: z.enum(["long", "wide", "across"]),
        of: Measure,
        /** What it is larger by, in mm; below 0: smaller. */
        plusMm: z.number().min(-100).max(200, "at most 200"),
      }),
    )
    .min(1),
});
export type Cut = z.infer<typeof Cut>;

/** How a thing is made at home that one would otherwise buy or do without. */
export const Making = z.object({
  from: text,
  tools: text,
  cuts: z.array(Cut).default([]),
  steps: z.array(text).min(3, "at least three steps"),
  /** What it has to stand before a child gets it. */
  test: text,
  /** Of the adult's work. */
  minutes: z.number().positive().max(1440, "at most 1440"),
  /** Hours that glue or paint needs. */
  dryHours: z.number().nonnegative().max(1000, "at most 1000").default(0),
  /** Whether a child may help, may watch, or is elsewhere. */
  near: z.enum(["alone", "watches", "helps"]),
  /** Until when it lasts. */
  keeps: text,
});
export type Making = z.infer<typeof Making>;
/** By the material that is made. */
export type Makings = Readonly<Record<string, Making>>;
