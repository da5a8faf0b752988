import type { Paper } from "../../core/print";
import type { SheetValuesHere } from "../../engine/queries/openSheet";

/** The search of the address at which a sheet with these fields is opened. */
export function sheetSearch(kind: string, values: Readonly<SheetValuesHere>, paper: Paper): string {
  const search = new URLSearchParams({ kind, paper });
  for (const [name, value] of Object.entries(values)) search.set(name, String(value));
  return search.toString();
}
