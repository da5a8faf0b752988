import { type Clash, standsStill } from "../../core/merge";
import type { Row } from "../../core/model";
import type { OrtoDb } from "./db";
import type { OpenClash } from "./stored";

/** Keeps what is to be decided; an earlier question about the same row gives way. */
export const keepClashes = async (db: OrtoDb, clashes: readonly Clash[], at: string): Promise<void> => {
  const rows = clashes.map(
    ({ now: _, ...one }): OpenClash => ({ ...one, id: `${one.table} ${one.row}`, at }),
  );
  await db.clashes.bulkPut(rows);
};

/** What is still to be decided, with each row as it is now: not where it was changed since. */
export async function openClashes(db: OrtoDb): Promise<(OpenClash & { now: Row })[]> {
  return db.transaction("r", db.tables, async () => {
    const found = await Promise.all(
      (await db.clashes.toArray()).map(async (clash) => {
        const now = (await db.rows(clash.table).get(clash.row)) as Row | undefined;
        return now && standsStill(clash, now) ? [{ ...clash, now }] : [];
      }),
    );
    return found.flat();
  });
}
