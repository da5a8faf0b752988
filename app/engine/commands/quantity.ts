import { z } from "zod";
import type { HoldingId, MaterialId, SiteId } from "../../core/model";
import type { OrtoDb } from "../store/db";
import { insertRow, inTransaction, updateRow } from "../store/rows";

const MOST = 100_000;

export const quantity = z.coerce
  .number("The quantity is a number, for example 6.")
  .min(0, "The quantity is 0 or more.")
  .max(MOST, "The quantity is at most 100 000.");

/** Sets how much there is of a thing, or changes it from what it is; never below nothing nor above the most. Gives its holding, if there is one. */
export async function setQuantity(
  db: OrtoDb,
  site: SiteId,
  material: MaterialId,
  amount: number | ((now: number) => number),
): Promise<HoldingId | undefined> {
  // In one transaction, so that a thing that is set twice in a hurry is not there twice.
  return inTransaction(db, ["holdings"], async () => {
    const rows = await db.rows("holdings").where("site").equals(site).toArray();
    const living = rows.find((row) => row.material === material && !row.deletedAt);
    const quantity =
      typeof amount === "number" ? amount : Math.min(MOST, Math.max(0, amount(living?.quantity ?? 0)));
    if (living) await updateRow(db, "holdings", living.id, { quantity });
    else if (quantity > 0) return (await insertRow(db, "holdings", { site, material, quantity })).id;
    return living?.id;
  });
}
