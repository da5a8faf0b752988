import type { AdultPosition, Hazard, PieceShape } from "../model";
import type { Reacher } from "./reach";
import { SMALL_PARTS_UNTIL_MONTHS } from "./reach";
import { countsAsSmallPart } from "./smallPart";
import { TUBE_DIAMETER_MM, TUBE_LENGTH_MM, tubeFit } from "./tubeFit";

/** block: not here, not now. hold: only as an adult-held tray. caution: read once, then kept in sight. */
export type Effect = "block" | "hold" | "caution";

export interface Rule {
  id: string;
  /** For the parent: what can happen. */
  reason: string;
  /** For the parent: what to do. */
  advice: string;
  /** What to do, in a few words, once the whole was read. */
  short: string;
  source: string;
  position?: AdultPosition;
}

export interface HazardRule extends Rule {
  kind: Hazard["kind"];
  /** What follows for one child who can reach it; undefined where nothing does. */
  effectFor(hazard: Hazard, who: Reacher): Effect | undefined;
}

export interface PieceRule extends Rule {
  applies(piece: PieceShape): boolean;
  effectFor(who: Reacher): Effect | undefined;
}

/** A rule in a few words, for those who have read the whole. */
export const shortCaution = (rule: string): string =>
  [...PIECE_RULES, ...HAZARD_RULES].find((one) => one.id === rule)?.short ?? "";

/** Remembers the answer for each piece, since a plan asks for the same pieces many times. */
function remembered(judge: (piece: PieceShape) => boolean): (piece: PieceShape) => boolean {
  const answers = new Map<string, boolean>();
  return (piece) => {
    const key = `${piece.shape} ${piece.mm.join(" ")}`;
    const known = answers.get(key);
    if (known !== undefined) return known;
    const answer = judge(piece);
    answers.set(key, answer);
    return answer;
  };
}

/** Does the piece count as a small part? */
export const isSmallPart = remembered(countsAsSmallPart);

/** Passes the toilet-roll tube and is no longer than it: the home rule for a child who mouths. */
export const passesTube = remembered(
  (piece) => tubeFit(piece, TUBE_DIAMETER_MM).tubeFits && Math.max(...piece.mm) <= TUBE_LENGTH_MM,
);

const under = (who: Reacher, months: number) => who.months < months;

