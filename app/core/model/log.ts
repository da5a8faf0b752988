import { z } from "zod";
import { LATEST_MS, MOST_TEXT, TOO_LONG } from "./bounds";
import { Filling } from "./filling";
import { Row } from "./household";
import {
  ActivityId,
  ChildId,
  HoldingId,
  Id,
  MaterialId,
  MomentId,
  NeedId,
  ObservationId,
  PlaceId,
  RotationId,
  RungId,
  SiteId,
  SkillId,
  TrayId,
} from "./id";
import { PlainDate } from "./plainDate";
import { SIGNS, Sign } from "./signs";

export const TrayState = z.enum(["free", "adult-held"]);
export type TrayState = z.infer<typeof TrayState>;

const Amount = z.number().positive().max(1_000_000, "at most 1 000 000");

export const Allotment = z.object({
  /** The rung's need that it serves. */
  need: NeedId,
  material: MaterialId,
  /** The holding it comes from; absent where it still has to be bought, or is mixed. */
  holding: HoldingId.optional(),
  quantity: Amount,
  /** Where it is mixed for the tray: how much of which holdings goes into it, as far as the cupboard counts them. */
  mixed: z
    .array(z.object({ holding: HoldingId, quantity: Amount }))
    .max(30)
    .optional(),
  /** As its need says: it stays as it is, though it is used up elsewhere. */
  stays: z.literal(true).optional(),
});
export type Allotment = z.infer<typeof Allotment>;

/** The set of trays from one date to the next. `to` is absent while it stands. */
export const Rotation = Row.extend({
  id: RotationId,
  site: SiteId,
  from: PlainDate,
  to: PlainDate.optional(),
});
export type Rotation = z.infer<typeof Rotation>;

export const Tray = Row.extend({
  id: TrayId,
  rotation: RotationId,
  /** For whom it is; the first where several use it. */
  child: ChildId,
  /** The others who use it, too. */
  also: z.array(ChildId).default([]),
  activity: ActivityId,
  rung: RungId,
  place: PlaceId,
  state: TrayState,
  allotted: z.array(Allotment),
  /** The day it went out in this form; earlier than the rotation's where it was carried over. */
  outSince: PlainDate,
  /** Where it is no tray that stands but an invitation: the moment, and the days on which it is set out. */
  when: z.object({ moment: MomentId, days: z.array(PlainDate).max(400, "at most 400 days") }).optional(),
  /** The day it was taken off the shelf for now; it comes back or goes with the rotation. */
  downOn: PlainDate.optional(),
  /** What it is filled with for now: a layer of content, and which ("4", "T", "snails"). */
  filling: Filling.optional(),
});
export type Tray = z.infer<typeof Tray>;

/** How much help the doing took, from none to not yet. */
export const HELP_LEVELS = ["alone", "look", "word", "hand", "not-yet"] as const;
export const Help = z.enum(HELP_LEVELS);
export type Help = z.infer<typeof Help>;

export const Interest = z.enum(["again", "liked", "little", "none"]);
export type Interest = z.infer<typeof Interest>;

export const Ended = z.enum(["finished", "left", "upset", "stopped"]);
export type Ended = z.infer<typeof Ended>;

/** How small things are grasped, then how a tool or a pencil is held: in the order in which most children come to them. */
export const GRASPS = [
  "whole-hand",
  "raking",
  "thumb-side",
  "three-fingers",
  "thumb-fingertip",
  "tool-fist",
  "tool-palm-down",
  "tool-four-fingers",
  "tool-three-still",
  "tool-three-moving",
] as const;
export const Grasp = z.enum(GRASPS);
export type Grasp = z.infer<typeof Grasp>;

/** One dated note on one tray. */
export const Observation = Row.extend({
  id: ObservationId,
  child: ChildId,
  activity: ActivityId,
  rung: RungId,
  tray: TrayId.optional(),
  on: PlainDate,
  help: Help.optional(),
  interest: Interest.optional(),
  ended: Ended.optional(),
  mouthed: z.boolean().default(false),
  /** Tired or ill days say nothing about what the child can do. */
  condition: z.enum(["usual", "tired", "ill"]).default("usual"),
  minutes: z.number().min(0, "0 minutes or more").max(600, "at most 600 minutes").optional(),
  repeats: z.number().int().min(0).max(500, "at most 500").optional(),
  hand: z.enum(["left", "right", "both"]).optional(),
  grasp: Grasp.optional(),
  words: z.string().max(2000, "at most 2000 characters").optional(),
  signs: z.array(Sign).default([]),
  /** The insert that lay on the tray. */
  insert: z.string().max(80, "at most 80").optional(),
  /** What the tray was filled with. */
  filling: Filling.optional(),
  /** The sitting in which it was seen, where no tray stood. */
  sitting: Id.optional(),
});
export type Observation = z.infer<typeof Observation>;

/** "Seen" or "not yet", as ticked by the adult. */
export const SkillNote = Row.extend({
  child: ChildId,
  skill: SkillId,
  on: PlainDate,
  seen: z.boolean(),
});
export type SkillNote = z.infer<typeof SkillNote>;

/** What can become of a tray when it is looked at. */
export const Move = z.enum([
  "leave",
  "harder",
  "easier",
  "skip-rung",
  "more-of-liked",
  "other-form",
  "new-tool",
  "add-movement",
  "loved-setting",
  "change-filling",
  "rest",
  "retire",
  "hand-on",
  "leave-standing",
]);
export type Move = z.infer<typeof Move>;

