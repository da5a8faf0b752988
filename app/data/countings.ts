import { z } from "zod";
import { type Counting, countState } from "../core/safety";
import { database } from "./db";
import { newRow } from "./rows";

const Countings = z
  .array(z.object({ on: z.string(), out: z.number(), back: z.number().optional() }))
  .default([]);

const idOf = (tray: string) => `counted-${tray}`;

export const countingsOf = (settings: readonly { id: string; value?: unknown }[], tray: string): Counting[] =>
  Countings.parse(settings.find((row) => row.id === idOf(tray))?.value);

async function change(tray: string, work: (before: Counting[]) => Counting[]) {
  const rows = database().rows("settings");
  await database().transaction("rw", rows, async () => {
    const row = await rows.get(idOf(tray));
    const value = work(Countings.parse(row?.value)) as { on: string; out: number; back: number }[];
    await rows.put(
      row
        ? { ...row, value, updatedAt: new Date().toISOString() }
        : newRow("settings", { value }, idOf(tray)),
    );
  });
}

/** Notes that an adult-held tray was opened, with so many pieces. While it is open nothing changes. */
export const countOut = (tray: string, on: string, out: number) =>
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
