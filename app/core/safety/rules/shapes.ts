import type { Hazard } from "../../model";
import { type Reacher, SMALL_PARTS_UNTIL_MONTHS } from "../reacher";
import { byAge, type Effect, type HazardRule, under } from "./rule";

/** Round a loop, in mm, from which on it can go over a small head: EN 71-1 (cords that form a loop, under 36 months). */
export const WIDE_LOOP_MM = 380;

/** Free length of cord above which it can go round a neck: 220 mm, EN 71-1 (toys for under 36 months). */
export const LONG_CORD_MM = 220;

/** Under this age a long cord is on no tray at all. */
const NO_CORD_UNTIL_MONTHS = 18;

const cordAges = (who: Reacher): Effect => {
  if (under(who, NO_CORD_UNTIL_MONTHS)) return "block";
  return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "hold" : "caution";
};

const cord = (hazard: Hazard, who: Reacher): Effect | undefined =>
  "freeLengthMm" in hazard && hazard.freeLengthMm > LONG_CORD_MM ? cordAges(who) : undefined;

/** From the first sign of pushing up on the hands; and from this age on at the latest. */
const HANGING_UNTIL_MONTHS = 5;

/** Rules on cords, edges and what hangs, breaks or traps. */
export const SHAPE_RULES: readonly HazardRule[] = [
  {
    id: "long-cord",
    kind: "string",
    reason: "A cord longer than 22 cm can wind round a neck.",
    advice: "Keep it high, bring it out when you sit beside, put it away at once. Or cut it to 22 cm.",
    short: "Long cord: beside it, then up high at once.",
    act: "Pull at both ends and at every knot. Sit beside, and put the cord up high before you get up.",
    source: "EN 71-1 (cords on toys for under 36 months: 220 mm)",
    position: "beside",
    effectFor: cord,
  },
  {
    id: "long-elastic",
    kind: "elastic",
    reason: "An elastic longer than 22 cm can wind round a neck or a finger.",
    advice: "Keep it high, bring it out when you sit beside. Pull-test the knots first.",
    short: "Long elastic: knots tested, beside it, then up high.",
    act: "Pull hard at every knot and at what hangs on it. Sit beside, and put it up high before you get up.",
    source: "EN 71-1 (cords and elastics on toys for under 36 months)",
    position: "beside",
    effectFor: cord,
  },
  {
    id: "loop",
    kind: "loop",
    reason: "A closed loop wider than 38 cm round goes over a head and can catch on something.",
    advice:
      "Only at the table and with you beside, never at the playground or in bed. Leave it open, or tie it with one weak knot; tie long hair back.",
    short: "Loop: at the table only, and you beside.",
    act: "Open the loop, or tie it with one weak knot only. Stay beside, and take it off before the child walks away.",
    source: "EN 71-1 (cords that form a loop: 380 mm round, under 36 months)",
    position: "beside",
    effectFor: (hazard, who) =>
      "aroundMm" in hazard && hazard.aroundMm >= WIDE_LOOP_MM ? cordAges(who) : undefined,
  },
  {
    id: "hanging",
    kind: "hanging",
    reason: "What hangs can be pulled down or catch an arm or a neck.",
    advice:
      "Take it down for good at the first sign of pushing up on hands and knees, and at five months at the latest; after each use as well.",
    short: "Take it down when the baby pushes up, and after each use.",
    act: "Pull hard at the frame, at the ring and at every knot. Stay within arm's reach, and take it down before you leave.",
    source:
      "ASTM F963 (labels of crib gyms and mobiles: removed when the baby begins to push up on hands and knees, or at 5 months); EN 71-1",
    position: "arms-reach",
    effectFor: (_, who) =>
      who.pushesUp || who.monthsFromBirth >= HANGING_UNTIL_MONTHS ? "block" : "caution",
  },
  {
    id: "sharp",
    kind: "sharp",
    reason: "It has an edge that cuts.",
    advice: "Blunt-ended, kept high, used within arm's reach and sitting down.",
    short: "Sharp: sitting, within arm's reach, then up high.",
    act: "Sit the child down, feet on the floor. It goes from your hand to the child's and back to yours, then up high.",
    source: "16 CFR 1500.49 (sharp edges, under 8 years); usual home-safety advice",
    position: "arms-reach",
    effectFor: byAge({ hold: 60 }),
  },
  {
    id: "pointed",
    kind: "pointed",
    reason: "A point can go into an eye or the throat.",
    advice: "Take a blunt stick or a dowel instead.",
    short: "Pointed: within arm's reach.",
    act: "Sit down together. No walking with it; it goes up high before you get up.",
    source: "16 CFR 1500.48 (sharp points, under 8 years); usual home-safety advice",
    position: "arms-reach",
    effectFor: (_, who) => (under(who, 48) ? "block" : "hold"),
  },
  {
    id: "glass",
    kind: "glass",
    reason: "It breaks into splinters.",
    advice: "Take an unbreakable one, or sit beside at a table with the floor clear.",
    short: "Glass: at the table, you beside.",
    act: "Clear the floor, sit at the table together, both hands on the glass. Put it away before you get up.",
    source: "Usual home-safety advice",
    position: "beside",
    effectFor: byAge({ block: 18, hold: 48 }),
  },
  {
    id: "breaks-up",
    kind: "breaks-up",
    reason: "Bits can be bitten or torn off.",
    advice: "Look at it before each use; take it away when bits come off.",
    short: "Look for loose bits; away with it when they come.",
    act: "Look it over and pull at every edge. Take away every bit that comes off, before it goes into a mouth.",
    source: "16 CFR 1500.51–53 (use and abuse tests); usual home-safety advice",
    position: "beside",
    cautionPosition: "in-room",
    effectFor: (_, who) => {
      if (who.mouths) return "hold";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
  {
    id: "strips",
    kind: "strips",
    reason: "Loose strips of tape or paper go soft in the mouth and can stick in the throat.",
    advice: "Count the strips before, stick each one on the rim as it comes off, and count them back.",
    short: "Strips: counted out, stuck on the rim, counted back.",
    act: "Count the strips first: none is longer than 22 cm. Each goes on the rim as it comes off. Count them back before you get up.",
    source: "Home rule of our own, on the safe side of 16 CFR 1501.2(b)(2), which exempts paper",
    position: "arms-reach",
    effectFor: byAge({ block: 10, caution: 48 }, "hold"),
  },
  {
    id: "finger-trap",
    kind: "finger-trap",
    reason: "A gap or hinge that shuts can pinch or crush a finger.",
    advice: "Show where the fingers go; take a lid that lifts off instead of one that falls shut.",
    short: "Fingers: mind the gap and the hinge.",
    act: "Show where the fingers go, and move it slowly once yourself.",
    source: "EN 71-1 (hinges and gaps of 5 to 12 mm); usual home-safety advice",
    position: "beside",
    effectFor: byAge({ caution: 48 }),
  },
  {
    id: "heavy",
    kind: "heavy",
    reason: "It can fall on a foot or tip over.",
    advice: "Low down, on a firm base; the shelf is fixed to the wall.",
    short: "Heavy: low down on a firm base.",
    source: "Usual home-safety advice on tipping",
    effectFor: byAge({ caution: 48 }),
  },
  {
    id: "unsized",
    kind: "unsized",
    reason: "By its name it is small, and nobody has said how large a piece is.",
    advice: "Measure one piece and give its size; until then it is judged as one that can be swallowed.",
    short: "Size unknown: judged as small.",
    act: "Count the pieces out aloud, stay within arm's reach, count them back before you get up.",
    source: "16 CFR 1501.4 (small-parts cylinder), on the safe side where no size is known",
    position: "arms-reach",
    effectFor: (_, who) => {
      if (who.mouths) return "block";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "hold" : "caution";
    },
  },
];
