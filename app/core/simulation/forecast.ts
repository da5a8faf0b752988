import { DAYS_PER_MONTH } from "../age";
import {
  type Activity,
  addDays,
  type Catalogue,
  Child,
  type Help,
  Observation,
  plainDate,
  type Rung,
} from "../model";
import { randomFrom } from "../random";
import { ageTermOf, cumulative, readinessOf } from "../readiness";
import { gradedBy, practisingChild } from "./practising";

const BIRTH = plainDate("2023-01-01");
const ACTIVITIES = 8;
const TRIES_A_WEEK = 2;

/** Who foretells whether a try is done alone. */
export const FORECASTERS = ["orto", "printed ages", "last three tries"] as const;
export type Forecaster = (typeof FORECASTERS)[number];

/** One try, as each foretold it, and whether it was done alone. */
interface Foretold {
  by: Record<Forecaster, number>;
  alone: boolean;
}

/** How well one foretells: the mean log loss (lower is better), and how far the chances are from what happened. */
export interface ForecastScore {
  forecaster: Forecaster;
  logLoss: number;
  calibrationError: number;
}

/** Of the last three tries of a rung so many were done alone, one of each kind added; without any, an even chance. */
function lastThree(helps: readonly Help[]): number {
  const last = helps.slice(-3);
  return (last.filter((one) => one === "alone").length + 1) / (last.length + 2);
}

/** What an adult does by rule of thumb: a step up after three alone, a step down after three not yet. */
function nextIndex(index: number, helps: readonly Help[], most: number): number {
  const last = helps.slice(-3);
  if (last.length < 3) return index;
  if (last.every((one) => one === "alone")) return Math.min(most, index + 1);
  return last.every((one) => one === "not-yet") ? Math.max(0, index - 1) : index;
}

const nearest = ({ rungs }: Activity, months: number): number => {
  const far = rungs.map((rung) => Math.abs(Math.log(rung.window.median / months)));
  return far.indexOf(Math.min(...far));
};

interface Ladder {
  activity: Activity;
  index: number;
  helps: Map<string, Help[]>;
}

const helpsOf = (ladder: Ladder, rung: Rung): Help[] => {
  const known = ladder.helps.get(rung.id) ?? [];
  ladder.helps.set(rung.id, known);
  return known;
};

/** Activities that may be set before a child of that age, drawn by the seed. */
function laddersFor(catalogue: Catalogue, months: number, random: () => number): Ladder[] {
  const fitting = catalogue.activities.filter((one) =>
    one.rungs.some((rung) => rung.window.p10 <= months && months <= rung.window.p90),
  );
  const drawn = fitting
    .map((activity) => ({ activity, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, ACTIVITIES);
  return drawn.map(({ activity }) => ({ activity, index: nearest(activity, months), helps: new Map() }));
}

/** Plays one child for some weeks, and keeps what each forecaster said before every try. */
export function predictions(catalogue: Catalogue, seed: number, weeks: number): Foretold[] {
  const random = randomFrom(seed * 31 + 11);
  const start = 8 + 34 * random();
  const first = addDays(BIRTH, Math.round(start * DAYS_PER_MONTH));
  const stamp = { createdAt: `${first}T00:00:00.000Z`, updatedAt: `${first}T00:00:00.000Z` };
  const child = Child.parse({ ...stamp, id: "c", name: "C", birth: BIRTH });
  const made = practisingChild(seed);
  const ladders = laddersFor(catalogue, start, random);
  const notes: Observation[] = [];
  const all: Foretold[] = [];
  for (let week = 0; week < weeks; week++) {
    for (let i = 0; i < TRIES_A_WEEK; i++) {
      const day = week * 7 + 1 + i * 3;
      const on = addDays(first, day);
      const months = start + day / DAYS_PER_MONTH;
      const ready = readinessOf(catalogue, child, notes, [], on);
      for (const ladder of ladders) {
        const { activity } = ladder;
        const rung = activity.rungs[ladder.index];
        if (!rung) continue;
        const helps = helpsOf(ladder, rung);
        const by = {
          orto: ready.rung(activity, rung).chance,
          "printed ages": cumulative(ageTermOf(rung.window, months)),
          "last three tries": lastThree(helps),
        };
        const help = made.tries(activity, rung, months, day);
        all.push({ by, alone: help === "alone" });
        const graded = gradedBy(random, help);
        helps.push(graded);
        notes.push(
          Observation.parse({
            ...stamp,
            id: `n-${day}-${activity.id}`,
            child: "c",
            activity: activity.id,
            rung: rung.id,
            on,
            help: graded,
          }),
        );
        ladder.index = nextIndex(ladder.index, helps, activity.rungs.length - 1);
      }
    }
  }
  return all;
}

const BINS = 10;
/** No forecast is taken as surer than this, so that one miss does not weigh without end. */
const SUREST = 0.01;

/** The scores of each forecaster over many tries. */
export const scoresOf = (tries: readonly Foretold[]): ForecastScore[] =>
  FORECASTERS.map((forecaster) => {
    const pairs = tries.map(({ by, alone }) => ({
      p: Math.min(1 - SUREST, Math.max(SUREST, by[forecaster])),
      alone: alone ? 1 : 0,
    }));
    const losses = pairs.map(({ p, alone }) => -Math.log(alone ? p : 1 - p));
    const bins = Array.from({ length: BINS }, (_, i) => pairs.filter(({ p }) => Math.floor(p * BINS) === i));
    const off = bins.map((bin) => Math.abs(bin.reduce((sum, { p, alone }) => sum + p - alone, 0)));
    return {
      forecaster,
      logLoss: losses.reduce((sum, one) => sum + one, 0) / losses.length,
      calibrationError: off.reduce((sum, one) => sum + one, 0) / pairs.length,
    };
  });
