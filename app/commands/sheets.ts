import { z } from "zod";
import { fault, Id, MadeSheet, ok, type Result } from "../core/model";
import { sheetKey } from "../core/print";
import type { Home } from "../data/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../data/rows";

/** A sheet that was made is kept, with where; or is to be made again. */
export const SheetInput = z.discriminatedUnion("intent", [
  z.object({
    intent: z.literal("made"),
    kind: MadeSheet.shape.kind,
    values: MadeSheet.shape.values,
    where: MadeSheet.shape.where,
  }),
  z.object({ intent: z.literal("make-again"), id: Id }),
]);
export type SheetInput = z.infer<typeof SheetInput>;

/** Says of a sheet that it is made and where it is kept, or that it is to be made again; in one transaction. */
export async function changeSheets({ db, today }: Home, input: SheetInput): Promise<Result<null>> {
  return inTransaction(db, ["madeSheets"], async () => {
    if (input.intent === "make-again") {
      const row = await livingRow(db, "madeSheets", input.id);
      if (!row) return fault("no-row", "id", "That sheet is not among those made any more. Reload the page.");
      await softDelete(db, "madeSheets", row.id);
      return ok(null);
    }
    const { kind, values, where } = input;
    const known = (await livingRows(db, "madeSheets")).find(
      (one) => sheetKey(one) === sheetKey({ kind, values }),
    );
    if (known) await updateRow(db, "madeSheets", known.id, { where });
    else await insertRow(db, "madeSheets", { kind, values, where, madeOn: today });
    return ok(null);
  });
}
