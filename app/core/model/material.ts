import { z } from "zod";
import { MOST_TEXT, TOO_LONG } from "./bounds";
import { DangerId, MaterialId } from "./id";
import { PieceShape } from "./shape";

/** What a thing can do to a child. Sizes are judged apart, from the piece itself. */
export const Hazard = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("string"),
    freeLengthMm: z.number().positive().max(100_000, "at most 100 000"),
  }),
  z.object({
    kind: z.literal("elastic"),
    freeLengthMm: z.number().positive().max(100_000, "at most 100 000"),
  }),
  z.object({ kind: z.literal("loop"), aroundMm: z.number().positive().max(100_000, "at most 100 000") }),
  /** Depth at its deepest. */
  z.object({ kind: z.literal("water"), depthMm: z.number().nonnegative().max(5000, "at most 5000") }),
  z.object({ kind: z.literal("allergen"), allergen: z.string().min(1).max(MOST_TEXT, TOO_LONG) }),
  /** A piece that the child tears, cuts or breaks off, with the size at which it comes off. */
  z.object({
    kind: z.literal("made-piece"),
    name: z.string().min(1).max(MOST_TEXT, TOO_LONG),
    piece: PieceShape,
  }),
  z.object({ kind: z.literal("choking-food"), untilMonths: z.number().positive().max(600, "at most 600") }),
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
      "glue",
      "salty",
      "raw-flour",
      "raw-egg",
      "covers-face",
      "head-control",
      "noise",
      "finger-trap",
      "slippery",
      "lead",
      "reused-container",
      "essential-oil",
      "unsized",
      "tower",
      "warm-water",
      "eaten",
      "window",
      "outdoors",
      "road",
      "tips",
      "runs-with",
      "entrapment",
      "hob",
      "soil",
      "electric",
      "sleep",
      "animals",
      "deep-water-near",
      "strips",
      "wet-floor",
      "stings-eyes",
    ]),
  }),
  /** Recognised by its name in the list of dangerous things, with what that list says of it. */
  z.object({
    kind: z.literal("danger"),
    danger: DangerId,
    effect: z.enum(["block", "hold"]),
    untilMonths: z.number().positive().max(600, "at most 600").optional(),
    why: z.string().min(1).max(MOST_TEXT, TOO_LONG),
    instead: z.string().min(1).max(MOST_TEXT, TOO_LONG),
    source: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  }),
]);
export type Hazard = z.infer<typeof Hazard>;

export const Unit = z.enum(["piece", "cm", "ml", "g", "sheet"]);
export type Unit = z.infer<typeof Unit>;

export const Preset = z.enum(["kitchen", "bathroom", "laundry", "desk", "toys", "living", "outdoors"]);
export type Preset = z.infer<typeof Preset>;

export const StandIn = z.object({
  material: MaterialId,
  /** How well it serves, 0 to 1 (1: no difference). */
  serves: z.number().min(0).max(1, "at most 1"),
});

export const SEASONS = ["spring", "summer", "autumn", "winter"] as const;
export const Season = z.enum(SEASONS);
export type Season = z.infer<typeof Season>;

/** How a thing is mixed at home: for so much of it (in its unit), these parts. */
export const Recipe = z.object({
  makes: z.number().positive().max(1_000_000, "at most 1 000 000"),
  parts: z
    .array(
      z.object({
        name: z.string().min(1).max(MOST_TEXT, TOO_LONG),
        quantity: z.number().positive().max(1_000_000, "at most 1 000 000"),
        unit: z.enum(["ml", "g", "piece"]),
        /** The thing of the cupboard that it is, where it is one. */
        material: MaterialId.optional(),
      }),
    )
    .min(1),
  how: z.string().min(1).max(MOST_TEXT, TOO_LONG),
  /** Of the adult's work. */
  minutes: z.number().nonnegative().max(1440, "at most 1440"),
  /** Hours it has to stand or dry before it can be used. */
  standsHours: z.number().nonnegative().max(1000, "at most 1000").default(0),
  /** How long it keeps in a closed pot. */
  keepsDays: z.number().positive().max(3650, "at most 3650"),
  /** It is as well bought, and keeps: it is not mixed for each shelf. */
  orBought: z.literal(true).optional(),
});
export type Recipe = z.infer<typeof Recipe>;

const sketch = z.string().max(4000, "at most 4000 characters");

