import { daysBetween, type PlainDate, type Tables } from "../model";

/** From so many notes on, and so many days, that stand in one browser only: our judgement of what would hurt to lose. */
const NOTES = 20;
const DAYS = 30;

/** Notes that are in no backup file yet, and since when. */
export interface Unsaved {
  notes: number;
  since: PlainDate;
}

/**
 * What a lost device would take with it: told where there are many notes since the last backup file and that was long ago, or
 * none was ever saved. `since` is the day of the first of them.
 */
export function backupDue(
  { observations, anecdotes }: Pick<Tables, "observations" | "anecdotes">,
  savedOn: PlainDate | undefined,
  today: PlainDate,
): Unsaved | undefined {
  const days = [...observations, ...anecdotes]
    .filter((one) => savedOn === undefined || one.createdAt.slice(0, 10) > savedOn)
    .map((one) => one.createdAt.slice(0, 10) as PlainDate)
    .sort();
  const [since] = days;
  if (since === undefined || days.length < NOTES) return undefined;
  return daysBetween(savedOn ?? since, today) >= DAYS ? { notes: days.length, since } : undefined;
}
