import { focusesOn, type Situation, servesFocus } from "../../household";
import { activityOf, type Focus, type MaterialId } from "../../model";
import { wantedInFocus } from "../candidates/focusGroups";
import { type AllocationProblem, type Assignment, childrenOf } from "../candidates/problem";
import type { Barrier } from "../candidates/reasons";
import { type Fillings, fillingKey, isFilledFor } from "./fillings";
import { worthBuying } from "./worthBuying";

/** What keeps an activity from coming, in the order in which one may do something about it. */
const FOCUS_BARRIERS = ["missing", "place", "unsafe", "put-off", "age"] as const;
export type FocusBarrier = (typeof FOCUS_BARRIERS)[number];

/** What became of a focus in a rotation, counted in activities for a child each. */
export interface FocusOutcome {
  focus: Focus;
  /** So many trays it is to have; 0 where it only weighs a little. */
  wanted: number;
  inPlan: number;
  /** All that serve it, for the children who are planned for; and those of them that could come. */
  serve: number;
  could: number;
  /** Why the others can't. */
  barred: Record<FocusBarrier, number>;
  /** The one purchase that would make most of them possible: a material by its id, and how many more there would be. */
  purchase?: { material: MaterialId; more: number };
}

const KIND_OF: Record<Barrier["code"], FocusBarrier> = {
  missing: "missing",
  "wrong-pair": "missing",
  "no-place": "place",
  "too-long": "place",
  "adult-away": "place",
  unreached: "place",
  "no-room": "place",
  unsafe: "unsafe",
  barred: "unsafe",
  refused: "put-off",
  resting: "put-off",
  retired: "put-off",
  "put-away": "put-off",
  "just-away": "put-off",
  outgrown: "age",
  "too-early": "age",
  "out-of-season": "place",
  "not-planned": "age",
};

/** What an activity for a child is kept from by: of its rungs the one about which most can be done. */
function barriersOf(s: Situation, problem: AllocationProblem, focus: Focus): Map<string, FocusBarrier> {
  const found = new Map<string, FocusBarrier>();
  for (const { child, activity: id, rung: rungId, barrier } of problem.exclusions) {
    const activity = activityOf(s.catalogue, id);
    const rung = activity?.rungs.find((one) => one.id === rungId);
    if (!activity || !rung || !servesFocus(s, focus, activity, rung, [child])) continue;
    const key = `${child} ${id}`;
    const kind = KIND_OF[barrier.code];
    const known = found.get(key);
    if (!known || FOCUS_BARRIERS.indexOf(kind) < FOCUS_BARRIERS.indexOf(known)) found.set(key, kind);
  }
  return found;
}

/** What became of each focus of a rotation, and what stands in its way. */
export function focusOutcomes(
  s: Situation,
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  fillings: Fillings,
): FocusOutcome[] {
  return focusesOn(s.household, s.on).map((focus): FocusOutcome => {
    const serves = ({ candidate: c }: Pick<Assignment, "candidate">) =>
      servesFocus(s, focus, c.activity, c.rung, childrenOf(c));
    const able = new Set(
      problem.candidates
        .filter((candidate) => serves({ candidate }))
        .flatMap((c) => childrenOf(c).map((child) => `${child} ${c.activity.id}`)),
    );
    const barriers = barriersOf(s, problem, focus);
    const barred: FocusOutcome["barred"] = { missing: 0, place: 0, unsafe: 0, "put-off": 0, age: 0 };
    for (const [key, kind] of barriers) if (!able.has(key)) barred[kind] += 1;
    const inFocus = problem.exclusions.filter(({ activity: id, rung: rungId, child }) => {
      const activity = activityOf(s.catalogue, id);
      const rung = activity?.rungs.find((one) => one.id === rungId);
      return (
        activity && rung && servesFocus(s, focus, activity, rung, [child]) && !able.has(`${child} ${id}`)
      );
    });
    const [best] = worthBuying(s, { ...problem, exclusions: inFocus });
    return {
      focus,
      wanted: wantedInFocus(s, focus, problem.classes),
      // A frame that could hold a letter and a number holds one of them.
      inPlan: chosen.filter((one) =>
        focus.kind === "letter" || focus.kind === "number"
          ? isFilledFor(fillings.get(fillingKey(one)), focus)
          : serves(one),
      ).length,
      serve: able.size + Object.values(barred).reduce((sum, n) => sum + n, 0),
      could: able.size,
      barred,
      ...(best ? { purchase: { material: best.material.id, more: best.opens.length } } : {}),
    };
  });
}
