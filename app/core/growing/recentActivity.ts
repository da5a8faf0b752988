import { addTo, elementAt, pushTo } from "../collections";
import {
  type Activity,
  AREA_IDS,
  type AreaId,
  activityOf,
  addDays,
  type Catalogue,
  type ChildId,
  inOrderOfDays,
  isBodySign,
  type Observation,
  type PlainDate,
  type Rung,
  type Sign,
  type Tables,
} from "../model";
import { weekOf } from "../report/journal";
import { smallestPieceMm } from "../setup";

/** Minutes of one area in one week; a note without minutes counts none and is told as a note. */
export interface AreaWeek {
  area: AreaId;
  week: PlainDate;
  minutes: number;
  notes: number;
}

/** A rung that was done alone for the first time. */
export interface Climbed {
  activity: Activity;
  rung: Rung;
  on: PlainDate;
}

/** How often a grasp was noted, and how often which hand. */
export interface Hands {
  grasps: ReadonlyMap<NonNullable<Observation["grasp"]>, number>;
  sides: ReadonlyMap<NonNullable<Observation["hand"]>, number>;
  /** How the hands worked together and the posture: how often, and from when on, first noted first. */
  body: { sign: Sign; times: number; first: PlainDate; last: PlainDate }[];
  /** Each note with a grasp, oldest first: what was held, as wide as the smallest piece of its rung; absent where that has no size. */
  held: { on: PlainDate; grasp: NonNullable<Observation["grasp"]>; pieceMm?: number }[];
}

/** How much it was liked in one week: the mean of the notes that say so, 0 (none) to 3 (wanted again). */
export interface InterestWeek {
  week: PlainDate;
  notes: number;
  mean: number;
}

/** What came lately of one child. */
export interface Lately {
  weeks: PlainDate[];
  areas: AreaWeek[];
  climbed: Climbed[];
  /** Areas without a note in these weeks. */
  missing: AreaId[];
  hands: Hands;
  interest: InterestWeek[];
  notes: number;
  minutes: number;
}

const DAYS_OF_A_WEEK = 7;

const tally = <T>(values: readonly (T | undefined)[]): Map<T, number> => {
  const counts = new Map<T, number>();
  for (const value of values) {
    if (value !== undefined) addTo(counts, value, 1);
  }
  return counts;
};

const INTEREST_STEPS: Record<NonNullable<Observation["interest"]>, number> = {
  none: 0,
  little: 1,
  liked: 2,
  again: 3,
};

function interestWeeks(notes: readonly Observation[]): InterestWeek[] {
  const byWeek = new Map<PlainDate, number[]>();
  for (const { on, interest } of notes) if (interest) pushTo(byWeek, weekOf(on), INTEREST_STEPS[interest]);
  return [...byWeek].map(([week, steps]) => ({
    week,
    notes: steps.length,
    mean: steps.reduce((sum, one) => sum + one, 0) / steps.length,
  }));
}

function bodySigns(notes: readonly Observation[]): Hands["body"] {
  const seen = new Map<Sign, PlainDate[]>();
  for (const { on, signs } of notes) for (const sign of signs) if (isBodySign(sign)) pushTo(seen, sign, on);
  return [...seen].map(([sign, days]) => ({
    sign,
    times: days.length,
    first: elementAt(days, 0),
    last: elementAt(days, days.length - 1),
  }));
}

/** Grasps with the piece that was held, by the rung's own things. */
function heldIn(catalogue: Catalogue, notes: readonly Observation[]): Hands["held"] {
  const materials = new Map(catalogue.materials.map((one) => [one.id, one]));
  return notes.flatMap(({ on, grasp, activity, rung }) => {
    if (!grasp) return [];
    const what = activityOf(catalogue, activity)?.rungs.find((one) => one.id === rung);
    const pieceMm = what && smallestPieceMm(what, (need) => materials.get(need.material));
    return [{ on, grasp, ...(pieceMm === undefined ? {} : { pieceMm }) }];
  });
}

/** What was done by area and week, what was climbed, how it was held, and what has been missing; up to a day. */
export function recentActivity(
  catalogue: Catalogue,
  tables: Pick<Tables, "observations">,
  child: ChildId,
  on: PlainDate,
  weeks: number,
): Lately {
  const first = addDays(weekOf(on), -DAYS_OF_A_WEEK * (weeks - 1));
  const all = inOrderOfDays(tables.observations.filter((one) => one.child === child && one.on <= on));
  const recent = all.filter((one) => one.on >= first);
  const cells = new Map<string, AreaWeek>();
  for (const note of recent) {
    const area = activityOf(catalogue, note.activity)?.area;
    if (!area) continue;
    const week = weekOf(note.on);
    const key = `${area} ${week}`;
    const cell = cells.get(key) ?? { area, week, minutes: 0, notes: 0 };
    cells.set(key, { ...cell, minutes: cell.minutes + (note.minutes ?? 0), notes: cell.notes + 1 });
  }
  const done = new Set<string>();
  const climbed: Climbed[] = [];
  for (const note of all) {
    const key = `${note.activity} ${note.rung}`;
    if (note.help !== "alone" || done.has(key)) continue;
    done.add(key);
    const activity = activityOf(catalogue, note.activity);
    const rung = activity?.rungs.find((one) => one.id === note.rung);
    if (activity && rung && note.on >= first) climbed.push({ activity, rung, on: note.on });
  }
  const areas = [...cells.values()];
  return {
    weeks: Array.from({ length: weeks }, (_, i) => addDays(first, DAYS_OF_A_WEEK * i)),
    areas,
    climbed: climbed.reverse(),
    missing: AREA_IDS.filter((area) => !areas.some((one) => one.area === area)),
    hands: {
      grasps: tally(recent.map((one) => one.grasp)),
      sides: tally(recent.map((one) => one.hand)),
      body: bodySigns(recent),
      held: heldIn(catalogue, recent),
    },
    interest: interestWeeks(recent),
    notes: recent.length,
    minutes: recent.reduce((sum, one) => sum + (one.minutes ?? 0), 0),
  };
}
