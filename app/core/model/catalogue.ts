import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { Danger } from "./danger";
import { FloorStation } from "./floor";
import { ContentLayer, Guide } from "./guide";
import { ActivityId, Id, MaterialId, NeedId, RungId, SkillId } from "./id";
import { Hazard, Material, Season } from "./material";
import { NOTHING_PRINTED, Printing } from "./printing";
import { Routine } from "./routine";
import { AgeWindow, Area, AreaId, Skill } from "./skill";
import { PackTheme } from "./theme";

export const AXIS_IDS = [
  "pieceSize",
  "stiffness",
  "opening",
  "play",
  "base",
  "wells",
  "choices",
  "likeness",
  "spares",
  "tool",
  "hands",
  "strength",
  "posture",
  "distance",
  "delay",
  "eyes",
  "orientation",
  "steps",
  "amount",
] as const;
export const AxisId = z.enum(AXIS_IDS);
export type AxisId = z.infer<typeof AxisId>;

export const PlaceKind = z.enum([
  "bay",
  "table",
  "mat",
  "floor",
  "high-chair",
  "tower",
  "window",
  "wet-spot",
  "outdoors",
  "line",
  "routine",
]);
export type PlaceKind = z.infer<typeof PlaceKind>;
/** The kinds of places where work can hang or lie to dry, the best first. */
export const DRYING_KINDS: readonly PlaceKind[] = ["line", "outdoors", "window", "wet-spot"];

/** Where the adult has to be, from the loosest to the closest. */
export const ADULT_POSITIONS = ["in-room", "beside", "arms-reach"] as const;
export const AdultPosition = z.enum(ADULT_POSITIONS);
export type AdultPosition = z.infer<typeof AdultPosition>;

export const Need = z.object({
  /** Names this need within the rung, for example "rings". */
  id: NeedId,
  material: MaterialId,
  quantity: z.number().positive().max(1_000_000, "at most 1 000 000"),
  /** False where the child never has it loose in the hand (taped down, fixed, the adult's). */
  loose: z.boolean().default(true),
  /** Of what is used up as a rule: here it stays as it is, and goes back into its jar (dry filling, whole straws). */
  stays: z.literal(true).optional(),
  /** It may stay away: the rung is what it is without it, and without all others that may. */
  spare: z.literal(true).optional(),
});
export type Need = z.infer<typeof Need>;

export const SkillNeed = z.object({
  skill: SkillId,
  /** How far a missing skill pulls the chance down, 0 to 1. */
  weight: z.number().min(0).max(1, "at most 1"),
  /** True where going ahead without the skill would be unsafe: it then bars the rung. */
  forSafety: z.boolean().default(false),
});

/** Two needs of a rung whose sizes have to suit each other; a and b are the needs' ids. */
export const Fit = z.object({
  /**
   * through: a passes b's opening; onto: a's opening goes over b; pours-into: a's filling goes into b; in-wells: each
   * piece of a lies in a well of b; lies-in: all of a lies in b at once; covers: a hides b, or is the lid of its mouth;
   * stands-on: a stands on b, or several of one thing on each other; heavier: a hand tells that a weighs more than b;
   * floats-unlike: one of the two floats, the other sinks; drawn-unlike: a magnet draws one of them, and the other not;
   * larger: the eye tells that a is larger than b; alike: the eye does not tell a from b by its form or size; opens: a
   * is opened, by its lid, screw, zip or latch (b is a again).
   */
  how: z.enum([
    "through",
    "onto",
    "pours-into",
    "in-wells",
    "lies-in",
    "covers",
    "stands-on",
    "heavier",
    "floats-unlike",
    "drawn-unlike",
    "larger",
    "alike",
    "opens",
  ]),
  a: NeedId,
  b: NeedId,
});
export type Fit = z.infer<typeof Fit>;

/** How a need's quantity is made up, or what has to be done to it, in a form that can be computed with. */
export const PrepRule = z.discriminatedUnion("kind", [
  /** n places with k each: n × k. */
  z.object({
    kind: z.literal("each"),
    need: NeedId,
    n: z.number().int().positive().max(1000, "at most 1000"),
    k: z.number().int().positive().max(1000, "at most 1000"),
  }),
  /** 1 + 2 + … + n. */
  z.object({
    kind: z.literal("one-to-n"),
    need: NeedId,
    n: z.number().int().positive().max(1000, "at most 1000"),
  }),
  /** Cut from a longer piece: slices of so many mm from a stock length, less what the cut takes. */
  z.object({
    kind: z.literal("cut"),
    need: NeedId,
    stockMm: z.number().positive().max(100_000, "at most 100 000"),
    sliceMm: z.number().positive().max(100_000, "at most 100 000"),
    cutMm: z.number().nonnegative().max(100_000, "at most 100 000"),
  }),
]);
export type PrepRule = z.infer<typeof PrepRule>;

