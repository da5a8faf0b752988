import { elementAt, listOf, pushTo } from "../../collections";
import { drawsOf } from "../../materials";
import type { Horizon } from "../candidates/horizon";
import { type AllocationProblem, type Candidate, marginal, stockOf } from "../candidates/problem";
import { MISSED_LOCK } from "../candidates/weights";
import { purchaseCost } from "../solve/value";
import { Builder, columnOf, DOWN, type MipModel, UP, type WeekColumns } from "./mipBuilder";
import { addPeakColumns, type Entries, exclusivityKey } from "./peakUsage";
import { addRuns } from "./spells";

/** Takes a further time of it anything but the moment itself: minutes, or what is used up? */
const isFreeAgain = (c: Candidate) =>
  c.prepEach === 0 && c.needs.every(({ options }) => options.every((option) => option.use !== "each-time"));

/** How often it may come beyond the least. */
const maxExtraVisits = ({ times }: Candidate) => (times ? times.most - times.least : 0);

/** Columns of the times beyond the least: at most as many as what is taken may come more often. */
function addFurtherTimes(b: Builder, problem: AllocationProblem, taken: readonly number[]) {
  const together = new Map<string, Candidate[]>();
  for (const c of problem.candidates) {
    if (maxExtraVisits(c) === 0) continue;
    const key = isFreeAgain(c) ? c.placeClass : `${c.index}`;
    pushTo(together, key, c);
  }
  const columns = new Map<number, number>();
  for (const [key, candidates] of together) {
    const more = candidates.map((c) => [c, maxExtraVisits(c)] as const);
    const worth = Math.min(...candidates.map((c) => c.againValue));
    const r = b.column(
      `again ${key}`,
      worth,
      more.reduce((sum, [, most]) => sum + most, 0),
      true,
    );
    b.row(`again ${key}`, DOWN, 0, [
      [r, 1],
      ...more.map(([c, most]) => [columnOf({ taken }, c.index), -most] as const),
    ]);
    for (const c of candidates) columns.set(c.index, r);
  }
  return problem.candidates.map((c) => columns.get(c.index));
}

/** One binary a candidate; one binary an option where there is a choice; the options of a need add up to the candidate. */
function addTrays(b: Builder, problem: AllocationProblem) {
  const taken = problem.candidates.map((c) =>
    b.column(
      `x${c.index}`,
      c.value -
        c.needs.reduce(
          (sum, need) => sum + (need.options.length === 1 ? elementAt(need.options, 0).cost : 0),
          0,
        ),
      1,
      true,
    ),
  );
  const optionColumns = problem.candidates.map((c) => {
    const x = columnOf({ taken }, c.index);
    return c.needs.map((choice, n) => {
      if (choice.options.length === 1) return [x];
      const columns = choice.options.map((option, o) =>
        b.column(`y${c.index}_${n}_${o}`, -option.cost, 1, true),
      );
      b.row(`need${c.index}_${n}`, 0, 0, [...columns.map((y) => [y, 1] as const), [x, -1]]);
      return columns;
    });
  });
  const again = addFurtherTimes(b, problem, taken);
  return { taken, optionColumns, again, packs: new Map<string, number>() };
}

/** A column that is 1 where the tray is adult-held (or needs the adult close): by itself or through an option taken. */
function addFlag(
  b: Builder,
  c: Candidate,
  flag: "held" | "close",
  x: number,
  columns: readonly (readonly number[])[],
): number | undefined {
  const marked = c.needs.flatMap((choice, n) =>
    choice.options.flatMap((option, o) => (option[flag] ? [elementAt(elementAt(columns, n), o)] : [])),
  );
  if (c[flag] || marked.includes(x)) return x;
  if (marked.length === 0) return undefined;
  const column = b.column(`${flag}${c.index}`, 0, 1, false);
  for (const y of marked)
    b.row(`${flag}${c.index}_${y}`, 0, UP, [
      [column, 1],
      [y, -1],
    ]);
  return column;
}

/** What asks for a stock in one week: what uses it up, what stands, and by track of moments what is there for its time only. */
interface StockUse {
  usedUp: Entries;
  standing: Entries;
  /** By track what each activity takes: only one of these is there at a time, and an activity at one rung and moment. */
  apart: Map<number, Map<string, Entries>>;
}

function addHourly({ apart }: StockUse, { tracks }: AllocationProblem, c: Candidate, entry: Entries[number]) {
  const track = tracks.findIndex((ids) => ids.includes(c.placeClass));
  const sums = apart.get(track) ?? new Map<string, Entries>();
  apart.set(track, sums);
  pushTo(sums, exclusivityKey(c), entry);
}

/** Columns with quantities, for each stock that is asked for in one week, if only as a part of what is mixed. */
function stockUses(problem: AllocationProblem, { optionColumns, again }: WeekColumns) {
  const uses = new Map<string, StockUse>();
  for (const c of problem.candidates) {
    c.needs.forEach((choice, n) => {
      choice.options.forEach((option, o) => {
        const column = elementAt(elementAt(elementAt(optionColumns, c.index), n), o);
        for (const { stock, quantity } of drawsOf(option)) {
          const of: StockUse = uses.get(stock) ?? { usedUp: [], standing: [], apart: new Map() };
          uses.set(stock, of);
          if (option.use !== "kept") {
            const each = option.use === "each-time";
            of.usedUp.push([column, quantity * (each ? (c.times?.least ?? 1) : 1)]);
            const more = again[c.index];
            if (each && more !== undefined) of.usedUp.push([more, quantity]);
          } else if (!c.times) of.standing.push([column, quantity]);
          else addHourly(of, problem, c, [column, quantity]);
        }
      });
    });
  }
  return uses;
}