/** How a thing is drawn: a form and a colour, by name, and its size where it has no piece of a set size. */
export const Look = z.object({
  form: z.string().min(1).max(40, "at most 40 characters"),
  colour: z.string().min(1).max(40, "at most 40 characters"),
  /** Width, depth and height as it is set out, in mm. */
  mm: z
    .tuple([
      z.number().positive().max(5000, "at most 5000"),
      z.number().positive().max(5000, "at most 5000"),
      z.number().positive().max(5000, "at most 5000"),
    ])
    .optional(),
  /** It holds others, or the hand works with it: what a tray's layout hangs on. */
  as: z.enum(["vessel", "tool"]).optional(),
  /** A rod-shaped piece that stands upright. */
  stands: z.literal(true).optional(),
  /** Its sketch from above and from the front (docs/drawing.md), where the form is not one that core draws. */
  top: sketch.optional(),
  front: sketch.optional(),
});
export type Look = z.infer<typeof Look>;

/** How a thing is opened by the hand. */
export const OpensBy = z.enum(["lid", "screw", "zip", "latch"]);
export type OpensBy = z.infer<typeof OpensBy>;

/** How a stem or cord behaves when it is pushed through something, from the easiest: it stands, it bends, only its tip is stiff, it is limp. */
export const STIFFNESS = ["rigid", "bends", "tipped", "limp"] as const;
export const Stiffness = z.enum(STIFFNESS);
export type Stiffness = z.infer<typeof Stiffness>;

export const Material = z.object({
  id: MaterialId,
  name: z.string().min(1, "a name").max(80, "a name of at most 80 characters"),
  /** What else people call it: "clothespin" for a clothes peg. */
  also: z.array(z.string().min(1).max(MOST_TEXT, TOO_LONG)).default([]),
  use: z.enum(["reusable", "consumable"]),
  unit: Unit.default("piece"),
  /** The typical loose piece. Absent where nothing loose is in the hand (water, tape). */
  piece: PieceShape.optional(),
  hazards: z.array(Hazard).default([]),
  /** The width of what it lets through in mm: a bore, a hole, a slot, a tube's inside. */
  openingMm: z.number().positive().max(5000, "at most 5000").optional(),
  /** Hollows of the same size, side by side: how many, how wide each is at its rim, and how deep. */
  wells: z
    .object({
      count: z.number().int().positive().max(1000, "at most 1000"),
      widthMm: z.number().positive().max(5000, "at most 5000"),
      depthMm: z.number().positive().max(5000, "at most 5000").optional(),
    })
    .optional(),
  /** Does it give way when it is pressed: felt, foam, cloth? */
  soft: z.literal(true).optional(),
  /** What it holds to the brim, in ml. */
  holdsMl: z.number().positive().max(1_000_000, "at most 1 000 000").optional(),
  /** How thick the stem is that stands up from it, in mm: a post, a candle holder. */
  stemMm: z.number().positive().max(1000, "at most 1000").optional(),
  /** The ml that one unit takes up when it is poured, gaps included: a gram of oats about 2.5. */
  bulkMl: z.number().positive().max(1000, "at most 1000").optional(),
  /** How large it is opened out, in mm: a cloth, a sheet. */
  spreadMm: z
    .tuple([z.number().positive().max(5000, "at most 5000"), z.number().positive().max(5000, "at most 5000")])
    .optional(),
  /** What one piece weighs, in g. */
  massG: z.number().positive().max(100_000, "at most 100 000").optional(),
  /** What water does to it: it floats, it sinks, or is spoiled (paper, card). */
  inWater: z.enum(["floats", "sinks", "soaks"]).optional(),
  /** In how many colours one usually has it. */
  colours: z.number().int().positive().max(100, "at most 100").optional(),
  /** Does a magnet draw it? */
  magnetic: z.boolean().optional(),
  /** How it is opened; absent for what has nothing to open, or is shut for good (glued, taped). */
  opensBy: OpensBy.optional(),
  /** The pieces show numbers to read: each piece one, from 1 on. */
  shows: z.literal("numbers").optional(),
  /** Of what things are threaded or set on: a stem, a cord. */
  stiffness: Stiffness.optional(),
  /** Other materials that can serve for this one. */
  standIns: z.array(StandIn).default([]),
  found: Preset,
  /** How many a usual home has; 0 where it has none. In `unit`. */
  usual: z.number().nonnegative().max(1_000_000, "at most 1 000 000").default(0),
  /** A small purchase: quantity in `unit`, rough price in cents. */
  pack: z
    .object({
      quantity: z.number().positive().max(1_000_000, "at most 1 000 000"),
      cents: z.number().int().nonnegative().max(10_000_000, "at most 10 000 000"),
    })
    .optional(),
  /** For finds: the seasons in which it lies about; empty: all year. */
  seasons: z.array(Season).default([]),
  /** How many days it keeps once it is in the house; absent where it does not spoil. */
  keepsDays: z.number().positive().max(3650, "at most 3650").optional(),
  recipe: Recipe.optional(),
  look: Look.optional(),
});
export type Material = z.infer<typeof Material>;