export const Rung = z.object({
  id: RungId,
  /** What is set out at this rung, in one line. */
  title: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  window: AgeWindow,
  /** Place on the axes: 0 is the easiest, each step up harder. */
  axes: z.partialRecord(AxisId, z.number().int().min(0).max(9, "at most 9")),
  needs: z.array(SkillNeed).default([]),
  grows: z.array(SkillId).min(1, "at least one skill that it grows"),
  materials: z.array(Need).max(60, "at most 60 things"),
  /** A rung of the same activity that grows the same skills with pieces that pass both gauges. */
  largePieceTwin: RungId.optional(),
  fits: z.array(Fit).default([]),
  /** What stands on the floor in the order in which it is gone through, thrown or rolled at, with the distances. */
  floor: z.array(FloorStation).max(20, "at most 20 stations").optional(),
  prep: z.array(PrepRule).default([]),
  /** What lies there afterwards and can serve other trays: bits, slices, scraps; in the material's unit. */
  makes: z
    .array(
      z.object({ material: MaterialId, quantity: z.number().positive().max(1_000_000, "at most 1 000 000") }),
    )
    .default([]),
  /** The printable sheet it uses, by name. */
  sheet: z.string().min(1).max(MOST_TEXT, TOO_LONG).optional(),
  hazards: z.array(Hazard).default([]),
  /** Always an adult-held tray, whatever it is made from: for small pieces without a large-piece twin. */
  held: z.literal(true).optional(),
  adult: AdultPosition.optional(),
  places: z.array(PlaceKind).min(1).optional(),
  prepMinutes: z.number().nonnegative().max(1440, "at most 1440").optional(),
});
export type Rung = z.infer<typeof Rung>;

export const Activity = z.object({
  id: ActivityId,
  name: z.string().min(1).max(60, "at most 60"),
  invitation: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  area: AreaId,
  family: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  /** The movement or set-up it shares with others ("peg on a rim"); forms rest, skills may return. */
  form: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  glyph: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  /** Interests it can be dressed in, and properties a child may love. */
  interests: z.array(z.string().min(1).max(MOST_TEXT, TOO_LONG)).default([]),
  places: z.array(PlaceKind).min(1),
  /** The routines that it is part of, where it is done in the day: nobody pulls a sock off at a meal. Absent: any of them. */
  routines: z.array(Routine).min(1, "one at least").max(20, "at most 20").optional(),
  wet: z.boolean().default(false),
  messy: z.boolean().default(false),
  loud: z.boolean().default(false),
  adult: AdultPosition.default("in-room"),
  prepMinutes: z.number().nonnegative().max(1440, "at most 1440"),
  clearMinutes: z.number().nonnegative().max(1440, "at most 1440"),
  playMinutes: z.number().positive().max(1440, "at most 1440"),
  /** Hours that the child's work has to dry, lying or hanging somewhere. */
  dryHours: z.number().positive().max(1000, "at most 1000").optional(),
  /** Each insert takes anew from the cupboard what the tray uses up: another sheet, another card. */
  insertsUseUp: z.literal(true).optional(),
  /** Layers of content that its frame can be filled with: its guide says how. */
  fills: z.array(ContentLayer).optional(),
  /** The seasons it belongs to; empty: all year. */
  seasons: z.array(Season).default([]),
  /** Absent where it is kept apart, as for the built-in activities. */
  guide: Guide.optional(),
  /** From the easiest to the hardest. */
  rungs: z.array(Rung).min(1).max(40, "at most 40 rungs"),
});
export type Activity = z.infer<typeof Activity>;

/** Is an activity part of a routine at a place? Only what is done in the day hangs on it: a table is a table at any hour. */
export const suitsRoutine = (
  { routines }: Pick<Activity, "routines">,
  place: PlaceKind,
  routine: Routine,
): boolean => place !== "routine" || routines === undefined || routines.includes(routine);

/** How an activity looks where somebody has set it out. */
export const PackPicture = z.object({
  id: Id,
  activity: ActivityId,
  mime: z.enum(["image/jpeg", "image/png", "image/webp"], "a picture as JPEG, PNG or WebP"),
  base64: z.base64("no picture").min(1, "no picture").max(4_000_000, "at most 4 000 000 characters"),
});
export type PackPicture = z.infer<typeof PackPicture>;

export const PACK_FORMAT = "orto-pack";
/** So many rows of a kind are read from a pack. */
const MOST_ROWS = 20_000;
export const Pack = z.object({
  format: z.literal(PACK_FORMAT, `a file whose "format" is "${PACK_FORMAT}"`),
  version: z.literal(1, "version 1 of the pack format"),
  areas: z.array(Area).max(100, "at most 100").default([]),
  skills: z.array(Skill).max(MOST_ROWS, "at most 20 000").default([]),
  materials: z.array(Material).max(MOST_ROWS, "at most 20 000"),
  activities: z.array(Activity).max(MOST_ROWS, "at most 20 000"),
  themes: z.array(PackTheme).max(1000, "at most 1000").default([]),
  pictures: z.array(PackPicture).max(500, "at most 500").default([]),
  /** Dangerous things, recognised by their names. Read from the built-in pack only. */
  dangers: z.array(Danger).default([]),
  /** The sheets that are printed for trays. Only the built-in pack is asked for them. */
  printing: Printing.default(NOTHING_PRINTED),
});
export type Pack = z.infer<typeof Pack>;

/** The kinds of rows that a pack brings, in the order in which they come, and the table of each. */
export const PACK_TABLES = {
  skills: "ownSkills",
  materials: "ownMaterials",
  activities: "ownActivities",
  themes: "ownThemes",
} as const;
export type PackKind = keyof typeof PACK_TABLES;
export type PackTable = (typeof PACK_TABLES)[PackKind];
/** Skills, things, activities and themes, as a pack has them. */
export type PackRows = Pick<Pack, PackKind>;
export const PACK_KINDS = Object.keys(PACK_TABLES) as PackKind[];

/** What core is given to choose from: the built-in pack and the household's own additions. */
export type Catalogue = Pick<Pack, "skills" | "materials" | "activities" | "dangers" | "printing">;
