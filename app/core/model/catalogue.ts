import { z } from "zod";
import { PieceShape } from "./shape";

export const Id = z.string().min(1, "an id").max(80, "an id of at most 80 characters");

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

export const Area = z.object({ id: AreaId, name: z.string(), about: z.string() });
export type Area = z.infer<typeof Area>;

/** Ages in months by which one, five and nine in ten children do it alone. */
export const AgeWindow = z
  .object({ p10: z.number().positive(), median: z.number().positive(), p90: z.number().positive() })
  .refine((w) => w.p10 < w.median && w.median < w.p90, "p10 < median < p90, in months");
export type AgeWindow = z.infer<typeof AgeWindow>;

/** How a skill's window was found: from a published table, between two such, or our judgement. */
export const WindowBasis = z.enum(["anchored", "interpolated", "judgement"]);

export const Skill = z.object({
  id: Id,
  name: z.string().min(1),
  area: AreaId,
  window: AgeWindow,
  basis: WindowBasis,
  source: z.string().min(1),
  /** Skills that usually come before it. */
  after: z.array(Id).default([]),
  /** What a parent can look for. */
  look: z.string().min(1),
});
export type Skill = z.infer<typeof Skill>;

/** What a thing can do to a child. Sizes are judged apart, from the piece itself. */
export const Hazard = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("string"), freeLengthMm: z.number().positive() }),
  z.object({ kind: z.literal("elastic"), freeLengthMm: z.number().positive() }),
  z.object({ kind: z.literal("loop"), aroundMm: z.number().positive() }),
  z.object({ kind: z.literal("water"), depthMm: z.number().nonnegative() }),
  z.object({ kind: z.literal("allergen"), allergen: z.string().min(1) }),
  z.object({ kind: z.literal("choking-food"), untilMonths: z.number().positive() }),
  z.object({
    kind: z.enum([
      "sharp",
      "pointed",
      "glass",
      "heat",
      "irritant",
      "washable",
      "toxic",
      "expanding",
      "button-battery",
      "strong-magnet",
      "balloon",
      "bag",
      "powder",
      "hanging",
      "heavy",
      "breaks-up",
      "honey",
      "climb",
      "find",
    ]),
  }),
]);
export type Hazard = z.infer<typeof Hazard>;

export const Unit = z.enum(["piece", "cm", "ml", "g", "sheet"]);
export type Unit = z.infer<typeof Unit>;

export const Preset = z.enum(["kitchen", "bathroom", "laundry", "desk", "toys", "living", "outdoors"]);
export type Preset = z.infer<typeof Preset>;

export const StandIn = z.object({
  material: Id,
  /** How well it serves, 0 to 1 (1: no difference). */
  serves: z.number().min(0).max(1),
});

export const SEASONS = ["spring", "summer", "autumn", "winter"] as const;
export const Season = z.enum(SEASONS);
export type Season = z.infer<typeof Season>;

/** How a thing is mixed at home: for so much of it (in its unit), these parts. */
export const Recipe = z.object({
  makes: z.number().positive(),
  parts: z
    .array(
      z.object({
        name: z.string().min(1),
        quantity: z.number().positive(),
        unit: z.enum(["ml", "g", "piece"]),
      }),
    )
    .min(1),
  how: z.string().min(1),
  /** Of the adult's work. */
  minutes: z.number().nonnegative(),
  /** Hours it has to stand or dry before it can be used. */
  standsHours: z.number().nonnegative().default(0),
  /** How long it keeps in a closed pot. */
  keepsDays: z.number().positive(),
});
export type Recipe = z.infer<typeof Recipe>;

export const Material = z.object({
  id: Id,
  name: z.string().min(1, "a name").max(80, "a name of at most 80 characters"),
  use: z.enum(["reusable", "consumable"]),
  unit: Unit.default("piece"),
  /** The typical loose piece. Absent where nothing loose is in the hand (water, tape). */
  piece: PieceShape.optional(),
  hazards: z.array(Hazard).default([]),
  /** The width of what it lets through in mm: a bore, a hole, a slot, a tube's inside. */
  openingMm: z.number().positive().optional(),
  /** What it holds to the brim, in ml. */
  holdsMl: z.number().positive().optional(),
  /** Other materials that can serve for this one. */
  standIns: z.array(StandIn).default([]),
  found: Preset,
  /** How many a usual home has; 0 where it has none. In `unit`. */
  usual: z.number().nonnegative().default(0),
  /** A small purchase: quantity in `unit`, rough price in cents. */
  pack: z.object({ quantity: z.number().positive(), cents: z.number().int().nonnegative() }).optional(),
  /** For finds: the seasons in which it lies about; empty: all year. */
  seasons: z.array(Season).default([]),
  /** How many days it keeps once it is in the house; absent where it does not spoil. */
  keepsDays: z.number().positive().optional(),
  recipe: Recipe.optional(),
});
export type Material = z.infer<typeof Material>;

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
  id: Id,
  material: Id,
  quantity: z.number().positive(),
  /** False where the child never has it loose in the hand (taped down, fixed, the adult's). */
  loose: z.boolean().default(true),
});
export type Need = z.infer<typeof Need>;

