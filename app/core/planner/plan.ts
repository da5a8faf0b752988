import type { Highs } from "highs";
import { elementAt, present } from "../collections";
import { daysFor, type Situation } from "../household";
import { mixingMinutes } from "../materials";
import type { MaterialId, PlaceId, PlainDate, Tray } from "../model";
import { mixedFor } from "./candidates/constraints";
import { type Assignments, type Horizon, singleWeek } from "./candidates/horizon";
import {
  type AllocationProblem,
  type Assignment,
  classOf,
  isFlagged,
  leftHandSide,
  stockOf,
  timesOf,
} from "./candidates/problem";
import { GAP, PROVEN_GAP } from "./candidates/weights";
import { type Conflict, conflictsOf } from "./explain/conflicts";
import { type Contested, contestedBy } from "./explain/contested";
import { type EmptyPlace, explainEmpty } from "./explain/empties";
import { type Fillings, fillingKey, fillingsOf } from "./explain/fillings";
import { type FocusOutcome, focusOutcomes } from "./explain/focusOutcome";
import { type PlannedTray, plannedTray } from "./explain/plannedTray";
import { type ChildWithFewTrays, childrenWithFewTrays } from "./explain/withoutTray";
import type { MipModel } from "./model/mipBuilder";
import { mipModelOf } from "./model/mipModel";
import { chosenOf, packsOf } from "./model/readBack";
import { keepPlacesStable } from "./solve/keepPlacesStable";
import { warmStartRelaxingPeaks } from "./solve/relaxPeaks";
import { openIn, residualStock } from "./solve/residualStock";
import { sequentialHeuristic, warmStart } from "./solve/sequentialHeuristic";
import {
  boundOf,
  DEFAULT_LIMIT_SECONDS,
  gapTo,
  type SolveStatus,
  type StartFrom,
  solveMip,
} from "./solve/solve";
import type { SolveLimits } from "./solve/solver";
import { horizonValue, staysFrom } from "./solve/value";

type TrayWhen = NonNullable<Tray["when"]>;

export interface ShoppingLine {
  material: MaterialId;
  /** In the material's unit: whole packs. */
  quantity: number;
  cents: number;
  /** The activities that it is for, by name. */
  for: string[];
}

/** The limits of what is out at once; of minutes and money the trays and the shopping tell. */
const AT_ONCE = ["trays", "adultBeside", "adultHeld", "wet", "messy", "loud"] as const;
type AtOnce = (typeof AT_ONCE)[number];

const usedOf = ({ constraints }: AllocationProblem, chosen: readonly Assignment[]) =>
  Object.fromEntries(
    AT_ONCE.map((code) => [
      code,
      Math.max(0, ...constraints.filter((one) => one.code === code).map((one) => leftHandSide(one, chosen))),
    ]),
  ) as Record<AtOnce, number>;

/** One rotation of a plan. */
export interface PlannedRotation {
  from: PlainDate;
  to: PlainDate;
  trays: PlannedTray[];
  /** What it uses of the limits of what is out at once. */
  used: { readonly [L in AtOnce]: number };
  /** Minutes for what is mixed once for all trays that use it; the trays' own are theirs. */
  mixMinutes: number;
  empty: EmptyPlace[];
  shopping: ShoppingLine[];
  contested: Contested[];
  /** What stands in the way of a lock or a fuller plan. */
  conflicts: Conflict[];
  /** The children who are planned for and get no tray or hardly any, with the places that would change that. */
  without: ChildWithFewTrays[];
  /** What became of each focus. */
  focuses: FocusOutcome[];
}

/** What is proven of a plan: its value in points, and how far from the best possible it may be, as a share. */
export interface Proof {
  status: SolveStatus;
  gap: number;
  objective: number;
}

/** A plan of one rotation or several. */
export interface Plan extends Proof {
  on: PlainDate;
  rotations: PlannedRotation[];
}

