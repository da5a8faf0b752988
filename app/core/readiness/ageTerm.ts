import { type AgeWindow, daysBetween, type PlainDate, plainDate } from "../model";
import { Z90 } from "./normal";

/**
 * Outside of its window a further step of age counts so much of one inside: a window tells little of the one child in ten
 * who is earlier or later, and more are much earlier or later than a normal distribution has it. Our judgement.
 */
const OUTSIDE = 0.7;

/**
 * (ln age − ln median) / σ, with σ from the window's 10th and 90th percentile: log-normal within these, with heavier tails
 * outside.
 */
export function ageTermOf(window: AgeWindow, months: number): number {
  const sigma = (Math.log(window.p90) - Math.log(window.p10)) / (2 * Z90);
  const steps = (age: number) => (Math.log(age) - Math.log(window.median)) / sigma;
  const age = Math.max(0.25, months);
  const inside = Math.min(window.p90, Math.max(window.p10, age));
  return steps(inside) + OUTSIDE * (steps(age) - steps(inside));
}

const EPOCH = plainDate("2000-01-01");
/** Days since the beginning of 2000. */
export const dayNumber = (date: PlainDate) => daysBetween(EPOCH, date);
