import { addTo, countOf, elementAt } from "../../collections";
import { drawsOf } from "../../materials";
import {
  type AllocationProblem,
  type Assignment,
  type Candidate,
  type Constraint,
  isOverdrawn,
  type Lock,
  leftHandSide,
  marginal,
  type NeedChoice,
  stockOf,
  stockTaken,
  stockUsedUp,
  type TrayOption,
} from "../candidates/problem";
import { MISSED_LOCK } from "../candidates/weights";

/** Bounds are added up in floating point. */
const TOLERANCE = 1e-9;

/** What each candidate takes part in, by its index. */
function partsOf<T>(count: number, all: readonly T[], membersOf: (one: T) => Iterable<number>): T[][] {
  const parts = Array.from({ length: count }, (): T[] => []);
  for (const one of all) {
    for (const index of new Set(membersOf(one))) elementAt(parts, index).push(one);
  }
  return parts;
}

const countedBy = ({ coefficients, apart = [] }: Constraint) => [
  ...coefficients.keys(),
  ...apart.flatMap((set) => [...set.keys()]),
];

/** Is there enough for a choice of what an option takes, without buying any? */
function suffices(problem: AllocationProblem, chosen: readonly Assignment[], option: TrayOption): boolean {
  const [taken, usedUp] = [stockTaken(problem, chosen), stockUsedUp(chosen)];
  return drawsOf(option).every(({ stock }) => {
    const { pack: _, ...there } = stockOf(problem, stock);
    return !isOverdrawn(there, countOf(taken, stock), countOf(usedUp, stock));
  });
}

/** Serves each need by the first option that there is enough for beside what is chosen; undefined where one has none. */
function serve(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  candidate: Candidate,
  allows: (option: TrayOption) => boolean,
): Assignment | undefined {
  const servedBy = (so: readonly TrayOption[], { options }: NeedChoice) =>
    options.find(
      (option) =>
        allows(option) &&
        suffices(problem, [...chosen, { candidate, options: [...so, option], again: 0 }], option),
    );
  const taken: TrayOption[] = [];
  for (const need of candidate.needs) {
    const option = servedBy(taken, need);
    if (!option) return undefined;
    taken.push(option);
  }
  return { candidate, options: taken, again: 0 };
}

const isWatched = ({ held, close }: TrayOption) => held || close;

/** Beside what is chosen, made from what is left; undefined where that breaks a rule. */
function beside(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  rules: readonly Constraint[],
  candidate: Candidate,
): Assignment | undefined {
  const keeps = (one: Assignment) =>
    rules.every((rule) => leftHandSide(rule, [...chosen, one]) <= rule.bound + TOLERANCE);
  // By itself it may break a rule already: then its things need not be looked for.
  if (!keeps({ candidate, options: [], again: 0 })) return undefined;
  const one = serve(problem, chosen, candidate, () => true);
  if (!one || keeps(one)) return one;
  // What has to be held or watched closely breaks such a rule: as little of it as may be.
  const apart = candidate.needs.filter(({ options }) => options.some((option) => !isWatched(option)));
  const spared = new Set(apart.flatMap(({ options }) => options.filter(isWatched)));
  const without = serve(problem, chosen, candidate, (option) => !spared.has(option));
  return without && keeps(without) ? without : undefined;
}

const costOf = ({ options }: Assignment) => options.reduce((sum, option) => sum + option.cost, 0);

/**
 * One week made without a solver: of all that keeps every rule, the tray that adds most comes next, until none adds
 * anything (greedy construction). Buys nothing. Not the best, but there at once, however slow the device is.
 */
export function greedyChoice(problem: AllocationProblem): Assignment[] {
  const { candidates, constraints, groups, locks } = problem;
  const rulesOf = partsOf(candidates.length, constraints, countedBy);
  const groupsOf = partsOf(candidates.length, groups, ({ members }) => members);
  const locksOf = partsOf(candidates.length, locks, ({ members }) => members);
  const inGroup = new Map(groups.map((group) => [group, 0]));
  const kept = new Set<Lock>();
  const chosen: Assignment[] = [];

  const gainOf = (c: Candidate) =>
    c.value +
    MISSED_LOCK * elementAt(locksOf, c.index).filter((lock) => !kept.has(lock)).length +
    elementAt(groupsOf, c.index).reduce(
      (sum, group) => sum + marginal(group.marginals, countOf(inGroup, group)),
      0,
    );
  const take = (one: Assignment) => {
    chosen.push(one);
    for (const group of elementAt(groupsOf, one.candidate.index)) addTo(inGroup, group, 1);
    for (const lock of elementAt(locksOf, one.candidate.index)) kept.add(lock);
  };
  let open: readonly Candidate[] = candidates;
  while (open.length > 0) {
    const gains = new Map(open.map((c) => [c, gainOf(c)]));
    // Gains only fall, and a rule that is broken now stays broken with more trays: what is passed over never comes.
    const ranked = open
      .filter((c) => countOf(gains, c) > 0)
      .toSorted((a, b) => countOf(gains, b) - countOf(gains, a) || a.index - b.index);
    const at = ranked.findIndex((c) => {
      const one = beside(problem, chosen, elementAt(rulesOf, c.index), c);
      if (!one || costOf(one) >= countOf(gains, c)) return false;
      take(one);
      return true;
    });
    if (at < 0) break;
    open = ranked.slice(at + 1);
  }
  return chosen;
}
