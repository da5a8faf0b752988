import { type Share, takenFrom } from "../../core/prep";
import type { OrtoDb } from "../store/db";
import { updateRow } from "../store/rows";

/** Takes from the cupboard as much as is there, within a transaction over the holdings; gives what was taken. */
export async function takeFromCupboard(db: OrtoDb, wanted: readonly Share[]): Promise<Share[]> {
  const took: Share[] = [];
  for (const { holding, quantity: asked } of wanted) {
    const row = await db.rows("holdings").get(holding);
    const quantity = row ? takenFrom(row.quantity, asked) : 0;
    if (!row || quantity <= 0) continue;
    await updateRow(db, "holdings", holding, { quantity: row.quantity - quantity });
    took.push({ holding, quantity });
  }
  return took;
}

/** Gives back what was taken; what else has changed in the cupboard meanwhile stays. */
export async function giveToCupboard(db: OrtoDb, took: readonly Share[]): Promise<void> {
  for (const { holding, quantity } of took) {
    if (quantity > 0)
      await updateRow(db, "holdings", holding, (row) => ({ quantity: row.quantity + quantity }));
  }
}
