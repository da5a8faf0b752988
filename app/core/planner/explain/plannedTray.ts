import { elementAt, present } from "../../collections";
import type { Situation } from "../../household";
import { allotmentOf, measuredPiece } from "../../materials";
import {
  type ActivityId,
  type AdultPosition,
  type Allotment,
  addDays,
  type ChildId,
  type Filling,
  type PlaceId,
  type PlainDate,
  type RungId,
  type Tray,
  type TrayState,
} from "../../model";
import { type Finding, judge, type SafetyState, type TrayThing } from "../../safety";
import {
  type AllocationProblem,
  type Assignment,
  type Band,
  childrenOf,
  isFlagged,
  stockOf,
  timesOf,
} from "../candidates/problem";
import type { Term } from "../candidates/reasons";
import { visitTerms } from "../candidates/visits";
import { groupTerms } from "../solve/value";

export interface PlannedTray {
  activity: ActivityId;
  rung: RungId;
  /** For whom it is, and who uses it, too. */
  child: ChildId;
  also: ChildId[];
  /** It stands beside another of the same, with another filling. */
  second?: true;
  place: PlaceId;
  /** Where it comes by a moment: which, and on which days. */
  when?: Tray["when"];
  state: TrayState;
  /** Where the adult has to be, and whether that is closer than in the room. */
  position: AdultPosition;
  close: boolean;
  chance: number;
  band: Band;
  /** Out already in this form: today, or in the rotation before. */
  carried: boolean;
  locked: boolean;
  prepMinutes: number;
  allotted: Allotment[];
  /** What its frame is filled with: as it was, or by a focus on a letter or a number. */
  filling?: Filling;
  /** What brought it here, most first. The values add up to the tray's share of the plan's value. */
  reasons: Term[];
  findings: Finding[];
  /** The last day on which that state holds, where it gets harder in the week after the rotation. */
  safeUntil?: PlainDate;
  /** What it becomes then, and why. */
  becomes?: { state: SafetyState; reason: string };
}

/** The things of a chosen tray, as they are here. */
const thingsOf = (problem: AllocationProblem, one: Assignment): TrayThing[] =>
  one.candidate.needs.map((choice, n) => {
    const stock = stockOf(problem, elementAt(one.options, n).stock);
    return { material: stock.material, loose: choice.need.loose, measured: measuredPiece(stock) };
  });

/** The tray judged as it will stand; what the model chose from was judged by the same rules, so a block is a fault of ours. */
function judged(s: Situation, problem: AllocationProblem, one: Assignment, placeId: PlaceId) {
  const { activity, rung, placeClass } = one.candidate;
  // A place in the hours of a moment is another than all day long: somebody may be asleep.
  const here = problem.classes.find((other) => other.id === placeClass);
  const place = here?.places.find((other) => other.id === placeId);
  if (!place) throw new Error(`The plan names a place that is not there: ${placeId}.`);
  const users = s.planned.filter((child) => childrenOf(one.candidate).includes(child.id));
  const tray = { activity, rung, things: thingsOf(problem, one), place, users, people: s.people };
  const { state, findings, position, changesOn, becomes } = judge(tray, s.on, s.to);
  if (state === "blocked")
    throw new Error(`The plan holds a tray that is not safe: ${activity.id}/${rung.id}.`);
  const hardest = becomes?.findings.find(
    (finding) => finding.effect === (becomes.state === "blocked" ? "block" : "hold"),
  );
  return {
    state: state satisfies TrayState,
    findings,
    position,
    ...(changesOn ? { safeUntil: addDays(changesOn, -1) } : {}),
    ...(becomes
      ? { becomes: { state: becomes.state, reason: present(hardest, "finding that makes it harder").reason } }
      : {}),
  };
}

const allotmentsOf = ({ stock }: AllocationProblem, one: Assignment): Allotment[] =>
  one.candidate.needs.map(({ need }, n) => allotmentOf(need, elementAt(one.options, n), stock));

const optionTerms = (one: Assignment, problem: AllocationProblem): Term[] =>
  one.options.flatMap((option, n) => {
    const wanted = one.candidate.needs[n]?.need.material;
    if (option.cost === 0) return [];
    const taken = stockOf(problem, option.stock).material;
    const term = taken.id === wanted ? ("adult-held" as const) : ("stand-in" as const);
    return [{ term, value: -option.cost, material: taken.name }];
  });

const VISIT_TERMS: ReadonlySet<string> = new Set(["prep", "again"]);
const START_TERMS: ReadonlySet<string> = new Set(["novelty", "wish"]);

/** The terms of a tray for all the times that it comes; of one that stays not those that it earned when it was set out. */
function termsOf({ candidate, again }: Assignment, stayValue: number | undefined): Term[] {
  const stays = stayValue !== undefined;
  return [
    ...candidate.terms.filter(({ term }) => !VISIT_TERMS.has(term) && !(stays && START_TERMS.has(term))),
    ...visitTerms(candidate, again, stays),
    ...(stays ? [{ term: "carry-over" as const, value: stayValue }] : []),
  ];
}

/** Terms as they are told: a letter or a number by what it is filled with, and several focuses of one weight as one. */
function asTold(terms: readonly Term[], filling: Filling | undefined): Term[] {
  const told: Term[] = [];
  for (const term of terms) {
    const same = told.findIndex(
      (one) => one.term === "in-focus" && term.term === "in-focus" && one.weight === term.weight,
    );
    const isFilled = term.term === "focus" && (term.on === "letter" || term.on === "number");
    const layer = filling?.layer;
    if (same >= 0) told[same] = { ...term, value: term.value + elementAt(told, same).value };
    else if (isFilled && (layer === "letter" || layer === "number")) told.push({ ...term, on: layer });
    else told.push(term);
  }
  return told;
}

/** A chosen tray at its place, with what it is made from and what brought it there. */
export function plannedTray(
  s: Situation,
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  one: Assignment,
  { place, when, filling }: Pick<PlannedTray, "place" | "when" | "filling">,
  stayValue: number | undefined,
): PlannedTray {
  const { candidate } = one;
  const terms = [
    ...termsOf(one, stayValue),
    ...groupTerms(problem, chosen, candidate.index),
    ...optionTerms(one, problem),
  ];
  const reasons = asTold(terms, filling).filter((term) => Math.abs(term.value) > 1e-9);
  const stays = stayValue !== undefined;
  return {
    activity: candidate.activity.id,
    rung: candidate.rung.id,
    child: candidate.child,
    also: [...candidate.also],
    ...(candidate.second ? { second: true } : {}),
    place,
    ...(when ? { when } : {}),
    ...judged(s, problem, one, place),
    close: isFlagged("close", one),
    chance: candidate.chance,
    band: candidate.band,
    carried: candidate.carried || stays,
    locked: candidate.locked,
    prepMinutes: (stays ? 0 : candidate.prepMinutes) + candidate.prepEach * timesOf(one),
    allotted: allotmentsOf(problem, one),
    ...(filling ? { filling } : {}),
    reasons: reasons.sort((a, b) => b.value - a.value),
  };
}
