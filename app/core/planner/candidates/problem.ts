import { addTo, countOf, elementAt, present } from "../../collections";
import type { Opening } from "../../household";
import { drawsOf, type Option, type Stock } from "../../materials";
import type { Activity, ActivityId, AdultPosition, ChildId, Need, Place, Rung, RungId } from "../../model";
import type { Finding } from "../../safety";
import type { Barrier, Breach, Reason, Term } from "./reasons";

export type Band = "anchor" | "reach" | "stretch";

/** A way to serve a need on this tray, with what it does to the tray's safety. */
export interface TrayOption extends Option {
  /** Makes the tray adult-held. */
  held: boolean;
  /** Needs the adult beside or within arm's reach. */
  close: boolean;
  position: AdultPosition;
  findings: readonly Finding[];
  /** Points lost by it. */
  cost: number;
}

export interface NeedChoice {
  need: Need;
  /** At least one; the first serves best. */
  options: readonly TrayOption[];
}

/**
 * Places that are the same to the planner: same kind, same children kept from it. A place that is used by moments has a
 * class for each of them: its trays do not stand, they come and go, one at a time.
 */
export interface PlaceClass {
  id: string;
  places: readonly Place[];
  opening?: Opening;
}

/** One rung for one child at one kind of place: the planner takes it or leaves it. */
export interface Candidate {
  index: number;
  /** For whom it is; for a tray that several use together the first of them. */
  child: ChildId;
  /** The others who use it, too: it counts for each of them. */
  also: readonly ChildId[];
  activity: Activity;
  rung: Rung;
  /** Beside another of the same rung for the same children, with another filling. */
  second?: true;
  placeClass: string;
  chance: number;
  band: Band;
  /** The other children's chance and band, in the order of `also`. */
  others: readonly { chance: number; band: Band }[];
  /** Adult-held, or the adult close, whatever it is made from. */
  held: boolean;
  close: boolean;
  position: AdultPosition;
  findings: readonly Finding[];
  /** Minutes to prepare it when it is set out anew, and those that each time takes, where it comes by moments. */
  prepMinutes: number;
  prepEach: number;
  /** How often it comes in the rotation, where its place is used by moments: at least and at most. */
  times?: { least: number; most: number };
  /** What each time beyond the least is worth. */
  againValue: number;
  /** Already out at this rung. */
  carried: boolean;
  locked: boolean;
  /** Sum of `terms` (and a tiny tie-break, so that equal plans are told apart). */
  value: number;
  /** Of this, what it earns only by being set out anew: it is not earned again while the tray stays. */
  startValue: number;
  terms: readonly Term[];
  needs: readonly NeedChoice[];
}

/** A candidate before it has its number. */
export type Drafted = Omit<Candidate, "index">;

/** Trays that together are worth less and less: the k-th one adds `marginals[k]`, the last number goes on. */
export interface ConcaveTerm {
  id: string;
  reason: Reason;
  members: readonly number[];
  /** Falling. */
  marginals: readonly number[];
}

/** Everyone whom a candidate is for. */
export const childrenOf = (c: Pick<Candidate, "child" | "also">): ChildId[] => [c.child, ...c.also];

/** Is a tray adult-held, or is the adult close to it? That hangs on what it is made from as well. */
export type CareFlag = "held" | "close";

/**
 * A hard rule of one rotation: what the trays that are taken count adds up to no more than the bound. The rows of the
 * model, the check of a choice and every reason that is given are made from this one list.
 */
export interface Constraint {
  code: Exclude<Breach["code"], "in-use">;
  /** Tells it from the others of its code: which place class, which child and activity. */
  of?: string;
  bound: number;
  /** What each candidate counts, by its index; one that is not named counts nothing. */
  coefficients: ReadonlyMap<number, number>;
  /** What each time beyond the least counts besides, by the candidate's index. */
  again?: ReadonlyMap<number, number>;
  /** Of each of these sets only the one that counts most does: they are never there at once. */
  apart?: readonly ReadonlyMap<number, number>[];
  /** Where it counts only what is adult-held, or needs the adult close, by itself or by what it is made from. */
  when?: CareFlag;
}

/** Why a rung is not among the candidates. */
export interface Exclusion {
  child: ChildId;
  activity: ActivityId;
  rung: RungId;
  barrier: Barrier;
  /** Where only things are missing: which materials, for what, and the place classes it could stand at. */
  missing?: { materials: readonly string[]; activityName: string; classes: readonly string[] };
}

/** An activity that is to be in the rotation for a child, both by name, and the candidates that would keep it. */
export interface Lock {
  activity: string;
  child: string;
  members: readonly number[];
}

export interface AllocationProblem {
  candidates: readonly Candidate[];
  classes: readonly PlaceClass[];
  stock: ReadonlyMap<string, Stock>;
  constraints: readonly Constraint[];
  /** Classes of moments, no two of a set in the same hour. */
  tracks: readonly (readonly string[])[];
  cents: number;
  groups: readonly ConcaveTerm[];
  /** Candidates of which exactly one has to be taken. */
  locks: readonly Lock[];
  exclusions: readonly Exclusion[];
}

/** The places that are the same to a candidate. */
export const classOf = (
  { classes }: Pick<AllocationProblem, "classes">,
  { placeClass }: Pick<Candidate, "placeClass">,
): PlaceClass =>
  present(
    classes.find((one) => one.id === placeClass),
    `place class "${placeClass}"`,
  );

/** What there is of a stock that a candidate, a purchase or a tally names. */
export const stockOf = ({ stock }: Pick<AllocationProblem, "stock">, key: string): Stock =>
  present(stock.get(key), `stock "${key}"`);