/** Gives each chosen tray a place of its class: where it stands already, else the next free one. */
function placesFor(
  problem: AllocationProblem,
  chosen: readonly Assignment[],
  standing: (one: Assignment) => PlaceId | undefined,
): Map<number, PlaceId> {
  const given = new Map<number, PlaceId>();
  const used = new Set<string>();
  const placesOf = (one: Assignment) => classOf(problem, one.candidate).places;
  for (const one of chosen) {
    const place = standing(one);
    if (one.candidate.times) continue;
    if (place && placesOf(one).some((p) => p.id === place) && !used.has(place)) {
      given.set(one.candidate.index, place);
      used.add(place);
    }
  }
  for (const one of chosen) {
    if (given.has(one.candidate.index)) continue;
    // What comes by moments shares its place.
    const free = placesOf(one).find((place) => one.candidate.times || !used.has(place.id));
    if (!free)
      throw new Error(`The plan puts more trays at "${one.candidate.placeClass}" than it has places.`);
    given.set(one.candidate.index, free.id);
    if (!one.candidate.times) used.add(free.id);
  }
  return given;
}

/** Gives what comes by moments its days, by the candidate's index. */
function daysOfVisits(problem: AllocationProblem, chosen: readonly Assignment[]): Map<number, TrayWhen> {
  const opened = new Map(problem.classes.flatMap((one) => (one.opening ? [[one.id, one.opening]] : [])));
  const visits = chosen.flatMap((one) => {
    const opening = opened.get(one.candidate.placeClass);
    return opening ? [{ one, moment: opening.moment.id }] : [];
  });
  const days = daysFor(
    [...opened.values()],
    visits.map(({ one, moment }) => ({ moment, times: timesOf(one), close: isFlagged("close", one) })),
  );
  return new Map(
    visits.map(({ one, moment }, i) => [one.candidate.index, { moment, days: elementAt(days, i) }]),
  );
}

/** Minutes of mixing for what is set out anew, each thing once. */
function mixMinutesOf(s: Situation, { stock }: AllocationProblem, fresh: readonly Assignment[]): number {
  const mixed = fresh.flatMap((one) => mixedFor(s, stock, one.candidate, one.options));
  return [...new Set(mixed)].reduce((sum, material) => sum + mixingMinutes(material), 0);
}

function shoppingOf(
  problem: AllocationProblem,
  packs: ReadonlyMap<string, number>,
  chosen: Assignments,
): ShoppingLine[] {
  return [...packs].flatMap(([key, count]) => {
    const stock = stockOf(problem, key);
    if (!stock.pack || count === 0) return [];
    const users = chosen.flat().filter((one) => one.options.some((option) => option.stock === key));
    const names = [...new Set(users.map((one) => one.candidate.activity.name))];
    return [
      {
        material: stock.material.id,
        quantity: count * stock.pack.quantity,
        cents: count * stock.pack.cents,
        for: names,
      },
    ];
  });
}

/** A finished plan from a choice; used for the best plan and for what-ifs alike. */
export function planOf(
  horizon: Horizon,
  chosen: Assignments,
  packs: readonly ReadonlyMap<string, number>[],
  proof: Proof,
): Plan {
  const placed: Map<number, PlaceId>[] = [];
  let fillings: Fillings = new Map();
  const rotations = horizon.weeks.map(({ situation, problem }, w): PlannedRotation => {
    const here = elementAt(chosen, w);
    const before = chosen[w - 1];
    const standing = ({ candidate }: Assignment) => {
      if (w === 0) {
        const { tray, second } = situation.history(candidate.child, candidate.activity);
        return (candidate.second ? second : tray)?.place;
      }
      const last = before?.find(
        (one) =>
          one.candidate.activity.id === candidate.activity.id &&
          one.candidate.child === candidate.child &&
          one.candidate.second === candidate.second,
      );
      return last && placed[w - 1]?.get(last.candidate.index);
    };
    const places = placesFor(problem, here, standing);
    placed.push(places);
    const visits = daysOfVisits(problem, here);
    fillings = fillingsOf(situation, here, fillings);
    return {
      from: situation.on,
      to: situation.to,
      trays: here.map((one) =>
        plannedTray(
          situation,
          problem,
          here,
          one,
          {
            place: present(places.get(one.candidate.index), "place for a tray of the plan"),
            when: visits.get(one.candidate.index),
            filling: fillings.get(fillingKey(one)),
          },
          w > 0 && staysFrom(before, one) ? horizon.stayValue : undefined,
        ),
      ),
      used: usedOf(problem, here),
      mixMinutes: mixMinutesOf(
        situation,
        problem,
        here.filter((one) => w === 0 || !staysFrom(before, one)),
      ),
      empty: explainEmpty(
        residualStock(horizon, chosen, packs, w),
        here,
        new Set(places.values()),
        openIn(chosen, w),
      ),
      contested: contestedBy(residualStock(horizon, chosen, packs, w), here),
      shopping: shoppingOf(problem, packs[w] ?? new Map(), chosen.slice(w)),
      conflicts: conflictsOf(problem, here),
      without: childrenWithFewTrays(situation, problem, here),
      focuses: focusOutcomes(situation, problem, here, fillings),
    };
  });
  const on = horizon.weeks[0]?.situation.on;
  if (on === undefined) throw new Error("A plan has at least one rotation.");
  return { on, status: proof.status, gap: proof.gap, objective: proof.objective, rotations };
}

