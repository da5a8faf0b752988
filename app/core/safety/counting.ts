import type { Allotment, Material, RowOf, Rung, TrayId } from "../model";

/** Loose pieces on a tray that are counted out and back: everything that is counted in pieces and lies loose. */
export function piecesToCount(
  rung: Rung,
  allotted: readonly Allotment[],
  materials: ReadonlyMap<string, Material>,
): number {
  return allotted.reduce((sum, { need, material, quantity }) => {
    const isLoose = rung.materials.find((one) => one.id === need)?.loose ?? true;
    const of = materials.get(material);
    return isLoose && of?.unit === "piece" && of.piece ? sum + quantity : sum;
  }, 0);
}

/** One time that an adult-held tray was opened: how many pieces went out, and how many came back. */
export interface Counting {
  on: string;
  out: number;
  /** Absent while the tray is open. */
  back?: number;
}

/** The countings of a tray, the oldest first. */
export const countingsOf = (rows: readonly RowOf<"countings">[], tray: TrayId): Counting[] =>
  rows.find((row) => row.tray === tray)?.times ?? [];

export type CountState =
  | { state: "shut" }
  | { state: "open"; on: string; out: number }
  | { state: "missing"; on: string; missing: number };

/** Where a tray stands by its last counting: shut and whole, open, or shut with pieces missing. */
export function countState(countings: readonly Counting[]): CountState {
  const last = countings.at(-1);
  if (!last) return { state: "shut" };
  if (last.back === undefined) return { state: "open", on: last.on, out: last.out };
  return last.back < last.out
    ? { state: "missing", on: last.on, missing: last.out - last.back }
    : { state: "shut" };
}
