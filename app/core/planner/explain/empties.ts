import { countOf } from "../../collections";
import type { PlaceId } from "../../model";
import {
  type AllocationProblem,
  type Assignment,
  type Candidate,
  isOverdrawn,
  leftHandSide,
  type PlaceClass,
  purchasesOf,
  stockOf,
  stockTaken,
  stockUsedUp,
  timesOf,
} from "../candidates/problem";
import type { Breach } from "../candidates/reasons";
import { planValue } from "../solve/value";

/** Why a place stays empty; activities and materials by name. */
export type EmptyReason =
  | { code: "nothing-fits" }
  | { code: "missing"; activity: string; materials: readonly string[] }
  | { code: "breach"; activity: string; breach: Breach }
  | { code: "repeats"; activity: string }
  | { code: "enough" };

export interface EmptyPlace {
  place: PlaceId;
  /** Where the place is used by moments: which one is left free, and how often. */
  moment?: { id: string; free: number };
  because: EmptyReason;
}

/** The first hard rule that a choice breaks; undefined where it keeps to all of them. */
export function firstBreach(problem: AllocationProblem, chosen: readonly Assignment[]): Breach | undefined {
  const broken = problem.constraints.find((one) => leftHandSide(one, chosen) > one.bound);
  return broken ? { code: broken.code, bound: broken.bound } : breachOfStock(problem, chosen);
}

function breachOfStock(problem: AllocationProblem, chosen: readonly Assignment[]): Breach | undefined {
  const usedUp = stockUsedUp(chosen);
  for (const [key, taken] of stockTaken(problem, chosen)) {
    const stock = stockOf(problem, key);
    if (isOverdrawn(stock, taken, countOf(usedUp, key)))
      return { code: "in-use", material: stock.material.name };
  }
  const cents = [...purchasesOf(problem, chosen)].reduce(
    (sum, [key, packs]) => sum + packs * (stockOf(problem, key).pack?.cents ?? 0),
    0,
  );
  return cents > problem.cents ? { code: "cents", bound: problem.cents } : undefined;
}

/** The candidate with the options that leave the others' materials alone, as far as there are such. */
export function withOptions(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  candidate: Candidate,
): Assignment {
  const options: Assignment["options"][number][] = [];
  for (const choice of candidate.needs) {
    const fits = choice.options.find(
      (option) =>
        breachOfStock(problem, [...chosen, { candidate, options: [...options, option], again: 0 }]) ===
        undefined,
    );
    const taken = fits ?? choice.options[0];
    if (taken) options.push(taken);
  }
  return { candidate, options, again: 0 };
}

function because(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  here: PlaceClass,
  mayCome: (c: Candidate) => boolean,
): EmptyReason {
  const unused = problem.candidates
    .filter(
      (c) =>
        c.placeClass === here.id &&
        !c.second &&
        !chosen.some((one) => one.candidate.activity.id === c.activity.id) &&
        mayCome(c),
    )
    .sort((a, b) => b.value - a.value);
  if (unused.length === 0) return wouldFill(problem, here) ?? { code: "nothing-fits" };
  const before = planValue(problem, chosen);
  for (const candidate of unused.slice(0, 8)) {
    const more = [...chosen, withOptions(problem, chosen, candidate)];
    const breach = firstBreach(problem, more);
    const activity = candidate.activity.name;
    if (breach) return { code: "breach", activity, breach };
    if (planValue(problem, more) <= before) return { code: "repeats", activity };
  }
  return { code: "enough" };
}

/** What could stand here if the fewest things were there that are not. */
function wouldFill(problem: AllocationProblem, here: PlaceClass): EmptyReason | undefined {
  const [nearest] = problem.exclusions
    .filter((one) => one.missing?.classes.includes(here.id))
    .sort((a, b) => (a.missing?.materials.length ?? 0) - (b.missing?.materials.length ?? 0));
  return nearest?.missing && nearest.barrier.code === "missing"
    ? { code: "missing", activity: nearest.missing.activityName, materials: nearest.barrier.materials }
    : undefined;
}

/** Every place the plan leaves empty, and why; `mayCome` tells what other weeks leave open. */
export function explainEmpty(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  used: ReadonlySet<string>,
  mayCome: (c: Candidate) => boolean = () => true,
): EmptyPlace[] {
  return problem.classes.flatMap((one): EmptyPlace[] => {
    if (one.opening) {
      const [place] = one.places;
      const here = chosen.filter(({ candidate }) => candidate.placeClass === one.id);
      const free = one.opening.days.length - here.reduce((sum, tray) => sum + timesOf(tray), 0);
      if (!place || free <= 0) return [];
      const moment = { id: one.opening.moment.id, free };
      return [{ place: place.id, moment, because: because(problem, chosen, one, mayCome) }];
    }
    const free = one.places.filter((place) => !used.has(place.id));
    if (free.length === 0) return [];
    const why = because(problem, chosen, one, mayCome);
    return free.map((place) => ({ place: place.id, because: why }));
  });
}
