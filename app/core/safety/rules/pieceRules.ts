import { isPaperThin, isSmallPart, isThinRod, passesTube } from "../pieces";
import { SMALL_PARTS_UNTIL_MONTHS } from "../reacher";
import { type PieceRule, under } from "./rule";

/** Up to this age small balls and other small parts are cautioned about where nobody mouths. */
const SMALL_CAUTION_UNTIL_MONTHS = 48;

const COUNT = "Count the pieces out aloud, stay within arm's reach, count them back before you get up.";

/** Rules that look at the size of a loose piece. */
export const PIECE_RULES: readonly PieceRule[] = [
  {
    id: "small-part",
    reason: "The piece fits the small-parts cylinder: it can be swallowed or block the throat.",
    advice:
      "Not where a child who mouths can get at it. Otherwise keep it high, open it within arm's reach, count the pieces out and back.",
    short: "Small pieces: within arm's reach, counted out and back.",
    act: COUNT,
    source: "16 CFR 1501.4 (small-parts cylinder, toys for under 3 years); 16 CFR 1500.19 (small balls)",
    position: "arms-reach",
    applies: (piece) => isSmallPart(piece) && !isPaperThin(piece),
    effectFor: (who) => {
      if (who.mouths) return "block";
      if (under(who, SMALL_PARTS_UNTIL_MONTHS)) return "hold";
      return under(who, SMALL_CAUTION_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
  {
    id: "tube",
    reason: "The piece passes a toilet-roll tube (about 44 mm).",
    advice: "Not for a child who mouths. For others under 3 stay in the room.",
    short: "Passes the tube: not for a child who mouths.",
    source: "Home rule; 16 CFR 1500.18(a)(17) for balls (44.4 mm)",
    applies: (piece) => passesTube(piece) && !isPaperThin(piece),
    effectFor: (who) => {
      if (who.mouths) return "block";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
  {
    id: "paper",
    reason: "Thin paper, stickers and tape go soft in the mouth and can stick in the throat.",
    advice: "Hand them out one by one, within arm's reach, and look where each one ends up.",
    short: "Stickers and paper: one by one, within arm's reach.",
    act: "Hand them out one by one and stay within arm's reach; look that none goes into the mouth.",
    source: "Home rule of our own, on the safe side of 16 CFR 1501.2(b)(2), which exempts paper",
    position: "arms-reach",
    applies: (piece) => isPaperThin(piece) && (isSmallPart(piece) || passesTube(piece)),
    effectFor: (who) => {
      if (who.mouths) return under(who, 18) ? "block" : "hold";
      return under(who, SMALL_PARTS_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
  {
    id: "thin-rod",
    reason: "A thin rod can go into throat, ear or eye when a child walks or falls with it.",
    advice: "Only sitting down, within arm's reach; no walking about with it.",
    short: "Thin rods: sitting down, within arm's reach.",
    act: "Sit the child down first. No walking with the stick, and put all of them away before you leave.",
    source: "Home rule of our own, on the safe side of EN 71-1 (toys put into the mouth)",
    position: "arms-reach",
    stiffOnly: true,
    applies: isThinRod,
    effectFor: (who) => {
      if (under(who, 24)) return "hold";
      return who.mouths || under(who, SMALL_PARTS_UNTIL_MONTHS) ? "caution" : undefined;
    },
  },
];
