import { z } from "zod";
import { Id } from "./catalogue";
import { Row } from "./household";
import { PlainDate } from "./plainDate";

export const TrayState = z.enum(["free", "adult-held"]);
export type TrayState = z.infer<typeof TrayState>;

export const Allotment = z.object({
  /** The rung's need that it serves. */
  need: Id,
  material: Id,
  /** The holding it comes from; absent where it still has to be bought. */
  holding: Id.optional(),
  quantity: z.number().positive(),
});
export type Allotment = z.infer<typeof Allotment>;

/** The set of trays from one date to the next. `to` is absent while it stands. */
export const Rotation = Row.extend({ site: Id, from: PlainDate, to: PlainDate.optional() });
export type Rotation = z.infer<typeof Rotation>;

export const Tray = Row.extend({
  rotation: Id,
  /** For whom it is; the first where several use it. */
  child: Id,
  /** The others who use it, too. */
  also: z.array(Id).default([]),
  activity: Id,
  rung: Id,
  place: Id,
  state: TrayState,
  allotted: z.array(Allotment),
  /** The day it went out in this form; earlier than the rotation's where it was carried over. */
  outSince: PlainDate,
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

export const Grasp = z.enum(["whole-hand", "raking", "three-fingers", "thumb-fingertip"]);

/** One dated note on one tray. */
export const Observation = Row.extend({
  child: Id,
  activity: Id,
  rung: Id,
  tray: Id.optional(),
  on: PlainDate,
  help: Help.optional(),
  interest: Interest.optional(),
  ended: Ended.optional(),
  mouthed: z.boolean().default(false),
  /** Tired or ill days say nothing about what the child can do. */
  condition: z.enum(["usual", "tired", "ill"]).default("usual"),
  minutes: z.number().min(0, "0 minutes or more").max(600, "at most 600 minutes").optional(),
  repeats: z.number().int().min(0).max(500).optional(),
  hand: z.enum(["left", "right", "both"]).optional(),
  grasp: Grasp.optional(),
  words: z.string().max(2000, "at most 2000 characters").optional(),
});
export type Observation = z.infer<typeof Observation>;

/** "Seen" or "not yet", as ticked by the adult. */
export const SkillNote = Row.extend({
  child: Id,
  skill: Id,
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
  tray: Id,
  child: Id,
  activity: Id,
  rung: Id,
  on: PlainDate,
  move: Move,
  toRung: Id.optional(),
  until: PlainDate.optional(),
});
export type Decision = z.infer<typeof Decision>;

/** Today's piece of a tray. */
export const Insert = Row.extend({ tray: Id, on: PlainDate, label: z.string().min(1), done: z.boolean() });

export const Setting = Row.extend({ value: z.json() });

/** A picture, as base64 in files. */
export const Photo = Row.extend({ observation: Id, mime: z.string(), base64: z.string() });
