import {
  type Activity,
  ADULT_POSITIONS,
  type AdultPosition,
  type Child,
  type ChildId,
  type Hazard,
  type Holding,
  type Material,
  type MaterialId,
  type PieceShape,
  type Place,
  type PlaceKind,
  type PlainDate,
  type Rung,
  type TrayState,
} from "../model";
import type { People } from "./people";
import { whoCanReach } from "./reach";
import type { Reacher } from "./reacher";
import { type Effect, HAZARD_RULES, type HazardRule, PIECE_RULES, type Rule } from "./rules";

export interface Finding {
  /** The rule's id; for a dangerous thing "danger" with its id. */
  rule: string;
  effect: Effect;
  /** The material it comes from; absent where it comes from the rung itself. */
  material?: MaterialId;
  /** The child it is judged for; nobody where it is so for everyone. */
  child?: ChildId;
  reason: string;
  advice: string;
  /** What to do, in a few words, once the whole was read. */
  short: string;
  /** What keeps safe while it is shown. */
  act?: string;
}

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

/** A tray to be judged: what is done with which things, where, for whom, and who else is about. */
export interface TrayCase {
  activity: Activity;
  rung: Rung;
  things: readonly TrayThing[];
  place: Place;
  /** The children it is for. */
  users: readonly Child[];
  people: People;
}

const SEVERITY: Record<Effect, number> = { caution: 1, hold: 2, block: 3 };
const STATES: readonly SafetyState[] = ["free", "free", "adult-held", "blocked"];

/** From the mildest to the hardest. */
export const STATE_ORDER: readonly SafetyState[] = ["free", "adult-held", "blocked"];

export const stricterState = (a: SafetyState, b: SafetyState): SafetyState =>
  STATE_ORDER.indexOf(a) >= STATE_ORDER.indexOf(b) ? a : b;

export const closerAdult = (a: AdultPosition, b: AdultPosition): AdultPosition =>
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

type RuleText = Pick<Rule, "id" | "reason" | "advice" | "short" | "act" | "position" | "cautionPosition">;

function applyRule(
  rule: RuleText,
  reachers: readonly Reacher[],
  effectFor: (who: Reacher) => Effect | undefined,
  material?: MaterialId,
): RuleHit[] {
  const found = worst(reachers, effectFor);
  if (!found) return [];
  const finding: Finding = {
    rule: rule.id,
    effect: found.effect,
    child: found.who.id,
    reason: rule.reason,
    advice: rule.advice,
    short: rule.short,
    ...(rule.act === undefined ? {} : { act: rule.act }),
    ...(material === undefined ? {} : { material }),
  };
  const position = (found.effect === "caution" ? rule.cautionPosition : undefined) ?? rule.position;
  return [{ finding, position: position ?? "in-room" }];
}

/** The rule as it is told of this hazard: of a dangerous thing the list says what it is. */
const ruleTextFor = (rule: HazardRule, hazard: Hazard): RuleText =>
  hazard.kind === "danger"
    ? {
        ...rule,
        id: `${rule.id}-${hazard.danger}`,
        reason: hazard.why,
        advice: `Instead: ${hazard.instead}.`,
        short: `Not this: ${hazard.instead}.`,
      }
    : rule;

const hazardHits = (
  hazards: readonly Hazard[],
  reachers: readonly Reacher[],
  material?: MaterialId,
): RuleHit[] =>
  hazards.flatMap((hazard) =>
    HAZARD_RULES.filter((rule) => rule.kind === hazard.kind).flatMap((rule) =>
      applyRule(ruleTextFor(rule, hazard), reachers, (who) => rule.effectFor(hazard, who), material),
    ),
  );

/** A cord bends, however thin and long it is. */
const bends = ({ hazards }: Material) =>
  hazards.some((one) => one.kind === "string" || one.kind === "elastic");

const pieceHits = (piece: PieceShape, reachers: readonly Reacher[], material: Material): RuleHit[] =>
  PIECE_RULES.filter((rule) => rule.applies(piece) && !(rule.stiffOnly && bends(material))).flatMap((rule) =>
    applyRule(rule, reachers, (who) => rule.effectFor(who), material.id),
  );

