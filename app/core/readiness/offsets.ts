import { DAYS_PER_MONTH } from "../age";
import { cumulative, density } from "./normal";

/** What is believed of one offset: mean and variance, as of a day. Prior: mean 0, variance 1. */
export interface Belief {
  mean: number;
  variance: number;
  /** Day number of the last evidence. */
  day: number;
}

/** One offset and how far it moves a performance: performance = age term − Σ share · offset + day noise. */
export interface Loading {
  key: string;
  share: number;
}

/** All offsets of one child that evidence has touched; others stand at the prior. */
export type Offsets = Map<string, Belief>;

/**
 * Growth of an offset's variance for each month without evidence. Range 0 to 0.1; at 0.02 a
 * well-known offset (variance 0.2) is half forgotten after two years. Children change pace.
 */
export const FORGETTING_PER_MONTH = 0.02;
const PRIOR_VARIANCE = 1;

/** The belief as of a day: the variance grows towards the prior's with time. */
export function beliefOn(offsets: Offsets, key: string, day: number): Belief {
  const known = offsets.get(key);
  if (!known) return { mean: 0, variance: PRIOR_VARIANCE, day };
  const months = Math.max(0, day - known.day) / DAYS_PER_MONTH;
  return {
    mean: known.mean,
    variance: Math.min(PRIOR_VARIANCE, known.variance + FORGETTING_PER_MONTH * months),
    day: Math.max(day, known.day),
  };
}

/** Performance as believed: mean, and variance without the day noise. */
export function performanceOn(offsets: Offsets, loadings: readonly Loading[], ageTerm: number, day: number) {
  let mean = ageTerm;
  let variance = 0;
  for (const { key, share } of loadings) {
    const belief = beliefOn(offsets, key, day);
    mean -= share * belief.mean;
    variance += share * share * belief.variance;
  }
  return { mean, variance };
}

/** Beyond this many standard deviations the tails are cut, so that no ratio of two zeros arises. */
const TAIL = 7;
const cut = (x: number) => Math.min(TAIL, Math.max(-TAIL, x));

/** Mean shift and variance factor of a standard normal variable known to lie in (a, b). */
export function truncated(a: number, b: number): { shift: number; factor: number; mass: number } {
  const [from, to] = [cut(a), cut(b)];
  if (to - from < 1e-9) return { shift: from, factor: 0.05, mass: 1e-13 };
  const mass = Math.max(
    1e-13,
    from > 0 ? cumulative(-from) - cumulative(-to) : cumulative(to) - cumulative(from),
  );
  const [da, db] = [density(from), density(to)];
  const shift = Math.min(to, Math.max(from, (da - db) / mass));
  const factor = 1 + (from * da - to * db) / mass - shift * shift;
  return { shift, factor: Math.min(1, Math.max(0.05, factor)), mass };
}

/**
 * The same where the sight of it says nothing with some chance: a distracted child, a try that was graded wrong. The mean
 * and variance of the mixture of the cut distribution and the whole one; the less expected what was seen, the likelier a
 * lapse.
 */
export function truncatedOrLapse(a: number, b: number, lapse: number): { shift: number; factor: number } {
  const { shift, factor, mass } = truncated(a, b);
  const meant = ((1 - lapse) * mass) / ((1 - lapse) * mass + lapse * LAPSE_GUESS);
  const mean = meant * shift;
  return { shift: mean, factor: Math.min(1, meant * (factor + shift * shift) + 1 - meant - mean * mean) };
}

/** In a lapse any of the five steps of help is as likely as another. */
const LAPSE_GUESS = 0.2;

export interface Evidence {
  loadings: readonly Loading[];
  /** (ln age − ln median) / σ of what was tried. */
  ageTerm: number;
  /** The performance is known to have been in (from, to). */
  from: number;
  to: number;
  /** Variance of one day's noise; divided by the weight of the evidence. */
  noise: number;
  weight: number;
  /** The chance that it says nothing of the performance. */
  lapse: number;
  day: number;
}

/**
 * Takes one piece of evidence into the offsets, in closed form: the belief about the
 * performance, cut to the interval that was seen, is carried back to each offset by its
 * covariance (assumed-density update of a probit model with ordered outcomes and lapses).
 */
export function assumedDensityUpdate(offsets: Offsets, evidence: Evidence): void {
  if (evidence.weight <= 0) return;
  const { loadings, ageTerm, day } = evidence;
  const { mean, variance } = performanceOn(offsets, loadings, ageTerm, day);
  const total = variance + evidence.noise / evidence.weight;
  const sd = Math.sqrt(total);
  const [from, to] = [(evidence.from - mean) / sd, (evidence.to - mean) / sd];
  const { shift, factor } = truncatedOrLapse(from, to, evidence.lapse);
  for (const { key, share } of loadings) {
    const belief = beliefOn(offsets, key, day);
    const pull = share * belief.variance;
    offsets.set(key, {
      mean: belief.mean - (pull / sd) * shift,
      variance: Math.max(0.01, belief.variance - (pull * pull * (1 - factor)) / total),
      day: belief.day,
    });
  }
}
