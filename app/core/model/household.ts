import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { Activity, PlaceKind } from "./catalogue";
import {
  ActivityId,
  ChildId,
  DangerId,
  HoldingId,
  Id,
  MaterialId,
  PlaceId,
  RungId,
  SiteId,
  WishId,
} from "./id";
import { Material } from "./material";
import { Instant, PlainDate } from "./plainDate";
import { PieceShape } from "./shape";
import { Skill } from "./skill";
import { PackTheme } from "./theme";

/** What every stored row has, so that two devices can be merged: deletions stay as tombstones. */
export const Row = z.object({
  id: Id,
  createdAt: Instant,
  updatedAt: Instant,
  deletedAt: Instant.optional(),
  /**
   * When its fields were changed, the last five times each, the latest first; what is not named here was not changed since the
   * row was made. `core/merge` puts two devices together by them. A row of an older program has none.
   */
  fieldStamps: z
    .record(z.string().max(MOST_TEXT, TOO_LONG), z.array(Instant).min(1).max(5, "at most 5"))
    .optional(),
});
export type Row = z.infer<typeof Row>;

/** `by-age`: taken to mouth things until 36 months. */
export const Mouthing = z.enum(["yes", "no", "by-age"]);
export type Mouthing = z.infer<typeof Mouthing>;

export const Child = Row.extend({
  id: ChildId,
  name: z.string().trim().min(1, "a name or an initial").max(40, "a name of at most 40 characters"),
  birth: PlainDate,
  /** The date the birth was due, where it came early or late. */
  due: PlainDate.optional(),
  mouths: Mouthing.default("by-age"),
  /** False for a child who can only reach the shelf: counted for safety, not planned for. */
  planFor: z.boolean().default(true),
  interests: z.array(z.string().trim().min(1).max(40, "at most 40")).default([]),
  /** As the adult wrote them; what they mean is worked out in core/safety. */
  allergies: z.array(z.string().trim().min(1).max(40, "at most 40")).default([]),
});
export type Child = z.infer<typeof Child>;

export const Approach = z.enum([
  "quiet-shelf",
  "open-play",
  "theme-week",
  "strength-and-grasp",
  "in-the-day",
]);
export type Approach = z.infer<typeof Approach>;

const count = (max: number) =>
  z.number().int("a whole number").min(0, "0 or more").max(max, `at most ${max}`);

/** How much the household can carry in one rotation. */
export const Limits = z.object({
  /** Trays out at once, for all children together. */
  trays: count(40).default(20),
  /** Trays that need the adult beside the child or within arm's reach. */
  adultBeside: count(20).default(3),
  /** Adult-held trays: kept high, opened together, counted out and back. */
  adultHeld: count(20).default(2),
  wet: count(20).default(1),
  messy: count(20).default(2),
  loud: count(20).default(2),
  prepMinutes: count(600).default(40),
  /** Money for small purchases in one rotation, in cents. */
  cents: count(100_000).default(0),
});
export type Limits = z.infer<typeof Limits>;

/** How many trays of each kind are wanted for one child in one rotation. */
export const Mix = z.object({
  anchors: count(10),
  stretches: count(10),
  /** Of them, trays that have no one right use. */
  openEnded: count(10).default(0),
});
export type Mix = z.infer<typeof Mix>;

/** When trays change: all on one day, one or two at a time, or when something goes cold. */
export const Rhythm = z.enum(["all-at-once", "few-at-a-time", "when-cold"]);
export type Rhythm = z.infer<typeof Rhythm>;

/** How the planner weighs change against staying, and a theme against spread. */
export const Planning = z.object({
  rhythm: Rhythm.default("all-at-once"),
  /** Trays set out anew in one rotation, where they change a few at a time. */
  newAtOnce: count(20).default(2),
  /** Repetition before change. */
  stay: z.enum(["little", "some", "much"]).default("some"),
  /** How much a theme weighs. */
  theme: z.enum(["little", "some", "much"]).default("some"),
});
export type Planning = z.infer<typeof Planning>;

/** How much a focus is to weigh: a little, on half of the shelf, on all of it. */
export const FocusWeight = z.enum(["little", "half", "whole"]);
export type FocusWeight = z.infer<typeof FocusWeight>;

/** A deliberate weight for a while: on one area, skill, material, a theme in words ("snails"), a letter or a number. */
export const Focus = z.object({
  kind: z.enum(["area", "skill", "material", "theme", "letter", "number"]),
  /** The area's, skill's or material's id; for a theme the interest in words; the letter; the number. */
  on: z.string().trim().min(1, "what it is on").max(60, "at most 60 characters"),
  weight: FocusWeight.default("little"),
  /** Its last day. */
  until: PlainDate.optional(),
});
export type Focus = z.infer<typeof Focus>;

/** The home that a household begins with. */
export const FIRST_SITE = SiteId.parse("home");

/** One of the homes the household plans for, each with its own cupboard, places and trays. */
export const Site = z.object({ id: SiteId, name: z.string().trim().min(1).max(60, "at most 60") });
export type Site = z.infer<typeof Site>;

