import type { Option, Stock } from "../../materials";
import type { Activity, AdultPosition, Limits, Need, Place, Rung } from "../../model";
import type { Finding } from "../../safety";

export type Band = "anchor" | "reach" | "stretch";

/** A part of a tray's value, in points, with its reason in words. */
export interface Term {
  term: string;
  value: number;
  text: string;
}

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

/** Places that are the same to the planner: same kind, same children kept from it. */
export interface PlaceClass {
  id: string;
  places: readonly Place[];
}

/** One rung for one child at one kind of place: the planner takes it or leaves it. */
export interface Candidate {
  index: number;
  /** For whom it is; for a tray that several use together the first of them. */
  child: string;
  /** The others who use it, too: it counts for each of them. */
  also: readonly string[];
  activity: Activity;
  rung: Rung;
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
  prepMinutes: number;
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

/** Trays that together are worth less and less: the k-th one adds `marginals[k]`, the last number goes on. */
export interface ConcaveTerm {
  id: string;
  term: string;
  text: string;
  members: readonly number[];
  /** Falling. */
  marginals: readonly number[];
}

/** Everyone whom a candidate is for. */
export const childrenOf = (c: Pick<Candidate, "child" | "also">): string[] => [c.child, ...c.also];

/** At most `most` over the candidates' counts. */
export interface CapacityConstraint {
  id: keyof Limits | "activity" | "exclusive" | "newAtOnce" | "drying";
  text: string;
  most: number;
  counts: ReadonlyMap<number, number>;
}

/** Why a rung is not among the candidates. */
export interface Exclusion {
  child: string;
  activity: string;
  rung: string;
  code:
    | "refused"
    | "resting"
    | "outgrown"
    | "too-early"
    | "no-place"
    | "missing"
    | "wrong-pair"
    | "unsafe"
    | "barred"
    | "retired";
  text: string;
  /** Where only things are missing: which materials, for what, and the place classes it could stand at. */
  missing?: { materials: readonly string[]; activityName: string; classes: readonly string[] };
}

export interface AllocationProblem {
  candidates: readonly Candidate[];
  classes: readonly PlaceClass[];
  /** Pairs of place classes that cannot be used in the same rotation. */
  exclusive: readonly (readonly [string, string])[];
  stock: ReadonlyMap<string, Stock>;
  caps: readonly CapacityConstraint[];
  /** Adult-held and adult-beside depend on what a tray is made from, so they are kept apart. */
  adultHeld: number;
  adultBeside: number;
  cents: number;
  groups: readonly ConcaveTerm[];
  /** Candidates of which exactly one has to be taken. */
  locks: readonly { text: string; members: readonly number[] }[];
  exclusions: readonly Exclusion[];
}

/** A choice: candidates with the option taken for each of their needs. */
export interface Assignment {
  candidate: Candidate;
  options: readonly TrayOption[];
}

export const marginal = (marginals: readonly number[], k: number): number =>
  marginals[Math.min(k, marginals.length - 1)] ?? 0;

/** Packs to buy of each stock, for the quantities that the choice takes. */
export function purchasesOf(problem: AllocationProblem, chosen: readonly Assignment[]): Map<string, number> {
  const taken = new Map<string, number>();
  for (const option of chosen.flatMap((one) => one.options)) {
    taken.set(option.stock, (taken.get(option.stock) ?? 0) + option.quantity);
  }
  const packs = new Map<string, number>();
  for (const [key, quantity] of taken) {
    const stock = problem.stock.get(key);
    if (stock?.pack && quantity > stock.quantity) {
      packs.set(key, Math.ceil((quantity - stock.quantity) / stock.pack.quantity - 1e-9));
    }
  }
  return packs;
}

/** The same problem with some of its candidates only, numbered anew. */
export function withCandidates(problem: AllocationProblem, kept: readonly Candidate[]): AllocationProblem {
  const renumbered = new Map(kept.map((candidate, i) => [candidate.index, i]));
  const keep = (members: readonly number[]) => members.flatMap((index) => renumbered.get(index) ?? []);
  return {
    ...problem,
    candidates: kept.map((candidate, index) => ({ ...candidate, index })),
    groups: problem.groups
      .map((group) => ({ ...group, members: keep(group.members) }))
      .filter((group) => group.members.length > 0),
    caps: problem.caps.map((cap) => ({
      ...cap,
      counts: new Map(
        [...cap.counts].flatMap(([index, count]) => keep([index]).map((i) => [i, count] as const)),
      ),
    })),
    locks: problem.locks.map((lock) => ({ ...lock, members: keep(lock.members) })),
  };
}
