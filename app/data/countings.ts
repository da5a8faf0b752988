import type { PlainDate, RowOf } from "../core/model";
import { type Counting, countState } from "../core/safety";
import { storeRow } from "./rows";

const idOf = (tray: string) => `counted-${tray}`;

export const countingsOf = (rows: readonly RowOf<"countings">[], tray: string): Counting[] =>
  rows.find((row) => row.tray === tray)?.times ?? [];

const change = (tray: string, work: (before: RowOf<"countings">["times"]) => RowOf<"countings">["times"]) =>
  storeRow("countings", idOf(tray), (row) => ({ tray, times: work(row?.times ?? []) }));

/** Notes that an adult-held tray was opened, with so many pieces. While it is open nothing changes. */
export const countOut = (tray: string, on: PlainDate, out: number) =>
  change(tray, (before) => (countState(before).state === "open" ? before : [...before, { on, out }]));

/** Notes how many came back. */
export const countBack = (tray: string, back: number) =>
  change(tray, (before) => {
    const last = before.at(-1);
    return last ? [...before.slice(0, -1), { ...last, back }] : before;
  });

/** The missing pieces were found: all are back. */
export const countFound = (tray: string) =>
  change(tray, (before) => {
    const last = before.at(-1);
    return last ? [...before.slice(0, -1), { ...last, back: last.out }] : before;
  });