/** What was decided about a tray, so that the next plan follows it. */
export const Decision = Row.extend({
  tray: TrayId,
  child: ChildId,
  activity: ActivityId,
  rung: RungId,
  on: PlainDate,
  move: Move,
  toRung: RungId.optional(),
  until: PlainDate.optional(),
  /** For "hand-on": the sibling who gets it. */
  toChild: ChildId.optional(),
});
export type Decision = z.infer<typeof Decision>;

/** Today's piece of a tray: used, passed over, or to come again. */
export const Insert = Row.extend({
  tray: TrayId,
  child: ChildId,
  activity: ActivityId,
  rung: RungId,
  on: PlainDate,
  label: z.string().min(1).max(80, "at most 80"),
  what: z.enum(["used", "skipped", "again"]),
  /** What laying out the next piece took from the cupboard, so that it can be undone. */
  took: z
    .array(
      z.object({ holding: HoldingId, quantity: z.number().positive().max(1_000_000, "at most 1 000 000") }),
    )
    .default([]),
  /** The note that used it; absent where it was said on its own. */
  observation: ObservationId.optional(),
});
export type Insert = z.infer<typeof Insert>;

export const Setting = Row.extend({ value: z.json() });

/**
 * A picture with a note, or of how an activity looks: in a file of one text as base64; elsewhere its bytes are kept apart, named
 * by their SHA-256.
 */
export const Photo = Row.extend({
  observation: ObservationId.optional(),
  activity: ActivityId.optional(),
  mime: z.string().max(60, "at most 60"),
  base64: z.string().max(8_000_000, "at most 8 000 000"),
  /** In hexadecimal digits. */
  sha256: z
    .string()
    .regex(/^[0-9a-f]{64}$/, "64 hexadecimal digits")
    .optional(),
}).refine(
  ({ observation, activity }) => (observation === undefined) !== (activity === undefined),
  "the picture of a note or of an activity",
);
export type Photo = z.infer<typeof Photo>;

/** What has been done for a rotation: lines ticked, and what was in the cupboard before things were used up. */
export const PrepState = Row.extend({
  rotation: RotationId,
  ticked: z.array(z.string().max(MOST_TEXT, TOO_LONG)).default([]),
  /** Set once all is prepared: what each holding had before, so that it can be undone. */
  before: z
    .array(z.object({ holding: HoldingId, quantity: z.number().max(1_000_000, "at most 1 000 000") }))
    .optional(),
  /** What was counted down then, and since for what was changed on the spot; absent in what was prepared before it was noted. */
  took: z.array(z.object({ holding: HoldingId, quantity: Amount })).optional(),
  /** Things that were put back, by holding, with how many were missing. */
  back: z
    .array(z.object({ holding: HoldingId, missing: z.number().max(1_000_000, "at most 1 000 000") }))
    .default([]),
  /** What other trays made and was kept for the cupboard, by tray. */
  kept: z
    .array(
      z.object({
        tray: TrayId,
        material: MaterialId,
        holding: HoldingId,
        quantity: z.number().nonnegative().max(1_000_000, "at most 1 000 000"),
      }),
    )
    .default([]),
});
export type PrepState = z.infer<typeof PrepState>;

/** The times that an adult-held tray was opened: how many pieces went out, and how many came back. */
export const Counting = Row.extend({
  tray: TrayId,
  times: z
    .array(
      z.object({
        on: PlainDate,
        out: z.number().min(0).max(100_000, "at most 100 000"),
        back: z.number().min(0).max(100_000, "at most 100 000").optional(),
      }),
    )
    .default([]),
});

/** What can be tapped while a child is watched. */
export const WATCH_TAPS = [
  "again",
  "self",
  "looked",
  "word",
  "hand",
  "changed",
  "mouthed",
  "upset",
  "left",
  "put-back",
] as const;
export const WatchTap = z.enum(WATCH_TAPS);
export type WatchTap = z.infer<typeof WatchTap>;

/** A watch that goes on: when it began and what was tapped when, in milliseconds since 1970. */
export const WatchRow = Row.extend({
  tray: TrayId,
  began: z.number().min(0).max(LATEST_MS, "before the year 2200"),
  taps: z
    .array(z.object({ tap: WatchTap, at: z.number().min(0).max(LATEST_MS, "before the year 2200") }))
    .default([]),
  hand: z.enum(["left", "right", "both"]).optional(),
  grasp: Grasp.optional(),
  signs: z.array(Sign).max(SIGNS.length, "each sign once").optional(),
});

/** A caution that the household has read once; from then on it is shown short. */
export const CautionRead = Row.extend({ rule: Id, on: PlainDate });

/** Something that worries the adult, in words; closed once it has been talked over. */
export const Worry = Row.extend({
  child: ChildId,
  on: PlainDate,
  words: z.string().trim().max(500, "at most 500 characters").optional(),
  closedOn: PlainDate.optional(),
});
export type Worry = z.infer<typeof Worry>;

/** What the adult wants to know about an activity when it is planned or prepared again. */
export const NextTime = Row.extend({
  activity: ActivityId,
  on: PlainDate,
  /** For next time; where the idea or sheet came from; what was kept, worn or given away. */
  kind: z.enum(["next-time", "source", "kept"]).default("next-time"),
  words: z.string().trim().min(1, "Write a few words.").max(500, "at most 500 characters"),
});
export type NextTime = z.infer<typeof NextTime>;
