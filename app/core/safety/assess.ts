import {
  type Activity,
  ADULT_POSITIONS,
  type AdultPosition,
  type Child,
  type Hazard,
  type Holding,
  type Material,
  type PieceShape,
  type Place,
  type PlaceKind,
  type PlainDate,
  type Rung,
  type TrayState,
} from "../model";
import { type Reacher, whoCanReach } from "./reach";
import { type Effect, HAZARD_RULES, PIECE_RULES, type Rule } from "./rules";

export interface Finding {
  rule: string;
  effect: Effect;
  /** The material it comes from; absent where it comes from the rung itself. */
  material?: string;
  /** The child it is judged for. */
  child: string;
  reason: string;
  advice: string;
}

/** A way to make it safe, nearest first. */
export type SafeWay =
  | { way: "twin"; rung: string; text: string }
  | { way: "stand-in"; material: string; text: string }
  /** Pieces of the same shape, but at least so large (mm, in the order of the shape). */
  | { way: "size"; material: string; leastMm: number[]; text: string }
  | { way: "place"; place: string; text: string }
  /** At the same place, but only while these children sleep. */
  | { way: "time"; asleep: string[]; text: string }
  | { way: "rung"; rung: string; text: string };

export type SafetyState = "blocked" | TrayState;

export interface Assessment {
  state: SafetyState;
  findings: Finding[];
  /** Where the adult has to be. */
  position: AdultPosition;
}

/** A thing that goes on the tray: the material and, where it was measured, the piece as it is here. */
export interface TrayThing {
  material: Material;
  loose: boolean;
  measured?: Holding["measured"];
}

const SEVERITY: Record<Effect, number> = { caution: 1, hold: 2, block: 3 };
const STATES: readonly SafetyState[] = ["free", "free", "adult-held", "blocked"];

export const closest = (a: AdultPosition, b: AdultPosition): AdultPosition =>
  ADULT_POSITIONS.indexOf(a) >= ADULT_POSITIONS.indexOf(b) ? a : b;

/** The youngest child for whom the rule bites hardest. */
function worst(reachers: readonly Reacher[], effectFor: (who: Reacher) => Effect | undefined) {
  let found: { who: Reacher; effect: Effect } | undefined;
  for (const who of reachers) {
    const effect = effectFor(who);
    if (effect && (!found || SEVERITY[effect] > SEVERITY[found.effect])) found = { who, effect };
  }
  return found;
}

interface RuleHit {
  finding: Finding;
  position: AdultPosition;
}

function hit(
  rule: Rule,
  reachers: readonly Reacher[],
  effectFor: (who: Reacher) => Effect | undefined,
  material?: string,
) {
  const found = worst(reachers, effectFor);
  if (!found) return [];
  const finding: Finding = {
    rule: rule.id,
    effect: found.effect,
    child: found.who.id,
    reason: rule.reason,
    advice: rule.advice,
    ...(material === undefined ? {} : { material }),
  };
  return [{ finding, position: rule.position ?? ("in-room" as const) }];
}

const hazardHits = (hazards: readonly Hazard[], reachers: readonly Reacher[], material?: string): RuleHit[] =>
  hazards.flatMap((hazard) =>
    HAZARD_RULES.filter((rule) => rule.kind === hazard.kind).flatMap((rule) =>
      hit(rule, reachers, (who) => rule.effectFor(hazard, who), material),
    ),
  );

const pieceHits = (piece: PieceShape, reachers: readonly Reacher[], material: string): RuleHit[] =>
  PIECE_RULES.filter((rule) => rule.applies(piece)).flatMap((rule) =>
    hit(rule, reachers, (who) => rule.effectFor(who), material),
  );

const summed = (hits: readonly RuleHit[], from: AdultPosition): Assessment => ({
  state: STATES[Math.max(0, ...hits.map((one) => SEVERITY[one.finding.effect]))] ?? "free",
  findings: hits.map((one) => one.finding),
  position: hits.reduce<AdultPosition>((so, one) => closest(so, one.position), from),
});

/** What one thing does to the tray's state, for those who can reach it. */
export function assessThing(thing: TrayThing, reachers: readonly Reacher[]): Assessment {
  const piece = thing.measured ?? thing.material.piece;
  const hits = hazardHits(thing.material.hazards, reachers, thing.material.id);
  if (piece && thing.loose) hits.push(...pieceHits(piece, reachers, thing.material.id));
  return summed(hits, "in-room");
}

/** What goes with a place, whatever is set out there: a step tower is climbed. */
const PLACE_HAZARDS: Partial<Record<PlaceKind, readonly Hazard[]>> = { tower: [{ kind: "climb" }] };

/** What the rung itself does at a kind of place, whatever it is made from. */
export function assessRung(
  activity: Activity,
  rung: Rung,
  reachers: readonly Reacher[],
  kind: PlaceKind,
): Assessment {
  const hazards = [...rung.hazards, ...(PLACE_HAZARDS[kind] ?? [])];
  return summed(hazardHits(hazards, reachers), rung.adult ?? activity.adult);
}

/** Two assessments of parts of one tray as one: the stricter state, all findings, the closer adult. */
export function together(a: Assessment, b: Assessment): Assessment {
  const order: SafetyState[] = ["free", "adult-held", "blocked"];
  return {
    state: order.indexOf(a.state) >= order.indexOf(b.state) ? a.state : b.state,
    findings: [...a.findings, ...b.findings],
    position: closest(a.position, b.position),
  };
}

/**
 * Judges a tray at a place on a date for the youngest child who can reach it there: blocked,
 * adult-held or free, with every finding and the adult's position. It names no test passed:
 * it is a home aid; local rules and product labels come first.
 */
export function assess(
  activity: Activity,
  rung: Rung,
  things: readonly TrayThing[],
  place: Place,
  users: readonly Child[],
  household: readonly Child[],
  on: PlainDate,
): Assessment {
  const reachers = whoCanReach(place, users, household, on);
  return things.reduce(
    (so, thing) => together(so, assessThing(thing, reachers)),
    assessRung(activity, rung, reachers, place.kind),
  );
}
