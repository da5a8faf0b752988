import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { SkillId } from "./id";

export const AREA_IDS = [
  "hands",
  "body",
  "senses",
  "home",
  "words",
  "numbers",
  "thinking",
  "making",
  "world",
  "together",
] as const;
export const AreaId = z.enum(AREA_IDS);
export type AreaId = z.infer<typeof AreaId>;

export const Area = z.object({
  id: AreaId,
  name: z.string().max(MOST_TEXT, TOO_LONG),
  about: z.string().max(MOST_TEXT, TOO_LONG),
});
export type Area = z.infer<typeof Area>;

/** Ages in months by which one, five and nine in ten children do it alone. */
export const AgeWindow = z
  .object({
    p10: z.number().positive().max(240, "at most 240"),
    median: z.number().positive().max(240, "at most 240"),
    p90: z.number().positive().max(240, "at most 240"),
  })
  .refine((w) => w.p10 < w.median && w.median < w.p90, "p10 < median < p90, in months");
export type AgeWindow = z.infer<typeof AgeWindow>;

/** How a skill's window was found: from a published table, between two such, or our judgement. */
export const WindowBasis = z.enum(["anchored", "interpolated", "judgement"]);

export const Skill = z.object({
  id: SkillId,
  name: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  area: AreaId,
  window: AgeWindow,
  basis: WindowBasis,
  source: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  /** Skills that usually come before it. */
  after: z.array(SkillId).default([]),
  /** What a parent can look for. */
  look: z.string().min(1).max(MOST_TEXT, TOO_LONG),
});
export type Skill = z.infer<typeof Skill>;