/** For each track of moments a column for the most that one of its trays takes of a stock. */
const mostAtOnce = (b: Builder, key: string, { apart }: StockUse): (readonly [number, number])[] =>
  [...apart].map(([track, byActivity]) => {
    const trays = [...byActivity.values()];
    const isWhole = trays.flat().every(([, quantity]) => Number.isInteger(quantity));
    const most = b.largestOf(`most ${key} ${track}`, trays, isWhole);
    b.largest.push(most);
    return [most.column, 1] as const;
  });

/**
 * Things are promised once: what is kept to each week anew, besides what was used up over all weeks so far.
 * What is bought in one week is there in the later ones.
 */
function addStock(
  b: Builder,
  problems: readonly AllocationProblem[],
  weeks: readonly WeekColumns[],
  prefix: Prefix,
) {
  const bought = new Map<string, [number, number][]>();
  const usedUp = new Map<string, [number, number][]>();
  problems.forEach((problem, w) => {
    b.prefix = prefix(w);
    const spending: [number, number][] = [];
    for (const [key, use] of stockUses(problem, elementAt(weeks, w))) {
      const stock = stockOf(problem, key);
      const gone = [...listOf(usedUp, key), ...use.usedUp];
      usedUp.set(key, gone);
      if (stock.pack) {
        const packs = b.column(`buy ${stock.material.id}`, -purchaseCost(stock.pack.cents), 99, true);
        elementAt(weeks, w).packs.set(key, packs);
        pushTo(bought, key, [packs, -stock.pack.quantity]);
        spending.push([packs, stock.pack.cents]);
      }
      const most = mostAtOnce(b, key, use);
      b.row(`stock ${key}`, DOWN, stock.quantity, [
        ...gone,
        ...use.standing,
        ...most,
        ...listOf(bought, key),
      ]);
      if (stock.spendable !== undefined && stock.spendable < stock.quantity) {
        b.row(`spend ${key}`, DOWN, stock.spendable, [...use.usedUp, ...listOf(bought, key)]);
      }
    }
    b.row("money", DOWN, problem.cents, spending);
  });
}

/**
 * The k-th tray of a group earns `marginals[k]`, and every further one what the last of them earns: since they fall,
 * continuous steps fill in that order by themselves.
 */
function addGroups(b: Builder, problem: AllocationProblem, taken: readonly number[]) {
  for (const { id, members, marginals } of problem.groups) {
    const last = marginals.length - 1;
    const steps = Array.from({ length: Math.min(marginals.length, members.length) }, (_, k) =>
      b.column(`g ${id} ${k}`, marginal(marginals, k), k === last ? members.length - last : 1, false),
    );
    b.row(`group ${id}`, 0, 0, [
      ...members.map((index) => [columnOf({ taken }, index), 1] as const),
      ...steps.map((step) => [step, -1] as const),
    ]);
  }
}

type Prefix = (week: number) => string;

/**
 * A row for each hard rule. In later weeks preparation is counted by what is set out anew: see spells.ts.
 */
function addConstraints(
  b: Builder,
  problem: AllocationProblem,
  { taken, optionColumns, again: more }: WeekColumns,
  later: boolean,
) {
  for (const { code, of = "", bound, coefficients, again, apart = [], when } of problem.constraints) {
    if (later && code === "prepMinutes") continue;
    const counted = new Set<number>();
    const entries = problem.candidates.flatMap((c): (readonly [number, number])[] => {
      const count = coefficients.get(c.index);
      const further = again?.get(c.index);
      const r = more[c.index];
      const isNew = r !== undefined && further !== undefined && !counted.has(r);
      if (isNew) counted.add(r);
      const x = columnOf({ taken }, c.index);
      const column = when ? addFlag(b, c, when, x, elementAt(optionColumns, c.index)) : x;
      return [
        ...(count === undefined || column === undefined ? [] : [[column, count] as const]),
        ...(isNew ? [[r, further] as const] : []),
      ];
    });
    const largest = addPeakColumns(b, problem, taken, apart, `${code} ${of}`, code === "prepMinutes");
    b.row(`${code} ${of}`, DOWN, bound, [...entries, ...largest]);
  }
}

function addLocks(b: Builder, problem: AllocationProblem, taken: readonly number[]) {
  for (const lock of problem.locks) {
    // A lock that can't be kept is reported, not fatal: the fullest safe plan is still wanted.
    const missed = b.column(`missed ${lock.activity} for ${lock.child}`, -MISSED_LOCK, 1, true);
    b.row(`lock ${lock.activity} for ${lock.child}`, 1, 1, [
      [missed, 1],
      ...lock.members.map((index) => [columnOf({ taken }, index), 1] as const),
    ]);
  }
}

/** Writes one rotation or several as a mixed-integer model. docs/planner.md states it as formulas. */
export function mipModelOf(horizon: Horizon): MipModel {
  const b = new Builder();
  const prefix: Prefix = (w) => (horizon.weeks.length === 1 ? "" : `w${w} `);
  const weeks = horizon.weeks.map(({ problem }, w) => {
    b.prefix = prefix(w);
    const columns = addTrays(b, problem);
    addConstraints(b, problem, columns, w > 0);
    addGroups(b, problem, columns.taken);
    addLocks(b, problem, columns.taken);
    return columns;
  });
  addStock(
    b,
    horizon.weeks.map((week) => week.problem),
    weeks,
    prefix,
  );
  b.prefix = "";
  if (horizon.weeks.length > 1) addRuns(b, horizon, weeks);
  return { columns: b.columns, rows: b.rows, weeks, largest: b.largest };
}
