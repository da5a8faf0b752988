import { PIECE_RULES } from "./pieceRules";
import type { HazardRule } from "./rule";

/** A piece that a child tears, cuts or breaks off is judged as loose, at the size at which it comes off. */
export const MADE_PIECE_RULES: readonly HazardRule[] = PIECE_RULES.map((rule) => ({
  ...rule,
  id: `made-${rule.id}`,
  kind: "made-piece",
  reason: `Of what comes off: ${rule.reason.charAt(0).toLowerCase()}${rule.reason.slice(1)}`,
  effectFor: (hazard, who) =>
    hazard.kind === "made-piece" && rule.applies(hazard.piece) ? rule.effectFor(who) : undefined,
}));
