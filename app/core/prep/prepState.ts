import type { RotationId, RowOf } from "../model";

/** What has been done for a rotation. */
export type PrepDone = Pick<RowOf<"prepStates">, "ticked" | "before" | "took" | "back" | "kept">;

export const NOTHING_DONE: PrepDone = { ticked: [], back: [], kept: [] };

export const prepStateOf = (rows: readonly RowOf<"prepStates">[], rotation: RotationId): PrepDone =>
  rows.find((row) => row.rotation === rotation) ?? NOTHING_DONE;
