import type { Highs } from "highs";
import type { AdultPosition, Allotment, PlainDate, TrayState } from "../model";
import { closest, type Finding } from "../safety";
import { buildProblem } from "./buildProblem";
import { type EmptyPlace, explainEmpty, isFlagged } from "./empties";
import { mipModelOf } from "./mipModel";
import { type Band, type Chosen, type Problem, purchasesOf, type Term } from "./problem";
import type { Situation } from "./situation";
import { DEFAULT_LIMIT_SECONDS, type SolveLimits, type SolveStatus, solveMip } from "./solve";
import { groupTerms } from "./value";

export interface PlannedTray {
  activity: string;
  rung: string;
  child: string;
  place: string;
  state: TrayState;
  /** Where the adult has to be, and whether that is closer than in the room. */
  position: AdultPosition;
  close: boolean;
  chance: number;
  band: Band;
  carried: boolean;
  locked: boolean;
  prepMinutes: number;
  allotted: Allotment[];
  /** What brought it here, most first. The values add up to the tray's share of the plan's value. */
  reasons: Term[];
  findings: Finding[];
}

export interface ShoppingLine {
  material: string;
  /** In the material's unit: whole packs. */
  quantity: number;
  cents: number;
  because: string;
}

/** A rotation in a plan of one or more. */
export interface Plan {
  on: PlainDate;
  status: SolveStatus;
  gap: number;
  objective: number;
  trays: PlannedTray[];
  empty: EmptyPlace[];
  shopping: ShoppingLine[];
  /** What stands in the way of a lock or a fuller plan. */
  conflicts: string[];
}

/** The chosen candidates of a solution, with the option taken for each need. */
export function chosenOf(
  problem: Problem,
  values: Float64Array,
  model: ReturnType<typeof mipModelOf>,
): Chosen[] {
  return problem.candidates
    .filter((c) => (values[model.taken[c.index] ?? -1] ?? 0) > 0.5)
    .map((candidate) => ({
      candidate,
      options: candidate.needs.flatMap((choice, n) => {
        const columns = model.optionColumns[candidate.index]?.[n] ?? [];
        const o = choice.options.length === 1 ? 0 : columns.findIndex((y) => (values[y] ?? 0) > 0.5);
        return choice.options[o] ?? [];
      }),
    }));
}

/** Gives each chosen tray a place of its class: where it stands already, else the next free one. */
function placesFor(s: Situation, problem: Problem, chosen: readonly Chosen[]): Map<number, string> {
  const given = new Map<number, string>();
  const used = new Set<string>();
  const standing = (one: Chosen) => s.history(one.candidate.child, one.candidate.activity).tray?.place;
  for (const one of chosen) {
    const place = standing(one);
    const here = problem.classes
      .find((c) => c.id === one.candidate.placeClass)
      ?.places.some((p) => p.id === place);
    if (place && here && !used.has(place)) {
      given.set(one.candidate.index, place);
      used.add(place);
    }
  }
  for (const one of chosen) {
    if (given.has(one.candidate.index)) continue;
    const free = problem.classes
      .find((c) => c.id === one.candidate.placeClass)
      ?.places.find((place) => !used.has(place.id));
    if (!free)
      throw new Error(`The plan puts more trays at "${one.candidate.placeClass}" than it has places.`);
    given.set(one.candidate.index, free.id);
    used.add(free.id);
  }
  return given;
}

const stateOf = (one: Chosen): TrayState => (isFlagged("held", one) ? "adult-held" : "free");

function allotmentsOf(problem: Problem, one: Chosen): Allotment[] {
  return one.candidate.needs.flatMap((choice, n) => {
    const option = one.options[n];
    const stock = option && problem.stock.get(option.stock);
    if (!option || !stock) return [];
    return [
      {
        need: choice.need.id,
        material: stock.material.id,
        ...(stock.holding ? { holding: stock.holding.id } : {}),
        quantity: option.quantity,
      },
    ];
  });
}

