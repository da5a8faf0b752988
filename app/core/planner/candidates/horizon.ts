import { type Situation, situationOf } from "../../household";
import {
  type Activity,
  addDays,
  type Catalogue,
  type ChildId,
  daysBetween,
  type PlainDate,
  type SiteId,
  type Tables,
} from "../../model";
import { LOVED_FROM } from "../../rotation";
import { buildProblem } from "./buildProblem";
import { type AllocationProblem, type Assignment, type Candidate, childrenOf, spellOf } from "./problem";
import { REST_DAYS_BEFORE_RETURN, STAY, STAY_AHEAD } from "./weights";

/** One rotation of a plan of one or several. */
export interface Period {
  situation: Situation;
  problem: AllocationProblem;
}

/** One rung of a run, as it stands or as it comes by moments: its candidates in each week. */
export interface RunRung {
  key: string;
  weeks: readonly (readonly Candidate[])[];
}

/**
 * An activity for one child, or for several together, over the weeks of a plan. What it earns by
 * being set out anew, and its preparation, count once for each stretch in which it stays out.
 */
export interface Spell {
  id: string;
  children: readonly ChildId[];
  activity: Activity;
  second?: true;
  rungs: readonly RunRung[];
  /** Weeks in which it may be set out anew; after the first, an activity that stands now has to rest before. */
  mayStart: readonly boolean[];
}

/** The runs of one activity for one child, alone and with others: together they begin at most `most` times. */
export interface ReturnLimit {
  id: string;
  runs: readonly number[];
  most: number;
}

/** One rotation, or several as one problem. */
export interface Horizon {
  weeks: readonly Period[];
  /** What ties the weeks; none where there is only one. */
  runs: readonly Spell[];
  comebacks: readonly ReturnLimit[];
  /** Earned in each further week in which a tray stays out. */
  stayValue: number;
  /** Trays set out anew in a later week at most; undefined: as many as there are places. */
  mostNew?: number;
}

/** A choice for every week. */
export type Assignments = readonly (readonly Assignment[])[];

export const MOST_WEEKS = 6;
/** A loved activity may come back within a plan, but not time and again. */
const LOVED_COMEBACKS = 2;

const isLoved = (s: Situation, child: ChildId, activity: Activity) =>
  (s.history(child, activity).interest ?? 0) >= LOVED_FROM;

function mayStart(weeks: readonly Period[], children: readonly ChildId[], activity: Activity): boolean[] {
  const first = weeks[0]?.situation;
  if (!first) return [];
  const mustRest = children.some(
    (child) => first.history(child, activity).tray !== undefined && !isLoved(first, child, activity),
  );
  return weeks.map(
    ({ situation }, w) =>
      w === 0 || !mustRest || daysBetween(first.on, situation.on) >= REST_DAYS_BEFORE_RETURN,
  );
}

function runsOf(weeks: readonly Period[]): Spell[] {
  const byRun = new Map<string, Map<string, Candidate[][]>>();
  weeks.forEach(({ problem }, w) => {
    for (const c of problem.candidates) {
      const id = spellOf(c);
      const rungs = byRun.get(id) ?? new Map<string, Candidate[][]>();
      byRun.set(id, rungs);
      // What stands and what comes by moments are two: see isSameTray.
      const key = c.times ? `${c.rung.id} by moments` : c.rung.id;
      const of = rungs.get(key) ?? weeks.map(() => []);
      rungs.set(key, of);
      of[w]?.push(c);
    }
  });
  return [...byRun].flatMap(([id, rungs]): Spell[] => {
    const some = [...rungs.values()].flat(2)[0];
    if (!some) return [];
    const children = childrenOf(some);
    return [
      {
        id,
        children,
        activity: some.activity,
        ...(some.second ? { second: true } : {}),
        rungs: [...rungs].map(([key, of]) => ({ key, weeks: of })),
        // A second comes with the first, or later.
        mayStart: some.second ? weeks.map(() => true) : mayStart(weeks, children, some.activity),
      },
    ];
  });
}

function comebacksOf(first: Situation, runs: readonly Spell[]): ReturnLimit[] {
  const byChild = new Map<string, { child: ChildId; activity: Activity; runs: number[] }>();
  runs.forEach((run, r) => {
    for (const child of run.children) {
      const id = `${child} ${run.activity.id}${run.second ? " beside" : ""}`;
      const known = byChild.get(id) ?? { child, activity: run.activity, runs: [] };
      known.runs.push(r);
      byChild.set(id, known);
    }
  });
  return [...byChild].map(([id, { child, activity, runs: of }]) => ({
    id,
    runs: of,
    most: isLoved(first, child, activity) ? LOVED_COMEBACKS : 1,
  }));
}

/** One rotation by itself. */
export const singleWeek = (situation: Situation, problem = buildProblem(situation)): Horizon => ({
  weeks: [{ situation, problem }],
  runs: [],
  comebacks: [],
  stayValue: 0,
});

/** The rotations from a date on, each of the household's length, with what ties them. One to six. */
export function horizonOf(
  catalogue: Catalogue,
  tables: Tables,
  on: PlainDate,
  count: number,
  site?: SiteId,
): Horizon {
  const first = situationOf(catalogue, tables, on, site);
  const situations = [first];
  while (situations.length < Math.min(MOST_WEEKS, count)) {
    const from = addDays(on, situations.length * first.household.rotationDays);
    situations.push(situationOf(catalogue, tables, from, site, first));
  }
  const weeks = situations.map((situation) => ({ situation, problem: buildProblem(situation) }));
  if (weeks.length === 1) return singleWeek(first, weeks[0]?.problem);
  const { planning } = first.household;
  const runs = runsOf(weeks);
  return {
    weeks,
    runs,
    comebacks: comebacksOf(first, runs),
    stayValue: STAY_AHEAD * STAY[planning.stay] * (planning.rhythm === "all-at-once" ? 0.5 : 1),
    ...(planning.rhythm === "few-at-a-time" ? { mostNew: planning.newAtOnce } : {}),
  };
}