/** A solution read back: what is chosen and bought in each week, and what is proven of it. */
export interface Solution extends Proof {
  chosen: Assignment[][];
  packs: Map<string, number>[];
}

/** The plan of one week after the other, where the time ran out before a better one was found. */
function sequentialFallback(horizon: Horizon, chosen: Assignment[][], bound: number): Solution {
  const objective = horizonValue(horizon, chosen);
  return {
    status: "time-limit",
    gap: gapTo(bound, objective),
    objective,
    chosen: keepPlacesStable(horizon, chosen),
    packs: horizon.weeks.map(() => new Map()),
  };
}

/** Solves a model of the horizon within the seconds that it has in all. */
export function solveModel(highs: Highs, horizon: Horizon, model: MipModel, limits: SolveLimits): Solution {
  const budget = limits.budget ?? { secondsLeft: limits.seconds };
  const timed = { ...limits, budget };
  let inTurn: Assignment[][] | undefined;
  const begin: StartFrom = (relaxed) => {
    const start = model.largest.length > 0 ? warmStartRelaxingPeaks(highs, model, relaxed, timed) : undefined;
    if (start) return start;
    inTurn ??= sequentialHeuristic(highs, horizon, budget);
    return warmStart(highs, horizon, model, inTurn, budget);
  };
  const solved = solveMip(highs, model, timed, horizon.weeks.length > 1 ? begin : undefined);
  if (!solved || solved.status === "time-limit") {
    inTurn ??= sequentialHeuristic(highs, horizon, budget);
    const found = sequentialFallback(horizon, inTurn, solved ? boundOf(solved) : Number.POSITIVE_INFINITY);
    if (!solved || found.objective > solved.objective) return found;
  }
  return {
    status: solved.status,
    gap: solved.gap,
    objective: solved.objective,
    chosen: keepPlacesStable(horizon, chosenOf(horizon, solved.values, model)),
    packs: packsOf(solved.values, model),
  };
}

/** The gap that counts as proven: the very best for one rotation, within half a per cent for several. */
const gapFor = (horizon: Horizon) => (horizon.weeks.length > 1 ? PROVEN_GAP : GAP);

export const solveHorizon = (highs: Highs, horizon: Horizon, limits: SolveLimits): Solution =>
  solveModel(highs, horizon, mipModelOf(horizon), { gap: gapFor(horizon), ...limits });

/**
 * The best plan for a horizon, with its proof and its reasons. Same input, same plan.
 * Where the time runs out, the best found so far with the gap that is left.
 */
export function makePlan(
  highs: Highs,
  horizon: Horizon,
  limits: SolveLimits = { seconds: DEFAULT_LIMIT_SECONDS },
): Plan {
  const found = solveHorizon(highs, horizon, limits);
  return planOf(horizon, found.chosen, found.packs, found);
}

/** The best single rotation. */
export const makeRotation = (highs: Highs, situation: Situation, limits?: SolveLimits): Plan =>
  makePlan(highs, singleWeek(situation), limits);