const optionTerms = (one: Chosen, problem: Problem): Term[] =>
  one.options.flatMap((option, n) => {
    const wanted = one.candidate.needs[n]?.need.material;
    const taken = problem.stock.get(option.stock)?.material;
    if (!taken || option.cost === 0) return [];
    const text = taken.id === wanted ? `Adult-held: ${taken.name}.` : `With a stand-in: ${taken.name}.`;
    return [{ term: taken.id === wanted ? "adult-held" : "stand-in", value: -option.cost, text }];
  });

function trayOf(problem: Problem, chosen: readonly Chosen[], one: Chosen, place: string): PlannedTray {
  const { candidate } = one;
  const reasons = [
    ...candidate.terms,
    ...groupTerms(problem, chosen, candidate.index),
    ...optionTerms(one, problem),
  ].filter((term) => Math.abs(term.value) > 1e-9);
  return {
    activity: candidate.activity.id,
    rung: candidate.rung.id,
    child: candidate.child,
    place,
    state: stateOf(one),
    position: [candidate.position, ...one.options.map((option) => option.position)].reduce(closest),
    close: isFlagged("close", one),
    chance: candidate.chance,
    band: candidate.band,
    carried: candidate.carried,
    locked: candidate.locked,
    prepMinutes: candidate.prepMinutes,
    allotted: allotmentsOf(problem, one),
    reasons: reasons.sort((a, b) => b.value - a.value),
    findings: [...candidate.findings, ...one.options.flatMap((option) => option.findings)],
  };
}

function shoppingOf(problem: Problem, chosen: readonly Chosen[]): ShoppingLine[] {
  return [...purchasesOf(problem, chosen)].flatMap(([key, packs]) => {
    const stock = problem.stock.get(key);
    if (!stock?.pack) return [];
    const users = chosen.filter((one) => one.options.some((option) => option.stock === key));
    return [
      {
        material: stock.material.id,
        quantity: packs * stock.pack.quantity,
        cents: packs * stock.pack.cents,
        because: `for ${users.map((one) => one.candidate.activity.name).join(", ")}`,
      },
    ];
  });
}

/** A finished plan from a choice; used for the best plan and for what-ifs alike. */
export function planOf(
  s: Situation,
  problem: Problem,
  chosen: readonly Chosen[],
  proof: { status: SolveStatus; gap: number; objective: number },
): Plan {
  const places = placesFor(s, problem, chosen);
  const missed = problem.locks.filter(
    (lock) => !chosen.some((one) => lock.members.includes(one.candidate.index)),
  );
  return {
    on: s.on,
    ...proof,
    trays: chosen.map((one) => trayOf(problem, chosen, one, places.get(one.candidate.index) ?? "")),
    empty: explainEmpty(problem, chosen, new Set(places.values())),
    shopping: shoppingOf(problem, chosen),
    conflicts: missed.map((lock) =>
      lock.members.length === 0
        ? `Locked, but nothing safe and complete can be set out: ${lock.text}.`
        : `Locked, but the limits leave no room for it: ${lock.text}.`,
    ),
  };
}

/** Solves a problem; undefined only where the time ran out before any plan was found. */
export function solveProblem(highs: Highs, problem: Problem, limits: SolveLimits) {
  const model = mipModelOf(problem);
  const solved = solveMip(highs, model, limits);
  if (!solved) return undefined;
  return { ...solved, chosen: chosenOf(problem, solved.values, model) };
}

/**
 * The best rotation from a date on, with its proof and its reasons. Same input, same plan.
 * Where the time runs out, the best found so far with the gap that is left.
 */
export function makePlan(
  highs: Highs,
  s: Situation,
  limits: SolveLimits = { seconds: DEFAULT_LIMIT_SECONDS },
): Plan {
  const problem = buildProblem(s);
  const solved = solveProblem(highs, problem, limits);
  if (!solved) {
    return planOf(s, problem, [], { status: "time-limit", gap: 1, objective: 0 });
  }
  const { status, gap, objective } = solved;
  return planOf(s, problem, solved.chosen, { status, gap, objective });
}
