import type { Ended, Help, Interest, Observation, RowOf, TrayId, WatchTap } from "../model";

/** A watch that goes on: when it began and what was tapped when, in milliseconds since 1970. */
export interface Watch {
  began: number;
  taps: { tap: WatchTap; at: number }[];
  /** Seen by the way, if wished. */
  hand?: Observation["hand"];
  grasp?: Observation["grasp"];
  signs?: Observation["signs"];
}

/** The watch that goes on at a tray, if any. */
export const watchOf = (rows: readonly RowOf<"watches">[], tray: TrayId): Watch | undefined =>
  rows.find((row) => row.tray === tray);

/** Taps that end the watch: the clock stands at the last of them. */
const ENDING: ReadonlySet<WatchTap> = new Set(["left", "put-back"]);
const HELP_OF: Partial<Record<WatchTap, Help>> = {
  self: "alone",
  looked: "look",
  word: "word",
  hand: "hand",
};
const MS_PER_MINUTE = 60_000;

export const tapped = (watch: Watch, tap: WatchTap, at: number): Watch => ({
  ...watch,
  taps: [...watch.taps, { tap, at: Math.max(at, watch.began) }],
});

export const withoutLastTap = (watch: Watch): Watch => ({ ...watch, taps: watch.taps.slice(0, -1) });

/** The ending tap, if the last one is such. */
export const endOf = ({ taps }: Watch): number | undefined => {
  const last = taps.at(-1);
  return last && ENDING.has(last.tap) ? last.at : undefined;
};

/** How long it has gone on at a moment, in milliseconds: worked out from what is stored, not counted. */
export const elapsedMs = (watch: Watch, now: number): number =>
  Math.max(0, (endOf(watch) ?? now) - watch.began);

/** What the taps amount to, for the adult to correct. */
export interface Proposed {
  minutes: number;
  repeats: number;
  help?: Help;
  interest: Interest;
  ended: Ended;
  mouthed: boolean;
  hand?: Observation["hand"];
  grasp?: Observation["grasp"];
  signs: Observation["signs"];
}

/** The help that was tapped most often; of equals the greater help, which is the safer guess. */
function usualHelp(watch: Watch): Help | undefined {
  const order: Help[] = ["hand", "word", "look", "alone"];
  const counts = order.map((help) => watch.taps.filter(({ tap }) => HELP_OF[tap] === help).length);
  const most = Math.max(...counts);
  return most === 0 ? undefined : order[counts.indexOf(most)];
}

/** Gone within so long without once more, the interest was little. */
const LITTLE_MINUTES = 1;

function interestIn(minutes: number, repeats: number): Interest {
  if (repeats >= 3) return "again";
  if (repeats >= 1 || minutes >= 3) return "liked";
  return minutes < LITTLE_MINUTES ? "none" : "little";
}

/**
 * The note that a watch amounts to at a moment: minutes to the half minute, how often again, the usual help, the
 * interest by repeats and length, how it ended, and whether something went into the mouth.
 */
export function proposedFrom(watch: Watch, now: number): Proposed {
  const taps = watch.taps.map((one) => one.tap);
  const minutes = Math.round((elapsedMs(watch, now) / MS_PER_MINUTE) * 2) / 2;
  const repeats = taps.filter((tap) => tap === "again").length;
  const upsetAt = taps.lastIndexOf("upset");
  // Upset and then going on is not an upset end.
  const endsUpset = upsetAt >= 0 && taps.slice(upsetAt + 1).every((tap) => tap === "left");
  const help = usualHelp(watch);
  return {
    minutes,
    repeats,
    ...(help ? { help } : {}),
    interest: interestIn(minutes, repeats),
    ended: endsUpset
      ? "upset"
      : taps.includes("put-back")
        ? "finished"
        : taps.includes("left")
          ? "left"
          : "stopped",
    mouthed: taps.includes("mouthed"),
    signs: watch.signs ?? [],
    ...(watch.hand ? { hand: watch.hand } : {}),
    ...(watch.grasp ? { grasp: watch.grasp } : {}),
  };
}
