import { z } from "zod";
import { fault, Id, MadeSheet, ok, type Result } from "../../core/model";
import { sheetKey, thingOfSheet } from "../../core/print";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../store/rows";
import { command } from "./command";
import { mayBeEmpty } from "./fields";
import { setQuantity } from "./quantity";

/** A sheet that was made, with where it is kept. */
const Made = z.object({
  kind: MadeSheet.shape.kind,
  values: MadeSheet.shape.values,
  where: MadeSheet.shape.where,
  /** So many pieces of the thing that it makes go into the cupboard. */
  intoCupboard: mayBeEmpty(z.coerce.number().int().min(1).max(1000)),
});

/** Keeps a sheet as made; its pieces go into the cupboard, in one transaction. */
async function keep(
  { db, today, site, catalogue }: Home,
  { kind, values, where, intoCupboard }: z.infer<typeof Made>,
): Promise<Result<null>> {
  return inTransaction(db, ["madeSheets", "holdings"], async () => {
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

/** The sheet is to be made again. */
async function drop({ db }: Home, id: string): Promise<Result<null>> {
  if (!(await livingRow(db, "madeSheets", id))) {
    return fault("no-row", "id", "That sheet is not among those made any more. Reload the page.");
  }
  await softDelete(db, "madeSheets", id);
  return ok(null);
}

/** Sheets that were printed and made. */
export const sheets = {
  keep: command(Made, keep),
  drop: command(z.object({ id: Id }), (home, { id }) => drop(home, id)),
};
