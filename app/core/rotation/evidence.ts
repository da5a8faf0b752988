import { type Interest, type Observation, type PlainDate, SIGNS, type Sign } from "../model";

/** What a noted interest counts, from −0.5 to 1. */
export const INTEREST_WORTH: Record<Interest, number> = { again: 1, liked: 0.6, little: 0.1, none: -0.5 };

/** How many of the latest notes are looked at: long enough to outvote one bad day. */
export const LATEST = 4;
/** Noted interest from which an activity counts as loved, on the scale of `INTEREST_WORTH`. */
export const LOVED_FROM = 0.6;

/** What the latest notes on a tray amount to. */
export interface Evidence {
  /** The notes that are counted, newest first: tired and ill days are not. */
  latest: readonly Observation[];
  /** Older ones, newest first. */
  earlier: readonly Observation[];
  alone: number;
  stuck: number;
  little: number;
  /** The last two both ended in tears. */
  upsetTwice: boolean;
  askedAgain: boolean;
  signs: Record<Sign, number>;
  /** Mean noted interest of the latest notes; undefined without. */
  interest?: number;
}

export const meanInterest = (notes: readonly Observation[]): number | undefined => {
  const noted = notes.flatMap((one) => (one.interest ? [INTEREST_WORTH[one.interest]] : []));
  return noted.length === 0 ? undefined : noted.reduce((a, b) => a + b, 0) / noted.length;
};

/** Newest first: by day, then by when it was written. */
const newestFirst = (a: Observation, b: Observation) =>
  `${a.on} ${a.createdAt}` < `${b.on} ${b.createdAt}` ? 1 : -1;

export function evidenceOf(observations: readonly Observation[], on: PlainDate): Evidence {
  const usual = observations.filter((seen) => seen.condition === "usual" && seen.on <= on).sort(newestFirst);
  const latest = usual.slice(0, LATEST);
  const count = (is: (seen: Observation) => boolean) => latest.filter(is).length;
  return {
    latest,
    earlier: usual.slice(LATEST),
    alone: count((seen) => seen.help === "alone"),
    stuck: count((seen) => seen.help === "hand" || seen.help === "not-yet"),
    little: count((seen) => seen.interest === "none" || seen.interest === "little"),
    upsetTwice: latest.length >= 2 && latest.slice(0, 2).every((seen) => seen.ended === "upset"),
    askedAgain: latest[0]?.interest === "again",
    signs: Object.fromEntries(
      SIGNS.map((sign) => [sign, count((seen) => seen.signs.includes(sign))]),
    ) as Record<Sign, number>,
    interest: meanInterest(latest),
  };
}
