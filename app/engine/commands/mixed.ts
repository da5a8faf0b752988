import { z } from "zod";
import { isCounted, isFromTap, materialIndex, scaledRecipe } from "../../core/materials";
import { addDays, fault, type Holding, HoldingId, ok, PlainDate, type Result } from "../../core/model";
import type { Home } from "../store/home";
import { inTransaction, livingRow, livingRows, updateRow } from "../store/rows";
import { quantity } from "./quantity";

/** The change that mixing made in the cupboard: enough to take it back. */
export const Mixing = z.object({
  holding: HoldingId,
  /** How much of it there was, and until when it kept. */
  quantity,
  useBy: PlainDate.optional(),
  /** What was taken for it. */
  parts: z.array(z.object({ holding: HoldingId, taken: quantity })).max(30),
});
export type Mixing = z.infer<typeof Mixing>;

export const Mix = z.object({ holding: HoldingId, quantity });

const NO_HOLDING = fault("no-holding", "holding", "That is not in the cupboard any more. Reload the page.");

/** Takes what was mixed in out of the same cupboard, as far as it is there in the recipe's measure; gives what was taken. */
async function takeParts({ db, catalogue }: Home, row: Holding, made: number): Promise<Mixing["parts"]> {
  const materials = materialIndex(catalogue);
  const material = materials.get(row.material);
  const rows = (await livingRows(db, "holdings")).filter((one) => one.site === row.site);
  const taken: Mixing["parts"] = [];
  for (const part of (material && scaledRecipe(material, made)?.parts) ?? []) {
    const there = rows.find((one) => one.material === part.material && one.quantity > 0);
    if (!there || !isCounted(part, materials) || isFromTap(part.material)) continue;
    const amount = Math.min(there.quantity, part.quantity);
    await updateRow(db, "holdings", there.id, { quantity: there.quantity - amount });
    taken.push({ holding: there.id, taken: amount });
  }
  return taken;
}

/** Something was mixed: so much more of it is there, it keeps as long as its recipe says, and its parts are used up. */
export async function mix(home: Home, input: z.infer<typeof Mix>): Promise<Result<Mixing>> {
  const { db, catalogue, today } = home;
  return inTransaction(db, ["holdings"], async () => {
    const row = await livingRow(db, "holdings", input.holding);
    const recipe = row && catalogue.materials.find((one) => one.id === row.material)?.recipe;
    if (!row || !recipe) return NO_HOLDING;
    const parts = await takeParts(home, row, input.quantity);
    const isFresh = row.useBy !== undefined && row.useBy >= today;
    await updateRow(db, "holdings", row.id, {
      quantity: isFresh ? row.quantity + input.quantity : input.quantity,
      useBy: addDays(today, recipe.keepsDays),
    });
    return ok({
      holding: row.id,
      quantity: row.quantity,
      ...(row.useBy ? { useBy: row.useBy } : {}),
      parts,
    });
  });
}

/** Takes it back: what was there of it before is there again, and so is what was mixed in. */
export async function unmix(
  { db }: Home,
  { holding, quantity: before, useBy, parts }: Mixing,
): Promise<Result<null>> {
  return inTransaction(db, ["holdings"], async () => {
    if (!(await livingRow(db, "holdings", holding))) return NO_HOLDING;
    await updateRow(db, "holdings", holding, { quantity: before, useBy });
    for (const { holding: id, taken } of parts) {
      const part = await livingRow(db, "holdings", id);
      if (part) await updateRow(db, "holdings", id, { quantity: part.quantity + taken });
    }
    return ok(null);
  });
}
