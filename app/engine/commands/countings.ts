import type { PlainDate, RowOf, TrayId } from "../../core/model";
import { countState } from "../../core/safety";
import type { OrtoDb } from "../store/db";
import { upsert } from "../store/rows";

type Times = RowOf<"countings">["times"];

const change = (db: OrtoDb, tray: TrayId, work: (before: Times) => Times) =>
  upsert(db, "countings", `counted-${tray}`, (row) => ({ tray, times: work(row?.times ?? []) }));

/** Notes that an adult-held tray was opened, with so many pieces. While it is open nothing changes. */
export const countOut = (db: OrtoDb, tray: TrayId, on: PlainDate, out: number) =>
  change(db, tray, (before) => (countState(before).state === "open" ? before : [...before, { on, out }]));

/** Notes how many came back. */
export const countBack = (db: OrtoDb, tray: TrayId, back: number) =>
  change(db, tray, (before) => {
    const last = before.at(-1);
    return last ? [...before.slice(0, -1), { ...last, back }] : before;
  });

/** The missing pieces were found: all are back. */
export const countFound = (db: OrtoDb, tray: TrayId) =>
  change(db, tray, (before) => {
    const last = before.at(-1);
    return last ? [...before.slice(0, -1), { ...last, back: last.out }] : before;
  });
