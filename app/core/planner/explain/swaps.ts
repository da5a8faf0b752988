import type { Highs } from "highs";
import { elementAt } from "../../collections";
import { type ActivityId, activityOf, type ChildId, type RungId } from "../../model";
import { type Horizon, singleWeek } from "../candidates/horizon";
import {
  type Assignment,
  type Band,
  type Candidate,
  childrenOf,
  isSameTray,
  withCandidates,
} from "../candidates/problem";
import type { Barrier, Breach } from "../candidates/reasons";
import { columnOf } from "../model/mipBuilder";
import { mipModelOf } from "../model/mipModel";
import { chosenOf } from "../model/readBack";
import { type Solution, solveModel } from "../plan";
import { openIn, residualStock } from "../solve/residualStock";
import { solveVariants } from "../solve/solve";
import { firstBreach } from "./empties";

/** One activity for one child in one rotation of a plan. */
export interface Slot {
  /** 0 for the first rotation. */
  week: number;
  child: ChildId;
  activity: ActivityId;
}

export interface Swap {
  activity: ActivityId;
  rung: RungId;
  name: string;
  title: string;
  chance: number;
  band: Band;
  /** Points the whole plan loses by it; 0 or more. */
  loss: number;
  /** Trays of the present plan that would have to go or change, besides the one swapped. */
  displaces: string[];
}

/** What rules out a rung: a barrier of its own, a rule of the plan, or nothing free, or its time in another rotation. */
export type RuledOutBy =
  | Barrier
  | { code: "breach"; breach: Breach }
  | { code: "nothing-free" | "other-rotation" };

/** A rung that can't be chosen, and why. */
export interface RuledOut {
  rung: RungId;
  title: string;
  by: RuledOutBy;
}

export type WhyNot =
  | { answer: "in-plan"; rung: RungId }
  /** Nothing of it can be chosen: for each rung the first rule in the way. */
  | { answer: "rule"; rungs: RuledOut[] }
  /** It can be had, for this. */
  | ({ answer: "displaces" } & Swap);

const label = (one: Assignment) => `${one.candidate.activity.name} (${one.candidate.rung.title})`;

const isSlot = (c: Candidate, slot: Slot) =>
  c.activity.id === slot.activity && childrenOf(c).includes(slot.child);

interface Try {
  candidate: Candidate;
  /** Candidates that are kept out, by index. */
  outside: readonly number[];
  /** Trays that stay as they are. */
  kept: readonly Assignment[];
}

/** So long may one try take. */
const TRY_SECONDS = 2;
/** Losses are told to a fifth of a point of a plan worth some two hundred: finer than any word for them. */
const TRY_GAP = 0.001;

/** What the rotation would lose with each candidate forced in; those that are not possible are left out. */
function tried(highs: Highs, horizon: Horizon, plan: Solution, tries: readonly Try[]): Swap[] {
  const model = mipModelOf(horizon);
  const column = (index: number) => columnOf(model.weeks[0], index);
  const solved = solveVariants(
    highs,
    model,
    tries.map(({ candidate, outside, kept }) => ({
      inside: [candidate.index, ...kept.map((one) => one.candidate.index)].map(column),
      outside: outside.map(column),
    })),
    { seconds: TRY_SECONDS, gap: TRY_GAP, light: true },
  );
  return tries.flatMap(({ candidate, outside }, i): Swap[] => {
    const found = solved[i];
    if (!found) return [];
    const chosen = elementAt(chosenOf(horizon, found.values, model), 0);
    const gone = elementAt(plan.chosen, 0).filter(
      (one) =>
        !outside.includes(one.candidate.index) &&
        !chosen.some((other) => isSameTray(one.candidate, other.candidate)),
    );
    return [
      {
        activity: candidate.activity.id,
        rung: candidate.rung.id,
        name: candidate.activity.name,
        title: candidate.rung.title,
        chance: candidate.chance,
        band: candidate.band,
        loss: Math.max(0, plan.objective - found.objective),
        displaces: gone.map(label),
      },
    ];
  });
}

interface ByItself {
  single: Horizon;
  plan: Solution;
}

const byThemselves = new WeakMap<Solution, Map<number, ByItself>>();

/**
 * One rotation of a plan by itself, the others taken as they are: what they use up is gone, and what
 * has its time in them does not come. Solved once for all questions on the plan.
 */
export function weekOf(highs: Highs, horizon: Horizon, found: Solution, week: number): ByItself {
  const known = byThemselves.get(found) ?? new Map<number, ByItself>();
  byThemselves.set(found, known);
  const made = known.get(week) ?? solvedByItself(highs, horizon, found, week);
  known.set(week, made);
  return made;
}