const summed = (hits: readonly RuleHit[], from: AdultPosition): Assessment => ({
  state: STATES[Math.max(0, ...hits.map((one) => SEVERITY[one.finding.effect]))] ?? "free",
  findings: hits.map((one) => one.finding),
  position: hits.reduce<AdultPosition>((so, one) => closerAdult(so, one.position), from),
});

/** What one thing does to the tray's state, for those who can reach it. */
export function assessThing(thing: TrayThing, reachers: readonly Reacher[]): Assessment {
  const piece = thing.measured ?? thing.material.piece;
  // A size that was measured settles what a name left open.
  const hazards = thing.measured
    ? thing.material.hazards.filter((one) => one.kind !== "unsized")
    : thing.material.hazards;
  const hits = hazardHits(hazards, reachers, thing.material.id);
  if (piece && thing.loose) hits.push(...pieceHits(piece, reachers, thing.material));
  return summed(hits, "in-room");
}

/** The hazards of a place, whatever is set out there: a step tower is climbed, a wet spot has a tap. */
const PLACE_HAZARDS: Partial<Record<PlaceKind, readonly Hazard[]>> = {
  tower: [{ kind: "tower" }],
  window: [{ kind: "window" }],
  outdoors: [{ kind: "outdoors" }],
  "wet-spot": [{ kind: "warm-water" }],
};

export const hazardsOfPlace = (kind: PlaceKind): readonly Hazard[] => PLACE_HAZARDS[kind] ?? [];

const KEPT_HELD: Finding = {
  rule: "kept-held",
  effect: "hold",
  reason: "It was written as an adult-held tray.",
  advice: "Keep it high, open it within arm's reach, count the pieces out and back.",
  short: "Adult-held, as it was written.",
  act: "Count the pieces out aloud, stay within arm's reach, count them back before you get up.",
};

/** What the rung itself does at a kind of place, whatever it is made from. */
export function assessRung(
  activity: Activity,
  rung: Rung,
  reachers: readonly Reacher[],
  kind: PlaceKind,
): Assessment {
  const hazards = [...rung.hazards, ...hazardsOfPlace(kind)];
  const judged = summed(hazardHits(hazards, reachers), rung.adult ?? activity.adult);
  if (!rung.held) return judged;
  const kept: Assessment = { state: "adult-held", findings: [KEPT_HELD], position: "arms-reach" };
  return combineAssessments(judged, kept);
}

/** Why it is blocked, by the first rule that does so; empty where none does. */
export const blockReasonOf = ({ findings }: Pick<Assessment, "findings">): string =>
  findings.find((one) => one.effect === "block")?.reason ?? "";

/** Two assessments of parts of one tray as one: the stricter state, all findings, the closer adult. */
export const combineAssessments = (a: Assessment, b: Assessment): Assessment => ({
  state: stricterState(a.state, b.state),
  findings: [...a.findings, ...b.findings],
  position: closerAdult(a.position, b.position),
});

/**
 * Judges a tray on one day for the youngest child who can reach it there: blocked, adult-held or free, with every
 * finding and the adult's position. It names no test passed: it is a home aid; local rules and product labels come first.
 */
export function assess(
  { activity, rung, things, place, users, people }: TrayCase,
  on: PlainDate,
): Assessment {
  const reachers = whoCanReach(place, users, people, on);
  return things.reduce(
    (so, thing) => combineAssessments(so, assessThing(thing, reachers)),
    assessRung(activity, rung, reachers, place.kind),
  );
}

/** So many things to do first fit into a head. */
const MAX_SAFETY_ACTIONS = 4;

/** What keeps safe while a tray is shown: said before every way of showing, the hardest effect first. */
export function safetyActions({ findings }: Pick<Assessment, "findings">): string[] {
  const sorted = [...findings].sort((a, b) => SEVERITY[b.effect] - SEVERITY[a.effect]);
  return [...new Set(sorted.flatMap((one) => one.act ?? []))].slice(0, MAX_SAFETY_ACTIONS);
}
