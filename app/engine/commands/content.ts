import { z } from "zod";
import { Filling, fault, ok, PieceList, type Result, TrayId } from "../../core/model";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../store/rows";

/** The filling of a tray's frame. */
export const Content = z.object({
  tray: TrayId,
  layer: Filling.shape.layer,
  /** Empty: it has no filling of its own any more. */
  on: z.string().trim().max(40, "At most 40 characters."),
});

/** Pieces of one's own, one a line and one a day; without a line those of the activity again. */
export const Pieces = z.object({
  tray: TrayId,
  pieces: z.string().max(5000, "At most 5000 characters."),
});

const NO_TRAY = fault("no-tray", "tray", "That tray is not out any more.");

/** Keeps the pieces of a child's tray in the place of those that were kept before. */
export async function setPieces(
  { db }: Home,
  { tray: id, pieces }: z.infer<typeof Pieces>,
): Promise<Result<null>> {
  const labels = pieces
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);
  const read = PieceList.shape.labels.safeParse(labels);
  if (labels.length > 0 && !read.success) {
    const [issue] = read.error.issues;
    const line = typeof issue?.path[0] === "number" ? ` (line ${issue.path[0] + 1})` : "";
    return fault("not-possible", "pieces", `The pieces can't be kept: ${issue?.message}${line}.`);
  }
  return inTransaction(db, ["trays", "pieceLists"], async () => {
    const tray = await livingRow(db, "trays", id);
    if (!tray) return NO_TRAY;
    const { child, activity } = tray;
    const known = (await livingRows(db, "pieceLists")).find(
      (row) => row.child === child && row.activity === activity,
    );
    if (known && labels.length === 0) await softDelete(db, "pieceLists", known.id);
    else if (known) await updateRow(db, "pieceLists", known.id, { labels });
    else if (labels.length > 0) await insertRow(db, "pieceLists", { child, activity, labels });
    return ok(null);
  });
}

/** Sets what the frame of a tray holds. */
export async function setContent(
  { db }: Home,
  { tray, layer, on }: z.infer<typeof Content>,
): Promise<Result<null>> {
  const filling = on === "" ? undefined : Filling.parse({ layer, on });
  return (await updateRow(db, "trays", tray, { filling })) ? ok(null) : NO_TRAY;
}
