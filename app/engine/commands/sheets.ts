import { z } from "zod";
import { fault, Id, MadeSheet, ok, type Result } from "../../core/model";
import { sheetKey, thingOfSheet } from "../../core/print";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../store/rows";
import { setQuantity } from "./cupboard";
import { mayBeEmpty } from "./fields";

/** A sheet that was made is kept, with where, and its pieces go into the cupboard; or it is to be made again. */
export const SheetInput = z.discriminatedUnion("intent", [
  z.object({
    intent: z.literal("made"),
    kind: MadeSheet.shape.kind,
    values: MadeSheet.shape.values,
    where: MadeSheet.shape.where,
    /** So many pieces of the thing that it makes go into the cupboard. */
    intoCupboard: mayBeEmpty(z.coerce.number().int().min(1).max(1000)),
  }),
  z.object({ intent: z.literal("make-again"), id: Id }),
]);
export type SheetInput = z.infer<typeof SheetInput>;

/** Says of a sheet that it is made and where it is kept, or that it is to be made again; in one transaction. */
export async function changeSheets(
  { db, today, site, catalogue }: Home,
  input: SheetInput,
): Promise<Result<null>> {
  return inTransaction(db, ["madeSheets", "holdings"], async () => {
    if (input.intent === "make-again") {
      const row = await livingRow(db, "madeSheets", input.id);
      if (!row) return fault("no-row", "id", "That sheet is not among those made any more. Reload the page.");
      await softDelete(db, "madeSheets", row.id);
      return ok(null);
    }
    const { kind, values, where, intoCupboard } = input;
    const thing = thingOfSheet({ kind, values }, catalogue.printing);
    if (intoCupboard !== undefined && thing !== undefined) {
      const holding = await setQuantity(db, site.id, thing, (now) => now + intoCupboard);
      if (holding && where) await updateRow(db, "holdings", holding, { where: where.slice(0, 60) });
    }
    const known = (await livingRows(db, "madeSheets")).find(
      (one) => sheetKey(one) === sheetKey({ kind, values }),
    );
    if (known) await updateRow(db, "madeSheets", known.id, { where });
    else await insertRow(db, "madeSheets", { kind, values, where, madeOn: today });
    return ok(null);
  });
}
