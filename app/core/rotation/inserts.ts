import type { Insert, PlainDate, Tables, Tray } from "../model";

/** Where a tray stands with its inserts on a day. */
export interface InsertState {
  /** Today's piece, and whether it was used already. */
  today: { label: string; number: number; used: boolean };
  /** The piece after it. */
  next?: string;
  /** Something was said about it today, which can be taken back. */
  saidToday: boolean;
  /** How many are left, today's among them while it was not used. */
  left: number;
}

/** By the day, then by when it was written. */
const inOrder = (a: Insert, b: Insert) => (`${a.on} ${a.createdAt}` < `${b.on} ${b.createdAt}` ? -1 : 1);

/**
 * One piece a day, in the order of the labels: a piece that was used or skipped is passed, one that is to come again
 * is not, and a day on which the tray was not used passes nothing. Undefined once all are through.
 */
export function insertOn(
  labels: readonly string[],
  rows: readonly Insert[],
  on: PlainDate,
): InsertState | undefined {
  const past = rows.filter((row) => row.on <= on).sort(inOrder);
  let at = 0;
  let usedToday = false;
  for (const row of past) {
    if (row.label !== labels[at]) continue;
    usedToday = row.on === on && row.what === "used";
    // What was used today is still today's piece; tomorrow the next one comes.
    if (row.what !== "again" && !usedToday) at += 1;
  }
  const label = labels[at];
  if (label === undefined) return undefined;
  return {
    today: { label, number: at + 1, used: usedToday },
    next: labels[at + 1],
    saidToday: past.at(-1)?.on === on,
    left: labels.length - at - (usedToday ? 1 : 0),
  };
}

/** What was used of a tray's inserts since it went out; a carried-over tray goes on where it was. */
export const insertRows = (tables: Pick<Tables, "inserts">, tray: Tray): Insert[] =>
  tables.inserts.filter(
    (row) => row.child === tray.child && row.activity === tray.activity && row.on >= tray.outSince,
  );

/** The pieces that the household named for a child's tray. */
export const ownPieces = (
  { pieceLists }: Pick<Tables, "pieceLists">,
  { child, activity }: Pick<Tray, "child" | "activity">,
): readonly string[] =>
  pieceLists.find((row) => row.child === child && row.activity === activity)?.labels ?? [];

/** The pieces of a tray, one a day: the household's own, or those of its guide. */
export function piecesOf(
  tables: Pick<Tables, "pieceLists">,
  tray: Pick<Tray, "child" | "activity">,
  fromGuide: readonly string[] = [],
): readonly string[] {
  const own = ownPieces(tables, tray);
  return own.length > 0 ? own : fromGuide;
}
