const PERCENT = new Intl.NumberFormat(undefined, { style: "percent", maximumFractionDigits: 0 });

/** A share as a whole per cent. */
export const percentText = (share: number): string => PERCENT.format(share);

/** "1 note", "3 notes"; of a word whose plural ends in s. */
export const countText = (count: number, one: string): string => `${count} ${one}${count === 1 ? "" : "s"}`;

/** From so wide an interval on nobody knows; up to so wide a one it is well known. Our judgement. */
const HARDLY_KNOWN_FROM = 0.6;
const WELL_KNOWN_TO = 0.35;

/** How sure a chance is, in words: an interval of "9 to 100 %" says nothing to anybody. */
export function sureText({ low, high }: { low: number; high: number }): string {
  if (high - low >= HARDLY_KNOWN_FROM) return "hardly known yet";
  const between = `between ${percentText(low)} and ${percentText(high)}`;
  return high - low <= WELL_KNOWN_TO ? `well known: ${between}` : `roughly known: ${between}`;
}
