import {
  type AllocationProblem,
  type Assignment,
  type Candidate,
  countOf,
  isOverdrawn,
  type PlaceClass,
  purchasesOf,
  stockTaken,
} from "../candidates/problem";
import { planValue } from "../solve/value";
import { constraintText } from "./constraintText";

export interface EmptyPlace {
  place: string;
  because: string;
}

/** The first hard rule that a choice breaks, in words; undefined where it keeps to all of them. */
export function firstBreach(problem: AllocationProblem, chosen: readonly Assignment[]): string | undefined {
  const broken = problem.constraints.find((one) => countOf(one, chosen) > one.bound);
  return broken ? constraintText(broken) : breachOfStock(problem, chosen);
}

function breachOfStock(problem: AllocationProblem, chosen: readonly Assignment[]): string | undefined {
  for (const [key, taken] of stockTaken(chosen)) {
    const stock = problem.stock.get(key);
    if (stock && isOverdrawn(stock, taken)) return `In use on another tray: ${stock.material.name}`;
  }
  const cents = [...purchasesOf(problem, chosen)].reduce(
    (sum, [key, packs]) => sum + packs * (problem.stock.get(key)?.pack?.cents ?? 0),
    0,
  );
  return cents > problem.cents ? "The money for purchases is spent" : undefined;
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
        breachOfStock(problem, [...chosen, { candidate, options: [...options, option] }]) === undefined,
    );
    const taken = fits ?? choice.options[0];
    if (taken) options.push(taken);
  }
  return { candidate, options };
}

function because(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  here: PlaceClass,
  mayCome: (c: Candidate) => boolean,
): string {
  const unused = problem.candidates
    .filter(
      (c) =>
        c.placeClass === here.id &&
        !chosen.some((one) => one.candidate.activity.id === c.activity.id) &&
        mayCome(c),
    )
    .sort((a, b) => b.value - a.value);
  if (unused.length === 0) return wouldFill(problem, here) ?? "Nothing that fits now can be set out here.";
  const before = planValue(problem, chosen);
  for (const candidate of unused.slice(0, 8)) {
    const more = [...chosen, withOptions(problem, chosen, candidate)];
    const breach = firstBreach(problem, more);
    if (breach) return `${candidate.activity.name} would fit, but: ${breach.toLowerCase()}.`;
    if (planValue(problem, more) <= before) {
      return `Left free on purpose: ${candidate.activity.name} would only repeat what is there.`;
    }
  }
  return "Left free on purpose: more of the same would not help.";
}

/** What could stand here if the fewest things were there that are not. */
function wouldFill(problem: AllocationProblem, here: PlaceClass): string | undefined {
  const [nearest] = problem.exclusions
    .filter((one) => one.missing?.classes.includes(here.id))
    .sort((a, b) => (a.missing?.materials.length ?? 0) - (b.missing?.materials.length ?? 0));
  return nearest?.missing && `${nearest.missing.activityName} would fit. ${nearest.text}`;
}

/** Every place the plan leaves empty, and why; `mayCome` tells what other weeks leave open. */
export function explainEmpty(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  used: ReadonlySet<string>,
  mayCome: (c: Candidate) => boolean = () => true,
): EmptyPlace[] {
  return problem.classes.flatMap((one) => {
    const free = one.places.filter((place) => !used.has(place.id));
    if (free.length === 0) return [];
    const text = because(problem, chosen, one, mayCome);
    return free.map((place) => ({ place: place.id, because: text }));
  });
}