function solvedByItself(highs: Highs, horizon: Horizon, found: Solution, week: number): ByItself {
  const here = elementAt(horizon.weeks, week);
  if (horizon.weeks.length === 1) return { single: horizon, plan: found };
  const mayCome = openIn(found.chosen, week);
  const left = residualStock(horizon, found.chosen, found.packs, week);
  const stays = new Set(elementAt(found.chosen, week).map((one) => one.candidate.activity.id));
  const kept = left.candidates.filter((c) => mayCome(c) || stays.has(c.activity.id));
  const single = singleWeek(here.situation, withCandidates(left, kept));
  const plan = solveModel(highs, single, mipModelOf(single), { seconds: 2, light: true });
  return { single, plan };
}

/** More than are shown are tried, since the best for the plan need not be the best by itself, or not be possible. */
const TRIED_FOR_EACH_SHOWN = { free: 1.2, kept: 3 } as const;

/**
 * Alternatives for one tray of a plan, ranked by what the rotation would lose. Each is solved anew with
 * the tray out and the alternative in; the rest is free to move, or kept as it is.
 */
export function swapsFor(
  highs: Highs,
  horizon: Horizon,
  found: Solution,
  out: Slot,
  options: { keepRest?: boolean; count?: number } = {},
): Swap[] {
  const { keepRest = false, count = 4 } = options;
  const { single, plan } = weekOf(highs, horizon, found, out.week);
  const { candidates } = elementAt(single.weeks, 0).problem;
  const chosen = elementAt(plan.chosen, 0);
  const outside = candidates.filter((c) => isSlot(c, out)).map((c) => c.index);
  const taken = new Set(chosen.map((one) => `${one.candidate.child} ${one.candidate.activity.id}`));
  const classes = new Set(
    chosen.filter((one) => outside.includes(one.candidate.index)).map((one) => one.candidate.placeClass),
  );
  const kept = keepRest ? chosen.filter((one) => !outside.includes(one.candidate.index)) : [];
  const seen = new Set<string>();
  const shortlist = candidates
    .filter(
      (c) =>
        !c.second &&
        childrenOf(c).includes(out.child) &&
        !taken.has(`${c.child} ${c.activity.id}`) &&
        (classes.size === 0 || classes.has(c.placeClass)),
    )
    .sort((a, b) => b.value - a.value)
    .filter((c) => !seen.has(c.activity.id) && seen.add(c.activity.id))
    .slice(0, Math.ceil(count * TRIED_FOR_EACH_SHOWN[keepRest ? "kept" : "free"]));
  return tried(
    highs,
    single,
    plan,
    shortlist.map((candidate) => ({ candidate, outside, kept })),
  )
    .sort((a, b) => a.loss - b.loss)
    .slice(0, count);
}

/** Why an activity is not in a rotation: the first rule it breaks, or what it would displace and cost. */
export function whyNot(highs: Highs, horizon: Horizon, found: Solution, slot: Slot): WhyNot {
  const inPlan = elementAt(found.chosen, slot.week).find((one) => isSlot(one.candidate, slot));
  if (inPlan) return { answer: "in-plan", rung: inPlan.candidate.rung.id };
  const { problem, situation } = elementAt(horizon.weeks, slot.week);
  const activity = activityOf(situation.catalogue, slot.activity);
  const ruledOut = problem.exclusions.filter(
    (one) => one.child === slot.child && one.activity === slot.activity,
  );
  const rungs = (activity?.rungs ?? []).map((rung): RuledOut => {
    const by = ruledOut.find((one) => one.rung === rung.id)?.barrier ?? { code: "nothing-free" as const };
    return { rung: rung.id, title: rung.title, by };
  });
  const { single, plan } = weekOf(highs, horizon, found, slot.week);
  const here = elementAt(single.weeks, 0).problem;
  const own = here.candidates.filter((c) => isSlot(c, slot) && !c.second).sort((a, b) => b.value - a.value);
  if (own.length === 0) {
    const elsewhere = problem.candidates.some((c) => isSlot(c, slot));
    return {
      answer: "rule",
      rungs: elsewhere ? rungs.map((one) => ({ ...one, by: { code: "other-rotation" as const } })) : rungs,
    };
  }
  const tries = own.slice(0, 3).map((candidate) => ({ candidate, outside: [], kept: [] }));
  const [best] = tried(highs, single, plan, tries).sort((a, b) => a.loss - b.loss);
  if (best) return { answer: "displaces", ...best };
  return {
    answer: "rule",
    rungs: rungs.map((one) => {
      const candidate = own.find((c) => c.rung.id === one.rung);
      const options = (of: Candidate) => of.needs.map((need) => elementAt(need.options, 0));
      const breach = candidate && firstBreach(here, [{ candidate, options: options(candidate), again: 0 }]);
      return breach ? { ...one, by: { code: "breach" as const, breach } } : one;
    }),
  };
}
