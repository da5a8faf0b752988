import {
  type AllocationProblem,
  type Assignment,
  type Candidate,
  type PlaceClass,
  purchasesOf,
} from "../candidates/problem";
import { planValue } from "../solve/value";

export interface EmptyPlace {
  place: string;
  because: string;
}

const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);

/** Is the tray adult-held (or the adult close to it), by itself or by what it is made from? */
export const isFlagged = (flag: "held" | "close", one: Assignment): boolean =>
  one.candidate[flag] || one.options.some((option) => option[flag]);

/** The first hard rule that a choice breaks, in words; undefined where it keeps to all of them. */
export function firstBreach(problem: AllocationProblem, chosen: readonly Assignment[]): string | undefined {
  for (const cap of problem.caps) {
    if (sum(chosen.map((one) => cap.counts.get(one.candidate.index) ?? 0)) > cap.most) return cap.text;
  }
  if (chosen.filter((one) => isFlagged("held", one)).length > problem.adultHeld) {
    return `At most ${problem.adultHeld} adult-held trays`;
  }
  if (chosen.filter((one) => isFlagged("close", one)).length > problem.adultBeside) {
    return `At most ${problem.adultBeside} trays with the adult beside`;
  }
  for (const one of problem.classes) {
    if (chosen.filter((tray) => tray.candidate.placeClass === one.id).length > one.places.length)
      return "No place is free";
  }
  for (const [a, b] of problem.exclusive) {
    if (
      chosen.filter((tray) => tray.candidate.placeClass === a || tray.candidate.placeClass === b).length > 1
    ) {
      return "Two places that exclude each other";
    }
  }
  return breachOfStock(problem, chosen);
}

function breachOfStock(problem: AllocationProblem, chosen: readonly Assignment[]): string | undefined {
  const taken = new Map<string, number>();
  for (const option of chosen.flatMap((one) => one.options)) {
    taken.set(option.stock, (taken.get(option.stock) ?? 0) + option.quantity);
  }
  for (const [key, quantity] of taken) {
    const stock = problem.stock.get(key);
    if (stock && !stock.pack && quantity > stock.quantity + 1e-9)
      return `In use on another tray: ${stock.material.name}`;
  }
  const cents = sum(
    [...purchasesOf(problem, chosen)].map(
      ([key, packs]) => packs * (problem.stock.get(key)?.pack?.cents ?? 0),
    ),
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
