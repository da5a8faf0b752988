import type { Hazard, PieceShape } from "../../model";
import type { SafetyState } from "../assess";

/** A child of so many months on the day, from birth; "no" and "yes" for mouthing, else by age. */
export type Who = [
  months: number,
  more?: { mouths?: "yes" | "no"; allergies?: string[]; seen?: string[]; notYet?: string[] },
];

export interface Situation {
  /** What a careful nursery teacher sees. */
  what: string;
  /** The child it is for. */
  user: Who;
  /** Others who are about. */
  others?: Who[];
  place?: {
    kind?: string;
    heightCm?: number;
    kept?: "door" | "gate" | "lock" | "asleep" | "high";
    reachedBy?: true;
  };
  /** A thing of the catalogue, or one by its name; measured or not. */
  thing?: string;
  own?: string;
  mm?: PieceShape;
  hazards?: Hazard[];
  loose?: boolean;
  /** On the rung itself. */
  act?: Hazard[];
  says: SafetyState;
}

export const ball = (mm: number): PieceShape => ({ shape: "sphere", mm: [mm] });
export const rod = (d: number, l: number): PieceShape => ({ shape: "cylinder", mm: [d, l] });

/** Who reaches what, and of what size. */
export const SITUATIONS_OF_REACH: Situation[] = [
  // Who reaches what.
  {
    what: "pasta tubes on the top board, a child of 26 months about",
    user: [40, { mouths: "no" }],
    others: [[26]],
    place: { heightCm: 90, kept: "high" },
    thing: "pasta-wide",
    says: "blocked",
  },
  {
    what: "bottle caps on the second board, a child of 13 months about",
    user: [38, { mouths: "no" }],
    others: [[13]],
    place: { heightCm: 45, kept: "high" },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "bottle caps behind a gate, a child of 13 months about",
    user: [38, { mouths: "no" }],
    others: [[13]],
    place: { kept: "gate" },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 60 cm, a baby of 3 months who lies",
    user: [50],
    others: [[3]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 60 cm, a baby of 7 months who may pull up",
    user: [50],
    others: [[7]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 60 cm, a baby of 7 months seen to neither crawl nor pull up",
    user: [50],
    others: [[7, { notYet: ["crawls", "pulls-up"] }]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 30 cm, the same baby who sits",
    user: [50],
    others: [[7, { notYet: ["crawls", "pulls-up"] }]],
    place: { heightCm: 30 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 60 cm, a baby of 4 months seen to pull up already",
    user: [50],
    others: [[4, { seen: ["pulls-up"] }]],
    place: { heightCm: 60 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 150 cm, a baby of 8 months who stands",
    user: [50],
    others: [[8]],
    place: { heightCm: 150 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 150 cm, a child of 10 months who may climb",
    user: [50],
    others: [[10]],
    place: { heightCm: 150 },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps at 150 cm, a child of 10 months who was looked at and does not climb",
    user: [50],
    others: [[10, { notYet: ["climbs"] }]],
    place: { heightCm: 150 },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps at 60 cm, the baby gets at it, the adult says",
    user: [50],
    others: [[7, { notYet: ["crawls", "pulls-up"] }]],
    place: { heightCm: 60, reachedBy: true },
    thing: "cap-bottle",
    says: "blocked",
  },
  {
    what: "caps while the baby sleeps",
    user: [50],
    others: [[7]],
    place: { kept: "asleep" },
    thing: "cap-bottle",
    says: "free",
  },
  {
    what: "caps on the low table that is only said to be high",
    user: [50],
    others: [[9]],
    place: { kind: "table", kept: "high" },
    thing: "cap-bottle",
    says: "blocked",
  },
  // Sizes.
  {
    what: "a bead of 25 mm, a child of 20 months who mouths",
    user: [20],
    thing: "bead-medium",
    says: "blocked",
  },
  {
    what: "a bead of 25 mm, a child of 30 months who no longer mouths",
    user: [30, { mouths: "no" }],
    thing: "bead-medium",
    says: "adult-held",
  },
  { what: "a bead of 25 mm at four", user: [48], thing: "bead-medium", says: "free" },
  {
    what: "a bead of 25 mm, a five-year-old who mouths",
    user: [60, { mouths: "yes" }],
    thing: "bead-medium",
    says: "blocked",
  },
  { what: "a bead of 50 mm, a baby of 10 months", user: [10], thing: "bead-large", says: "free" },
  { what: "the same bead measured at 30 mm", user: [10], thing: "bead-large", mm: ball(30), says: "blocked" },
  {
    what: "a rattle measured at 30 × 20 mm, four months",
    user: [4],
    thing: "rattle-ring",
    mm: { shape: "disc", mm: [30, 20] },
    says: "blocked",
  },
  {
    what: "a felt ball of 42 mm passes the roll tube, ten months",
    user: [10],
    thing: "ball-soft",
    mm: ball(42),
    says: "blocked",
  },
  { what: "large stickers at 15 months", user: [15], thing: "sticker-large", says: "blocked" },
  { what: "large stickers at 20 months", user: [20], thing: "sticker-large", says: "adult-held" },
  {
    what: "a paper straw at 20 months, no longer mouthing",
    user: [20, { mouths: "no" }],
    thing: "straw",
    says: "adult-held",
  },
  {
    what: "a blunt stick of 12 mm at 20 months, no longer mouthing",
    user: [20, { mouths: "no" }],
    thing: "stick-blunt",
    says: "adult-held",
  },
  { what: "a bead that is taped down", user: [20], thing: "bead-medium", loose: false, says: "free" },
  {
    what: "a rod of 8 by 150 mm of our own, 22 months",
    user: [22, { mouths: "no" }],
    own: "green stick",
    mm: rod(8, 150),
    says: "adult-held",
  },
];
