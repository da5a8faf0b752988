import type { Horizon } from "../candidates/horizon";
import { type AllocationProblem, type Assignment, type Candidate, marginal } from "../candidates/problem";
import { MISSED_LOCK } from "../candidates/weights";
import { purchaseCost } from "../solve/value";
import { Builder, columnOf, DOWN, type MipModel, UP, type WeekColumns } from "./mipBuilder";
import { addRuns } from "./spells";

/** One binary a candidate; one binary an option where there is a choice; the options of a need add up to the candidate. */
function addTrays(b: Builder, problem: AllocationProblem) {
  const taken = problem.candidates.map((c) =>
    b.column(
      `x${c.index}`,
      c.value -
        c.needs.reduce(
          (sum, need) => sum + (need.options.length === 1 ? (need.options[0]?.cost ?? 0) : 0),
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
  return { taken, optionColumns, packs: new Map<string, number>() };
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
    choice.options.flatMap((option, o) => (option[flag] ? [columns[n]?.[o] ?? x] : [])),
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

/** What each stock is asked for in one week: columns with quantities. */
function stockUses(problem: AllocationProblem, optionColumns: WeekColumns["optionColumns"]) {
  const uses = new Map<string, [number, number][]>();
  for (const c of problem.candidates) {
    c.needs.forEach((choice, n) => {
      choice.options.forEach((option, o) => {
        const column = optionColumns[c.index]?.[n]?.[o];
        if (column === undefined) return;
        const known = uses.get(option.stock);
        if (known) known.push([column, option.quantity]);
        else uses.set(option.stock, [[column, option.quantity]]);
      });
    });
  }
  return uses;
}

/**
 * Things are promised once: what is kept to each week anew, what is used up over all weeks so far.
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
    for (const [key, entries] of stockUses(problem, weeks[w]?.optionColumns ?? [])) {
      const stock = problem.stock.get(key);
      if (!stock) continue;
      const taken = stock.material.use === "consumable" ? [...(usedUp.get(key) ?? []), ...entries] : entries;
      usedUp.set(key, taken);
      if (stock.pack) {
        const packs = b.column(`buy ${stock.material.id}`, -purchaseCost(stock.pack.cents), 99, true);
        weeks[w]?.packs.set(key, packs);
        bought.set(key, [...(bought.get(key) ?? []), [packs, -stock.pack.quantity]]);
        spending.push([packs, stock.pack.cents]);
      }
      b.row(`stock ${key}`, DOWN, stock.quantity, [...taken, ...(bought.get(key) ?? [])]);
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
  { taken, optionColumns }: WeekColumns,
  later: boolean,
) {
  for (const { code, of = "", bound, coefficients, when } of problem.constraints) {
    if (later && code === "prepMinutes") continue;
    const entries = problem.candidates.flatMap((c): (readonly [number, number])[] => {
      const count = coefficients.get(c.index);
      if (count === undefined) return [];
      const x = columnOf({ taken }, c.index);
      const column = when ? addFlag(b, c, when, x, optionColumns[c.index] ?? []) : x;
      return column === undefined ? [] : [[column, count]];
    });
    b.row(`${code} ${of}`, DOWN, bound, entries);
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
  return { columns: b.columns, rows: b.rows, weeks };
}

/** The chosen candidates of each week of a solution, with the option taken for each need. */
export const chosenOf = (horizon: Horizon, values: Float64Array, model: MipModel): Assignment[][] =>
  horizon.weeks.map(({ problem }, w) => {
    const columns = model.weeks[w];
    return problem.candidates
      .filter((c) => (values[columnOf(columns, c.index)] ?? 0) > 0.5)
      .map((candidate) => ({
        candidate,
        options: candidate.needs.flatMap((choice, n) => {
          const own = columns?.optionColumns[candidate.index]?.[n] ?? [];
          const o = choice.options.length === 1 ? 0 : own.findIndex((y) => (values[y] ?? 0) > 0.5);
          return choice.options[o] ?? [];
        }),
      }));
  });
