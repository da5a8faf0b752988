import { type Candidate, marginal, type Problem } from "./problem";
import { purchaseCost } from "./value";
import { MISSED_LOCK } from "./weights";

/** A mixed-integer model in plain arrays: maximise cost·x under rowLower ≤ A·x ≤ rowUpper. */
export interface MipModel {
  columns: { name: string; cost: number; lower: number; upper: number; integer: boolean }[];
  rows: { name: string; lower: number; upper: number; entries: Map<number, number> }[];
  /** Column of each candidate. */
  taken: readonly number[];
  /** Column of each candidate's option; the candidate's own where a need has one option only. */
  optionColumns: readonly (readonly (readonly number[])[])[];
}

const UP = Number.POSITIVE_INFINITY;
const DOWN = Number.NEGATIVE_INFINITY;

class Builder {
  readonly columns: MipModel["columns"] = [];
  readonly rows: MipModel["rows"] = [];

  column(name: string, cost: number, upper: number, integer: boolean, lower = 0): number {
    this.columns.push({ name, cost, lower, upper, integer });
    return this.columns.length - 1;
  }

  /** Adds a row; entries for the same column are summed. Rows without entries are kept only where they can't hold. */
  row(name: string, lower: number, upper: number, entries: readonly (readonly [number, number])[]) {
    const merged = new Map<number, number>();
    for (const [column, value] of entries) merged.set(column, (merged.get(column) ?? 0) + value);
    if (merged.size === 0 && lower <= 0 && upper >= 0) return;
    this.rows.push({ name, lower, upper, entries: merged });
  }
}

/** One binary a candidate; one binary an option where there is a choice; the options of a need add up to the candidate. */
function addTrays(b: Builder, problem: Problem) {
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
    const x = taken[c.index] ?? 0;
    return c.needs.map((choice, n) => {
      if (choice.options.length === 1) return [x];
      const columns = choice.options.map((option, o) =>
        b.column(`y${c.index}_${n}_${o}`, -option.cost, 1, true),
      );
      b.row(`need${c.index}_${n}`, 0, 0, [...columns.map((y) => [y, 1] as const), [x, -1]]);
      return columns;
    });
  });
  return { taken, optionColumns };
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

function addStock(b: Builder, problem: Problem, optionColumns: MipModel["optionColumns"]) {
  const uses = new Map<string, [number, number][]>();
  for (const c of problem.candidates) {
    c.needs.forEach((choice, n) => {
      choice.options.forEach((option, o) => {
        const column = optionColumns[c.index]?.[n]?.[o];
        if (column === undefined) return;
        uses.set(option.stock, [...(uses.get(option.stock) ?? []), [column, option.quantity]]);
      });
    });
  }
  const spending: [number, number][] = [];
  for (const [key, entries] of uses) {
    const stock = problem.stock.get(key);
    if (!stock) continue;
    if (!stock.pack) {
      b.row(`stock ${key}`, DOWN, stock.quantity, entries);
      continue;
    }
    const packs = b.column(`buy ${stock.material.id}`, -purchaseCost(stock.pack.cents), 99, true);
    b.row(`stock ${key}`, DOWN, stock.quantity, [...entries, [packs, -stock.pack.quantity]]);
    spending.push([packs, stock.pack.cents]);
  }
  b.row("money", DOWN, problem.cents, spending);
}

function addPlaces(b: Builder, problem: Problem, taken: readonly number[]) {
  const at = (id: string) =>
    problem.candidates.filter((c) => c.placeClass === id).map((c) => [taken[c.index] ?? 0, 1] as const);
  for (const one of problem.classes) b.row(`place ${one.id}`, DOWN, one.places.length, at(one.id));
  for (const [a, c] of problem.exclusive) b.row(`exclusive ${a} ${c}`, DOWN, 1, [...at(a), ...at(c)]);
}

/** The k-th tray of a group earns `marginals[k]`: since they fall, continuous steps fill in that order by themselves. */
function addGroups(b: Builder, problem: Problem, taken: readonly number[]) {
  for (const group of problem.groups) {
    const steps = group.members.map((_, k) =>
      b.column(`g ${group.id} ${k}`, marginal(group.marginals, k), 1, false),
    );
    b.row(`group ${group.id}`, 0, 0, [
      ...group.members.map((index) => [taken[index] ?? 0, 1] as const),
      ...steps.map((step) => [step, -1] as const),
    ]);
  }
}

/** Writes the problem as a mixed-integer model. docs/planner.md states it as formulas. */
export function mipModelOf(problem: Problem): MipModel {
  const b = new Builder();
  const { taken, optionColumns } = addTrays(b, problem);
  addPlaces(b, problem, taken);
  addStock(b, problem, optionColumns);
  for (const cap of problem.caps) {
    b.row(
      `cap ${cap.id}`,
      DOWN,
      cap.most,
      [...cap.counts].map(([index, count]) => [taken[index] ?? 0, count] as const),
    );
  }
  for (const [flag, most] of [
    ["held", problem.adultHeld],
    ["close", problem.adultBeside],
  ] as const) {
    const flags = problem.candidates.flatMap((c) => {
      const column = addFlag(b, c, flag, taken[c.index] ?? 0, optionColumns[c.index] ?? []);
      return column === undefined ? [] : [[column, 1] as const];
    });
    b.row(`limit ${flag}`, DOWN, most, flags);
  }
  addGroups(b, problem, taken);
  for (const lock of problem.locks) {
    // A lock that can't be kept is reported, not fatal: the fullest safe plan is still wanted.
    const missed = b.column(`missed ${lock.text}`, -MISSED_LOCK, 1, true);
    b.row(`lock ${lock.text}`, 1, 1, [
      [missed, 1],
      ...lock.members.map((index) => [taken[index] ?? 0, 1] as const),
    ]);
  }
  return { columns: b.columns, rows: b.rows, taken, optionColumns };
}