export const Household = Row.extend({
  name: z.string().trim().min(1).max(60, "at most 60"),
  sites: z.array(Site).min(1).max(20, "at most 20 homes"),
  approach: Approach.default("quiet-shelf"),
  limits: Limits,
  mix: Mix.default({ anchors: 1, stretches: 1, openEnded: 0 }),
  planning: Planning.default(Planning.parse({})),
  focuses: z.array(Focus).max(8, "at most 8 at once").default([]),
  rotationDays: z.number().int().min(1).max(60, "at most 60").default(7),
  units: z.enum(["metric", "us"]).default("metric"),
  hemisphere: z.enum(["north", "south"]).default("north"),
  /** A fixed date instead of today's, for the demo only. */
  demoDate: PlainDate.optional(),
});
export type Household = z.infer<typeof Household>;

export const Place = Row.extend({
  id: PlaceId,
  site: SiteId,
  name: z.string().trim().min(1, "a name").max(60, "at most 60"),
  kind: PlaceKind,
  /** The board a bay is on, 0 at the top; other places have none. */
  board: z.number().int().min(0).max(9, "at most 9").optional(),
  order: z.number().int().min(0).max(10_000, "at most 10 000").default(0),
  /** Height of the board or top above the floor, in cm; absent where nobody said. */
  heightCm: z.number().min(0, "0 cm or more").max(300, "at most 300 cm").optional(),
  /**
   * Children who are kept from it, and by what. "high" holds only as long as the height is above what the child may
   * reach by then; the others are the adult's word: asleep at that time, behind a door, a gate or a lock.
   */
  outOfReachOf: z.array(ChildId).default([]),
  because: z.enum(["high", "asleep", "door", "gate", "lock"]).default("high"),
  /** Children who do get at it, whatever the arithmetic says: the adult's word. */
  reachedBy: z.array(ChildId).default([]),
  /** The day on which the adult said who gets at it and who does not. */
  saidOn: PlainDate.optional(),
  /** The children it is for; empty: for all. */
  servesOnly: z.array(ChildId).default([]),
  /** Places that cannot be used in the same rotation (basin or table). */
  exclusiveWith: z.array(PlaceId).default([]),
  cue: z.string().max(80, "at most 80").optional(),
});
export type Place = z.infer<typeof Place>;

/** How a thing came into the house: ours, found outdoors, or somebody else's. */
export const Origin = z.enum(["owned", "gathered", "borrowed"]);
export type Origin = z.infer<typeof Origin>;

/** The adult's word that something is not the dangerous thing that its name recalls, with the day. */
export const NotDanger = z.object({ danger: DangerId, on: PlainDate });
export type NotDanger = z.infer<typeof NotDanger>;

/** Something in the cupboard. */
export const Holding = Row.extend({
  id: HoldingId,
  site: SiteId,
  material: MaterialId,
  /** In the material's unit. */
  quantity: z.number().min(0, "0 or more").max(100_000, "at most 100 000"),
  /** The piece as measured here, where it differs from the usual one. */
  measured: PieceShape.optional(),
  where: z.string().max(60, "at most 60").optional(),
  origin: Origin.default("owned"),
  /** For a borrowed thing: the day it goes back. */
  dueBack: PlainDate.optional(),
  /** For what spoils: the last day on which it is used. */
  useBy: PlainDate.optional(),
  /** The day on which it was found worn; absent while it is sound. */
  worn: PlainDate.optional(),
  /** The adult's word that a line which reads like a dangerous thing is this and nothing dangerous. */
  notDangers: z.array(NotDanger).default([]),
});
export type Holding = z.infer<typeof Holding>;

export const OwnMaterial = Row.extend(Material.shape).extend({ notDangers: z.array(NotDanger).default([]) });
export type OwnMaterial = z.infer<typeof OwnMaterial>;
export const OwnActivity = Row.extend(Activity.shape).extend({ notDangers: z.array(NotDanger).default([]) });
export type OwnActivity = z.infer<typeof OwnActivity>;

/** A skill or a theme that came with a pack. */
export const OwnSkill = Row.extend(Skill.shape);
export type OwnSkill = z.infer<typeof OwnSkill>;
export const OwnTheme = Row.extend(PackTheme.shape);
export type OwnTheme = z.infer<typeof OwnTheme>;

/** What the adult asked of the planner, kept with the date. */
export const Wish = Row.extend({
  id: WishId,
  child: ChildId,
  activity: ActivityId,
  rung: RungId.optional(),
  kind: z.enum(["lock", "not-until", "never", "soon"]),
  on: PlainDate,
  /** Last day of a "not-until"; a lock ends with the next accepted plan. */
  until: PlainDate.optional(),
  /** For a lock: a day of the rotation that it is for; absent: the next one. */
  from: PlainDate.optional(),
  /** For a lock: the place it is to stand at. */
  place: PlaceId.optional(),
});
export type Wish = z.infer<typeof Wish>;