/** A choice: candidates with the option taken for each of their needs. */
export interface Assignment {
  candidate: Candidate;
  options: readonly TrayOption[];
  /** So often it comes beyond the least; 0 for what stands. */
  again: number;
}

/** How often a tray is set out in the rotation; once where it stands. */
export const timesOf = ({ candidate, again }: Pick<Assignment, "candidate" | "again">): number =>
  (candidate.times?.least ?? 1) + again;

export const marginal = (marginals: readonly number[], k: number): number =>
  marginals.length === 0 ? 0 : elementAt(marginals, Math.min(k, marginals.length - 1));

/** Is it a tray of this care, by itself or by what it is made from? */
export const isFlagged = (flag: CareFlag, one: Assignment): boolean =>
  one.candidate[flag] || one.options.some((option) => option[flag]);

/** The left-hand side of a constraint for a choice: what its trays count together. */
export const leftHandSide = (
  { coefficients, again, apart = [], when }: Constraint,
  chosen: readonly Assignment[],
): number => {
  const counted = when ? chosen.filter((one) => isFlagged(when, one)) : chosen;
  const sum = counted.reduce((so, { candidate: { index }, again: more }) => {
    return so + countOf(coefficients, index) + more * (again ? countOf(again, index) : 0);
  }, 0);
  return apart.reduce(
    (so, set) => so + Math.max(0, ...counted.map((one) => countOf(set, one.candidate.index))),
    sum,
  );
};

/** How much a choice uses up of each stock, by its key; of what is mixed its parts. */
export function stockUsedUp(chosen: readonly Assignment[]): Map<string, number> {
  const used = new Map<string, number>();
  for (const one of chosen) {
    for (const option of one.options) {
      if (option.use === "kept") continue;
      const times = option.use === "each-time" ? timesOf(one) : 1;
      for (const { stock, quantity } of drawsOf(option)) addTo(used, stock, quantity * times);
    }
  }
  return used;
}

/**
 * How much a choice takes of each stock, by its key: the one tally of things. What is used up is taken each time anew;
 * anything else is taken by what stands, and by the one thing of each track that takes most.
 */
export function stockTaken(
  problem: Pick<AllocationProblem, "tracks">,
  chosen: readonly Assignment[],
): Map<string, number> {
  const taken = stockUsedUp(chosen);
  const most = problem.tracks.map(() => new Map<string, number>());
  for (const one of chosen) {
    const track = problem.tracks.findIndex((ids) => ids.includes(one.candidate.placeClass));
    const own = new Map<string, number>();
    for (const { stock, quantity, use } of one.options) {
      if (use === "kept") addTo(track < 0 ? taken : own, stock, quantity);
    }
    for (const [stock, quantity] of own) {
      const so = elementAt(most, track);
      so.set(stock, Math.max(countOf(so, stock), quantity));
    }
  }
  for (const track of most) for (const [stock, quantity] of track) addTo(taken, stock, quantity);
  return taken;
}

/** Amounts are added up in floating point: so much more than there is counts as none. */
const NO_MORE = 1e-9;

/** How many packs are to be bought where so much of a stock is taken. */
export const packsFor = (stock: Stock, taken: number): number =>
  stock.pack && taken > stock.quantity
    ? Math.ceil((taken - stock.quantity) / stock.pack.quantity - NO_MORE)
    : 0;

/** Is more taken of a stock than there is, or more of it used up than may be, where nothing of it can be bought? */
export const isOverdrawn = (stock: Stock, taken: number, usedUp: number): boolean =>
  stock.pack === undefined &&
  (taken > stock.quantity + NO_MORE || usedUp > (stock.spendable ?? stock.quantity) + NO_MORE);

/** Packs to buy of each stock, for the quantities that the choice takes. */
export function purchasesOf(problem: AllocationProblem, chosen: readonly Assignment[]): Map<string, number> {
  const packs = [...stockTaken(problem, chosen)].map(([key, taken]) => {
    return [key, packsFor(stockOf(problem, key), taken)] as const;
  });
  return new Map(packs.filter(([, count]) => count > 0));
}

/** For whom which activity is: the same over the weeks, whatever the rung; a second beside it is apart. */
export const spellOf = (c: Pick<Candidate, "child" | "also" | "activity" | "second">): string =>
  `${childrenOf(c).join("+")} ${c.activity.id}${c.second ? " beside" : ""}`;

/**
 * The same activity at the same rung for the same children, wherever it stands and whatever it is made from. What stands
 * is another tray than what comes by moments.
 */
export const isSameTray = (a: Candidate, b: Candidate): boolean =>
  a.rung.id === b.rung.id && spellOf(a) === spellOf(b) && (a.times === undefined) === (b.times === undefined);

/** The same problem with some of its candidates only, numbered anew. */
export function withCandidates(problem: AllocationProblem, kept: readonly Candidate[]): AllocationProblem {
  const renumbered = new Map(kept.map((candidate, i) => [candidate.index, i]));
  const keep = (members: readonly number[]) => members.flatMap((index) => renumbered.get(index) ?? []);
  const keepCounts = (counts: ReadonlyMap<number, number>) =>
    new Map([...counts].flatMap(([index, count]) => keep([index]).map((i) => [i, count] as const)));
  return {
    ...problem,
    candidates: kept.map((candidate, index) => ({ ...candidate, index })),
    groups: problem.groups
      .map((group) => ({ ...group, members: keep(group.members) }))
      .filter((group) => group.members.length > 0),
    constraints: problem.constraints.map((one) => ({
      ...one,
      coefficients: keepCounts(one.coefficients),
      ...(one.again ? { again: keepCounts(one.again) } : {}),
      ...(one.apart ? { apart: one.apart.map(keepCounts) } : {}),
    })),
    locks: problem.locks.map((lock) => ({ ...lock, members: keep(lock.members) })),
  };
}
