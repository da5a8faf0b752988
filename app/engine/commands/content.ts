import { z } from "zod";
import { Filling, fault, ok, PieceList, type Result, TrayId } from "../../core/model";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRow, livingRows, softDelete, updateRow } from "../store/rows";

/** What is on the frame of a tray: its filling, and pieces of one's own, one a day. */
export const CONTENT_INPUTS = [
  z.object({
    intent: z.literal("filling"),
    tray: TrayId,
    layer: Filling.shape.layer,
    /** Empty: it has no filling of its own any more. */
    on: z.string().trim().max(40, "At most 40 characters."),
  }),
  /** One piece a line; none: those of the activity again. */
  z.object({
    intent: z.literal("piece-list"),
    tray: TrayId,
    pieces: z.string().max(5000, "At most 5000 characters."),
  }),
] as const;
export type ContentInput = z.infer<(typeof CONTENT_INPUTS)[number]>;

const NO_TRAY = fault("no-tray", "tray", "That tray is not out any more.");

/** Keeps the pieces of a child's tray in the place of those that were kept before. */
async function keepPieces(
  home: Home,
  { tray: id, pieces }: Extract<ContentInput, { intent: "piece-list" }>,
): Promise<Result<null>> {
  const { db } = home;
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

/** Does one change of what is on the frame of a tray. */
export async function changeContent(home: Home, input: ContentInput): Promise<Result<null>> {
  if (input.intent === "piece-list") return keepPieces(home, input);
  const { tray, layer, on } = input;
  const filling = on === "" ? undefined : Filling.parse({ layer, on });
  return (await updateRow(home.db, "trays", tray, { filling })) ? ok(null) : NO_TRAY;
}
