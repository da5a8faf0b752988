import { type Share, takenFrom } from "../core/prep";
import { database } from "./db";
import { changeRow } from "./rows";

/** Takes from the cupboard as much as is there, within a transaction over the holdings; gives what was taken. */
export async function takeFromCupboard(wanted: readonly Share[]): Promise<Share[]> {
  const took: Share[] = [];
  for (const { holding, quantity: asked } of wanted) {
    const there = (await database().rows("holdings").get(holding))?.quantity ?? 0;
    const quantity = takenFrom(there, asked);
    if (quantity <= 0) continue;
    await changeRow("holdings", holding, { quantity: there - quantity });
    took.push({ holding, quantity });
  }
  return took;
}

/** Gives back what was taken; what else has changed in the cupboard meanwhile stays. */
export async function giveToCupboard(took: readonly Share[]): Promise<void> {
  for (const { holding, quantity } of took) {
    if (quantity > 0) await changeRow("holdings", holding, (row) => ({ quantity: row.quantity + quantity }));
  }
}
