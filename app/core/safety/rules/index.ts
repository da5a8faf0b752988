import { BODY_RULES } from "./bodies";
import { DANGER_RULE } from "./dangerRule";
import { FOOD_RULES } from "./foods";
import type { HazardRule } from "./rule";
import { SHAPE_RULES } from "./shapes";
import { SUBSTANCE_RULES } from "./substances";

export { PIECE_RULES } from "./pieceRules";
export type { Effect, HazardRule, Rule } from "./rule";

/** The rule of every kind of hazard. */
export const HAZARD_RULES: readonly HazardRule[] = [
  ...SHAPE_RULES,
  ...SUBSTANCE_RULES,
  ...FOOD_RULES,
  ...BODY_RULES,
  DANGER_RULE,
];