export const SkillNeed = z.object({
  skill: Id,
  /** How far a missing skill pulls the chance down, 0 to 1. */
  weight: z.number().min(0).max(1),
  /** True where going ahead without the skill would be unsafe: it then bars the rung. */
  forSafety: z.boolean().default(false),
});

/** Two needs of a rung whose sizes have to suit each other; a and b are the needs' ids. */
export const Fit = z.object({
  /** through: a passes b's opening; onto: a's opening goes over b; pours-into: a's filling goes into b. */
  how: z.enum(["through", "onto", "pours-into"]),
  a: Id,
  b: Id,
});
export type Fit = z.infer<typeof Fit>;

/** How a need's quantity is made up, or what has to be done to it, in a form that can be computed with. */
export const PrepRule = z.discriminatedUnion("kind", [
  /** n places with k each: n × k. */
  z.object({
    kind: z.literal("each"),
    need: Id,
    n: z.number().int().positive(),
    k: z.number().int().positive(),
  }),
  /** 1 + 2 + … + n. */
  z.object({ kind: z.literal("one-to-n"), need: Id, n: z.number().int().positive() }),
  /** Cut from a longer piece: slices of so many mm from a stock length, less what the cut takes. */
  z.object({
    kind: z.literal("cut"),
    need: Id,
    stockMm: z.number().positive(),
    sliceMm: z.number().positive(),
    cutMm: z.number().nonnegative(),
  }),
]);
export type PrepRule = z.infer<typeof PrepRule>;

export const Rung = z.object({
  id: Id,
  /** What is set out at this rung, in one line. */
  title: z.string().min(1),
  window: AgeWindow,
  /** Place on the axes: 0 is the easiest, each step up harder. */
  axes: z.partialRecord(AxisId, z.number().int().min(0).max(9)),
  needs: z.array(SkillNeed).default([]),
  grows: z.array(Id).min(1, "at least one skill that it grows"),
  materials: z.array(Need),
  /** A rung of the same activity that grows the same skills with pieces that pass both gauges. */
  largePieceTwin: Id.optional(),
  fits: z.array(Fit).default([]),
  prep: z.array(PrepRule).default([]),
  /** What lies there afterwards and can serve other trays: bits, slices, scraps; in the material's unit. */
  makes: z.array(z.object({ material: Id, quantity: z.number().positive() })).default([]),
  /** The printable sheet it uses, by name. */
  sheet: z.string().min(1).optional(),
  hazards: z.array(Hazard).default([]),
  adult: AdultPosition.optional(),
  places: z.array(PlaceKind).min(1).optional(),
  prepMinutes: z.number().nonnegative().optional(),
});
export type Rung = z.infer<typeof Rung>;

export const CONTENT_LAYERS = ["colour", "shape", "number", "letter", "word"] as const;
export const ContentLayer = z.enum(CONTENT_LAYERS);

const text = z.string().min(1);
const steps = z.array(text).min(2, "at least two steps");

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
});
export type Guide = z.infer<typeof Guide>;

export const Activity = z.object({
  id: Id,
  name: z.string().min(1).max(60),
  invitation: z.string().min(1),
  area: AreaId,
  family: z.string().min(1),
  /** The movement or set-up it shares with others ("peg on a rim"); forms rest, skills may return. */
  form: z.string().min(1),
  glyph: z.string().min(1),
  /** Interests it can be dressed in, and properties a child may love. */
  interests: z.array(z.string().min(1)).default([]),
  places: z.array(PlaceKind).min(1),
  wet: z.boolean().default(false),
  messy: z.boolean().default(false),
  loud: z.boolean().default(false),
  adult: AdultPosition.default("in-room"),
  prepMinutes: z.number().nonnegative(),
  clearMinutes: z.number().nonnegative(),
  playMinutes: z.number().positive(),
  /** Hours that the child's work has to dry, lying or hanging somewhere. */
  dryHours: z.number().positive().optional(),
  /** Each insert takes anew from the cupboard what the tray uses up: another sheet, another card. */
  insertsUseUp: z.literal(true).optional(),
  /** The seasons it belongs to; empty: all year. */
  seasons: z.array(Season).default([]),
  /** Absent where it is kept apart, as for the built-in activities. */
  guide: Guide.optional(),
  /** From the easiest to the hardest. */
  rungs: z.array(Rung).min(1),
});
export type Activity = z.infer<typeof Activity>;
export const PACK_FORMAT = "orto-pack";
export const Pack = z.object({
  format: z.literal(PACK_FORMAT, `a file whose "format" is "${PACK_FORMAT}"`),
  version: z.literal(1, "version 1 of the pack format"),
  areas: z.array(Area),
  skills: z.array(Skill),
  materials: z.array(Material),
  activities: z.array(Activity),
});
export type Pack = z.infer<typeof Pack>;

/** What core is given to choose from: the built-in pack and the household's own additions. */
export type Catalogue = Pick<Pack, "skills" | "materials" | "activities">;
