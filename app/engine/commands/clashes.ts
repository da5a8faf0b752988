import { z } from "zod";
import { standsStill } from "../../core/merge";
import { fault, ok, type Result, type Row } from "../../core/model";
import type { Home } from "../store/home";
import { softDelete, undelete, updateRow } from "../store/rows";

export const Clash = z.object({ id: z.string().max(200) });

/**
 * Decides what two devices have said of one row.
 * @param isOther Is the other word taken? Otherwise what stands is left.
 */
export async function decideClash({ db }: Home, id: string, isOther: boolean): Promise<Result<null>> {
  const clash = await db.clashes.get(id);
  if (!clash) return ok(null);
  const { table, row, other } = clash;
  return db.transaction("rw", [db.rows(table), db.clashes], async () => {
    const now = (await db.rows(table).get(row)) as Row | undefined;
    if (isOther) {
      if (!now || !standsStill(clash, now)) {
        return fault("changed", "id", "It was changed meanwhile. Reload the page to see how it is now.");
      }
      if (!("deletedAt" in other)) await updateRow(db, table, row, other);
      else await (other.deletedAt ? softDelete : undelete)(db, table, row);
    }
    await db.clashes.delete(id);
    return ok(null);
  });
}
