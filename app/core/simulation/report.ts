import type { Band } from "../planner";
import { WITHIN_REACH } from "../readiness";
import { POLICIES, type Policy, type Run, type TrayWeek } from "./simulate";

/** The first weeks are for getting to know the child. */
export const LEARNING_WEEKS = 4;
/** The worst so many of the children are looked at by themselves. */
const WORST_SHARE = 0.1;

export interface PolicyFigures {
  policy: Policy;
  /** Shares of the tray-weeks meant to be within reach, after the first weeks. */
  within: number;
  tooEasy: number;
  tooHard: number;
  /** The mean share within reach of the worst tenth of the children. */
  worstTenth: number;
  distinctActivities: number;
  areasPerWeek: number;
}

export interface Calibration {
  brier: number;
  /** Mean distance of predicted and seen, over tenths of prediction, weighted by their tries. */
  error: number;
  bins: { from: number; tries: number; predicted: number; seen: number }[];
}

export interface MeantFigures {
  meant: Band;
  trays: number;
  meanTruth: number;
}

const mean = (numbers: readonly number[]): number =>
  numbers.length === 0 ? 0 : numbers.reduce((sum, one) => sum + one, 0) / numbers.length;

const isWithin = ({ truth }: TrayWeek) => truth >= WITHIN_REACH.from && truth <= WITHIN_REACH.to;

const counted = (run: Run): TrayWeek[] =>
  run.trays.filter((tray) => tray.meant === "reach" && tray.week >= LEARNING_WEEKS);

function figuresOf(policy: Policy, runs: readonly Run[]): PolicyFigures {
  const all = runs.flatMap(counted);
  const share = (is: (tray: TrayWeek) => boolean) => all.filter(is).length / Math.max(1, all.length);
  const byChild = runs
    .map((run) => mean(counted(run).map((tray) => Number(isWithin(tray)))))
    .sort((a, b) => a - b);
  const weeks = new Set(runs.flatMap((run) => run.trays.map((tray) => tray.week)));
  return {
    policy,
    within: share(isWithin),
    tooEasy: share((tray) => tray.truth > WITHIN_REACH.to),
    tooHard: share((tray) => tray.truth < WITHIN_REACH.from),
    worstTenth: mean(byChild.slice(0, Math.max(1, Math.round(byChild.length * WORST_SHARE)))),
    distinctActivities: mean(runs.map((run) => new Set(run.trays.map((tray) => tray.activity)).size)),
    areasPerWeek: mean(
      runs.flatMap((run) =>
        [...weeks].map(
          (week) => new Set(run.trays.filter((tray) => tray.week === week).map((tray) => tray.area)).size,
        ),
      ),
    ),
  };
}

/** How well predicted chances agree with what was seen. */
export function calibrationOf(runs: readonly Run[]): Calibration {
  const tries = runs.flatMap((run) =>
    run.trays.flatMap((tray) =>
      tray.predicted === undefined
        ? []
        : tray.alone.map((alone) => ({ p: tray.predicted ?? 0, alone: Number(alone) })),
    ),
  );
  const bins = Array.from({ length: 10 }, (_, i) => {
    const here = tries.filter(({ p }) => Math.min(9, Math.floor(p * 10)) === i);
    return {
      from: i / 10,
      tries: here.length,
      predicted: mean(here.map(({ p }) => p)),
      seen: mean(here.map(({ alone }) => alone)),
    };
  }).filter((bin) => bin.tries > 0);
  return {
    brier: mean(tries.map(({ p, alone }) => (p - alone) ** 2)),
    error:
      bins.reduce((sum, bin) => sum + bin.tries * Math.abs(bin.predicted - bin.seen), 0) /
      Math.max(1, tries.length),
    bins,
  };
}

export interface Report {
  policies: PolicyFigures[];
  calibration: Calibration;
  /** Orto's trays by what they were meant to be, after the first weeks. */
  meant: MeantFigures[];
}

/** The figures of a simulation: each policy, how well Orto's chances are calibrated, its anchors and stretches. */
export function reportOf(runs: readonly Run[]): Report {
  const of = (policy: Policy) => runs.filter((run) => run.policy === policy);
  const later = of("orto").flatMap((run) => run.trays.filter((tray) => tray.week >= LEARNING_WEEKS));
  return {
    policies: POLICIES.filter((policy) => of(policy).length > 0).map((policy) =>
      figuresOf(policy, of(policy)),
    ),
    calibration: calibrationOf(of("orto")),
    meant: (["anchor", "reach", "stretch"] as const).map((meant) => {
      const trays = later.filter((tray) => tray.meant === meant);
      return { meant, trays: trays.length, meanTruth: mean(trays.map((tray) => tray.truth)) };
    }),
  };
}
