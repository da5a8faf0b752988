import type { PlainDate } from "./plainDate";

/** Which of two texts comes first, by their code units: for dates, instants and ids. */
export const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/**
 * Rows about days, oldest first: by day, then by when they were written, then by id, so that nothing hangs on the
 * order of rows in a file. Quick on rows that are nearly in order, as years of notes are.
 */
export const inOrderOfDays = <T extends { on: PlainDate; createdAt: string; id: string }>(
  rows: readonly T[],
): T[] =>
  [...rows].sort((a, b) => compare(a.on, b.on) || compare(a.createdAt, b.createdAt) || compare(a.id, b.id));
