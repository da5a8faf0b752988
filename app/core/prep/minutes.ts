import { addTo, countOf } from "../collections";
import type { PrepLine, PrepStep } from "./lines";

/** How long a line of one step takes against a line of another. Our judgement: cutting is slow, fetching is not. */
const WEIGHTS: Record<PrepStep, number> = {
  gather: 1,
  mix: 0,
  cut: 4,
  count: 2,
  fill: 1,
  print: 3,
  label: 0.5,
  "lay-out": 2,
  beside: 0.5,
};

export type UntimedLine = Omit<PrepLine, "minutes"> & { minutes?: number };

/**
 * Gives each line its minutes: a tray's are split over its lines by how long such a step usually takes, so that they
 * add up to the tray's again; a line that serves several has a part of each. What has its own (mixing) keeps it.
 */
export function timed(
  lines: readonly UntimedLine[],
  trays: readonly { name: string; minutes: number }[],
): PrepLine[] {
  const weightOf = (name: string) =>
    lines.filter((line) => line.trays.includes(name)).reduce((sum, line) => sum + WEIGHTS[line.step], 0);
  const perWeight = new Map<string, number>();
  for (const { name, minutes } of trays) {
    const weight = weightOf(name);
    if (weight > 0) addTo(perWeight, name, minutes / weight);
  }
  return lines.map((line) => ({
    ...line,
    minutes:
      line.minutes ??
      WEIGHTS[line.step] * line.trays.reduce((sum, name) => sum + countOf(perWeight, name), 0),
  }));
}
