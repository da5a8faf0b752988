import { type AgeWindow, daysBetween, type PlainDate, plainDate } from "../model";
import { Z90 } from "./normal";

/** (ln age − ln median) / σ, with σ from the window's 10th and 90th percentile (log-normal). */
export function ageTermOf(window: AgeWindow, months: number): number {
  const sigma = (Math.log(window.p90) - Math.log(window.p10)) / (2 * Z90);
  return (Math.log(Math.max(0.25, months)) - Math.log(window.median)) / sigma;
}

const EPOCH = plainDate("2000-01-01");
/** Days since the beginning of 2000. */
export const dayNumber = (date: PlainDate) => daysBetween(EPOCH, date);