export const PIECE_RULES: readonly PieceRule[] = [
  {
    id: "small-part",
    reason: "The piece fits the small-parts cylinder: it can be swallowed or block the throat.",
    advice:
      "Not where a child who mouths can get at it. Otherwise keep it high, open it within arm's reach, count the pieces out and back.",
    short: "Small pieces: within arm's reach, counted out and back.",
    source: "16 CFR 1501.4 (small-parts cylinder, toys for under 3 years)",
    position: "arms-reach",
    applies: isSmallPart,
    effectFor: (who) => {
      if (who.mouths) return "block";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "hold" : undefined;
    },
  },
  {
    id: "tube",
    reason: "The piece passes a toilet-roll tube (about 44 mm).",
    advice: "Not for a child who mouths. For others under 3 stay in the room.",
    short: "Passes the tube: not for a child who mouths.",
    source: "Home rule; 16 CFR 1500.18(a)(17) for balls (44.4 mm)",
    applies: passesTube,
    effectFor: (who) => {
      if (who.mouths) return "block";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
];

/** Round a loop, in mm, from which on it can go over a small head: EN 71-1 (cords that form a loop, under 36 months). */
export const WIDE_LOOP_MM = 380;

/** Free length of cord above which it can go round a neck: 220 mm, EN 71-1 (toys for under 36 months). */
export const LONG_CORD_MM = 220;

const always = (effect: Effect) => () => effect;
const blockUnder = (months: number, then?: Effect) => (_: Hazard, who: Reacher) =>
  under(who, months) ? "block" : then;
const holdUnder = (months: number, then?: Effect) => (_: Hazard, who: Reacher) =>
  under(who, months) ? "hold" : then;
const blockMouthing = (then?: Effect) => (_: Hazard, who: Reacher) => (who.mouths ? "block" : then);

const cord = (hazard: Hazard, who: Reacher): Effect | undefined => {
  if (!("freeLengthMm" in hazard) || hazard.freeLengthMm <= LONG_CORD_MM) return undefined;
  return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "hold" : "caution";
};

export const HAZARD_RULES: readonly HazardRule[] = [
  {
    id: "long-cord",
    kind: "string",
    reason: "A cord longer than 22 cm can wind round a neck.",
    advice: "Keep it high, bring it out when you sit beside, put it away at once. Or cut it to 22 cm.",
    short: "Long cord: beside it, then up high at once.",
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
    source: "EN 71-1 (cords that form a loop: 380 mm round, under 36 months)",
    position: "beside",
    effectFor: (hazard, who) => {
      if (!("aroundMm" in hazard) || hazard.aroundMm < WIDE_LOOP_MM) return undefined;
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "hold" : "caution";
    },
  },
  {
    id: "climb",
    kind: "climb",
    reason: "A fall from a step, a stair or a tower hurts.",
    advice:
      "Stand below the child, bare feet, a dry floor and nothing hard around. Afterwards the way up is shut again.",
    short: "Stand below, floor dry, way up shut afterwards.",
    source: "Usual home-safety advice on stairs and steps",
    position: "arms-reach",
    effectFor: (_, who) => (under(who, 48) ? "caution" : undefined),
  },
  {
    id: "find",
    kind: "find",
    reason: "What is picked up outdoors can be mouldy, sharp, sprayed or mixed with something poisonous.",
    advice:
      "Look every piece over, leave out berries, seeds, fungi and what you can't name; wash or dry it; ask a local poison centre where in doubt.",
    short: "Finds looked over and clean.",
    source: "Usual home-safety advice; local poison centre for plants",
    effectFor: (_, who) => (who.mouths || under(who, 48) ? "caution" : undefined),
  },
  {
    id: "water",
    kind: "water",
    reason: "A small child can drown in a few centimetres of water.",
    advice: "Pour it when you are there, stay within arm's reach, empty it at once. Wipe the floor.",
    short: "Arm's reach of the water; empty it at once.",
    source: "Usual home-safety advice on water of any depth",
    position: "arms-reach",
    effectFor: (_, who) => (under(who, 60) ? "caution" : undefined),
  },
  {
    id: "sharp",
    kind: "sharp",
    reason: "It has an edge that cuts.",
    advice: "Blunt-ended, kept high, used within arm's reach and sitting down.",
    short: "Sharp: sitting, within arm's reach, then up high.",
    source: "16 CFR 1500.49 (sharp edges, under 8 years); usual home-safety advice",
    position: "arms-reach",
    effectFor: holdUnder(60, "caution"),
  },
  {
    id: "pointed",
    kind: "pointed",
    reason: "A point can go into an eye or the throat.",
    advice: "Take a blunt stick or a dowel instead.",
    short: "Pointed: within arm's reach.",
    source: "16 CFR 1500.48 (sharp points, under 8 years); usual home-safety advice",
    position: "arms-reach",
    effectFor: blockUnder(48, "hold"),
  },
  {
    id: "glass",
    kind: "glass",
    reason: "It breaks into splinters.",
    advice: "Take an unbreakable one, or sit beside at a table with the floor clear.",
    short: "Glass: at the table, you beside.",
    source: "Usual home-safety advice",
    position: "beside",
    effectFor: (_, who) => {
      if (under(who, 18)) return "block";
      return under(who, 48) ? "hold" : "caution";
    },
  },
  {
    id: "heat",
    kind: "heat",
    reason: "It can scald or burn.",
    advice: "Let it cool to hand-warm; the adult alone handles what is hot.",
    short: "Hot: hand-warm first, the adult alone handles it.",
    source: "Usual home-safety advice",
    position: "arms-reach",
    effectFor: blockUnder(48, "hold"),
  },
  {
    id: "irritant",
    kind: "irritant",
    reason: "It stings in eyes or mouth, or on skin.",
    advice: "Read the label. Sit beside, sleeves up, wash hands after.",
    short: "Stings: sleeves up, wash hands after.",
    source: "Product labels come first; usual home-safety advice",
    position: "beside",
    effectFor: blockMouthing("caution"),
  },
  {
    id: "washable",
    kind: "washable",
    reason: "Made for small hands, but not for mouth and eyes.",
    advice: "Read the label's age. Sit beside, a little at a time, wash hands after.",
    short: "Not for mouth and eyes; wash hands after.",
    source: "Product labels come first; usual advice on washable paint and glue",
    position: "beside",
    effectFor: (_, who) => {
      if (under(who, 12)) return "block";
      return who.mouths ? "hold" : "caution";
    },
  },
  {
    id: "toxic",
    kind: "toxic",
    reason: "It is poisonous when eaten raw.",
    advice: "Use something that is safe in the mouth instead.",
    short: "Poisonous raw: within arm's reach.",
    source: "Public food-safety advice (raw red kidney beans); local poison centre for plants",
    position: "arms-reach",
    effectFor: (_, who) => (who.mouths || under(who, 48) ? "block" : "hold"),
  },
  {
    id: "expanding",
    kind: "expanding",
    reason: "It swells with water and can block the gut.",
    advice: "Not in a home with small children, also not in a closed box.",
    short: "Swells: never.",
    source: "Public warnings on water-absorbing beads",
    effectFor: always("block"),
  },
  {
    id: "button-battery",
    kind: "button-battery",
    reason: "A swallowed button battery burns within two hours.",
    advice: "Not on any tray. If one may have been swallowed, get medical help at once.",
    short: "Button battery: never.",
    source: "Public warnings on button batteries",
    effectFor: always("block"),
  },
  {
    id: "strong-magnet",
    kind: "strong-magnet",
    reason: "Two swallowed magnets close on the gut.",
    advice: "Not on any tray, unless each magnet is too large to swallow and sealed in.",
    short: "Strong magnets: never.",
    source: "Public warnings on small strong magnets",
    effectFor: always("block"),
  },
  {
    id: "balloon",
    kind: "balloon",
    reason: "A piece of balloon can close the throat.",
    advice: "Take a cloth ball or a paper ball instead.",
    short: "Balloon: never.",
    source: "16 CFR 1500.19(b)(2) (balloons, under 8 years)",
    effectFor: always("block"),
  },
  {
    id: "bag",
    kind: "bag",
    reason: "Thin film over the face stops the breath.",
    advice: "Seal it and tape it down flat; keep it high and stay within arm's reach.",
    short: "Film: sealed, taped flat, within arm's reach.",
    source: "Usual warnings on plastic film",
    position: "arms-reach",
    effectFor: holdUnder(48),
  },
  {
    id: "powder",
    kind: "powder",
    reason: "Dust can be breathed in or get into the eyes.",
    advice: "Pour it low and slowly, wipe up before it is spread; not with a fan or in the wind.",
    short: "Dust: pour it low, wipe up first.",
    source: "Usual home-safety advice",
    position: "beside",
    effectFor: (_, who) => (under(who, 12) ? "block" : "caution"),
  },
  {
    id: "hanging",
    kind: "hanging",
    reason: "What hangs can be pulled down or catch an arm or a neck.",
    advice:
      "Take it down when the baby starts to push up on the hands, about five months, and after each use.",
    short: "Take it down when the baby pushes up, and after each use.",
    source: "16 CFR 1500.18 and usual crib-gym warnings (remove at 5 months or when pushing up)",
    position: "arms-reach",
    effectFor: (_, who) => (under(who, 5) ? "caution" : "block"),
  },
  {
    id: "heavy",
    kind: "heavy",
    reason: "It can fall on a foot or tip over.",
    advice: "Low down, on a firm base; the shelf is fixed to the wall.",
    short: "Heavy: low down on a firm base.",
    source: "Usual home-safety advice on tipping",
    effectFor: (_, who) => (under(who, 48) ? "caution" : undefined),
  },
  {
    id: "breaks-up",
    kind: "breaks-up",
    reason: "Bits can be bitten or torn off.",
    advice: "Look at it before each use; take it away when bits come off.",
    short: "Look for loose bits; away with it when they come.",
    source: "16 CFR 1500.51–53 (use and abuse tests); usual home-safety advice",
    position: "beside",
    effectFor: (_, who) => {
      if (who.mouths) return "hold";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
  {
    id: "honey",
    kind: "honey",
    reason: "Honey can carry spores that make a baby gravely ill.",
    advice: "None before the first birthday.",
    short: "Honey: not before the first birthday.",
    source: "Public infant-feeding advice",
    effectFor: blockUnder(12),
  },
  {
    id: "choking-food",
    kind: "choking-food",
    reason: "This food can block the throat.",
    advice: "Cut it lengthwise into small, soft pieces, or take another food; the child sits while eating.",
    short: "Food cut small and soft; sitting down.",
    source: "Public advice on choking and young children (whole grapes, nuts, hard raw pieces, popcorn)",
    position: "arms-reach",
    effectFor: (hazard, who) =>
      "untilMonths" in hazard && under(who, hazard.untilMonths) ? "block" : "caution",
  },
  {
    id: "allergen",
    kind: "allergen",
    reason: "Some children react to it.",
    advice:
      "Not with a known allergy. The first time a little, by day; ask your doctor where there is allergy in the family.",
    short: "Allergen: a little the first time, by day.",
    source: "Public infant-feeding advice",
    effectFor: (hazard, who) => {
      if (!("allergen" in hazard)) return undefined;
      const known = who.allergies.some((allergy) => allergy.toLowerCase() === hazard.allergen.toLowerCase());
      if (known) return "block";
      return under(who, 36) ? "caution" : undefined;
    },
  },
];
