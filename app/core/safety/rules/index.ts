import { BODY_RULES } from "./bodies";
import { DANGER_RULE } from "./dangerRule";
import { FOOD_RULES } from "./foods";
import { MADE_PIECE_RULES } from "./madePieces";
import type { HazardRule } from "./rule";
import { SHAPE_RULES } from "./shapes";
import { SUBSTANCE_RULES } from "./substances";
import { SURROUNDINGS_RULES } from "./surroundings";

export { PIECE_RULES } from "./pieceRules";
export type { Effect, HazardRule, Rule } from "./rule";

/** The rule of every kind of hazard. */
export const HAZARD_RULES: readonly HazardRule[] = [
  ...SHAPE_RULES,
  ...SUBSTANCE_RULES,
  ...FOOD_RULES,
  ...BODY_RULES,
  ...SURROUNDINGS_RULES,
  ...MADE_PIECE_RULES,
  DANGER_RULE,
];
