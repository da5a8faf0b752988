import type { AdultPosition, Hazard, PieceShape } from "../../model";
import type { Reacher } from "../reacher";

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
  /** What keeps safe while it is shown: said first, before every way of showing. Absent where nothing is done then. */
  act?: string;
  source: string;
  /** Where the adult has to be. */
  position?: AdultPosition;
  /** Where it is enough to be as long as the rule only cautions; absent: the same. */
  cautionPosition?: AdultPosition;
}

export interface HazardRule extends Rule {
  kind: Hazard["kind"];
  /**
   * What follows for one child who can reach it; undefined where nothing does. It may change with age on whole months
   * only: plans look at a child's months, not days.
   */
  effectFor(hazard: Hazard, who: Reacher): Effect | undefined;
}

export interface PieceRule extends Rule {
  /** It speaks of stiff things only: a lace is thin and long, but no rod. */
  stiffOnly?: true;
  applies(piece: PieceShape): boolean;
  effectFor(who: Reacher): Effect | undefined;
}

type EffectFor = HazardRule["effectFor"];

export const under = (who: Reacher, months: number): boolean => who.months < months;

export const always =
  (effect: Effect): EffectFor =>
  () =>
    effect;

/** Ages from which on a rule is milder, in months: blocked below the first, adult-held below the second, then a caution. */
export interface Ages {
  block?: number;
  hold?: number;
  /** Below this age a caution; absent: at every age. */
  caution?: number;
}

/** The effect at an age; a child who mouths counts as younger than `mouthing` says, where it does. */
export const byAge =
  ({ block = 0, hold = 0, caution }: Ages, mouthing?: Effect): EffectFor =>
  (_, who) => {
    if (under(who, block)) return "block";
    if (mouthing === "block" && who.mouths) return "block";
    if (under(who, hold)) return "hold";
    if (mouthing === "hold" && who.mouths) return "hold";
    if (mouthing === "caution" && who.mouths) return "caution";
    return caution === undefined || under(who, caution) ? "caution" : undefined;
  };
