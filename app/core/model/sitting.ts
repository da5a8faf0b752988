import { z } from "zod";
import { Row } from "./household";
import { ActivityId, ChildId, HoldingId, MaterialId, MomentId, RungId, SiteId } from "./id";
import { PlainDate } from "./plainDate";

/** One use in a sitting: a rung, with how much of the thing that the sitting is about. */
export const SittingStep = z.object({
  activity: ActivityId,
  rung: RungId,
  quantity: z.number().positive().max(1_000_000, "at most 1 000 000").optional(),
  /** When it is to come: on a day, at a moment of it where there is one for it. */
  on: PlainDate,
  moment: MomentId.optional(),
  /** What doing it took from the cupboard, so that it can be undone; absent while it was not done. */
  took: z
    .array(
      z.object({ holding: HoldingId, quantity: z.number().positive().max(1_000_000, "at most 1 000 000") }),
    )
    .optional(),
});
export type SittingStep = z.infer<typeof SittingStep>;

/**
 * A day that is made from what there is: somebody is ill, it rains and one stays in, there are ten minutes only, or one is
 * somewhere else.
 */
export const DAY_KINDS = ["ill", "indoors", "short", "elsewhere"] as const;
export const DayKind = z.enum(DAY_KINDS);
export type DayKind = z.infer<typeof DayKind>;

/**
 * One thing, or one bag of it, brought out in rising order for one child or more, on a day; or what a made day is of, without
 * one thing that it is about.
 */
export const Sitting = Row.extend({
  site: SiteId,
  on: PlainDate,
  material: MaterialId.optional(),
  day: DayKind.optional(),
  children: z.array(ChildId).min(1, "a child at least").max(20, "at most 20"),
  steps: z.array(SittingStep).min(1, "one use at least").max(40, "at most 40"),
  /** The day it was ended. */
  endedOn: PlainDate.optional(),
});
export type Sitting = z.infer<typeof Sitting>;
