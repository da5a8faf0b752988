import { z } from "zod";
import { ContentLayer } from "./guide";
import { Row } from "./household";
import { ActivityId, ChildId } from "./id";

/** What the frame of a tray is filled with: the number 4, the letter T, autumn. */
export const Filling = z.object({
  layer: ContentLayer,
  on: z.string().trim().min(1, "what it is").max(40, "at most 40 characters"),
});
export type Filling = z.infer<typeof Filling>;

/** Pieces of one's own for an activity, one a day. */
export const PieceList = Row.extend({
  child: ChildId,
  activity: ActivityId,
  labels: z
    .array(z.string().trim().min(1, "a piece has a name").max(80, "at most 80"))
    .min(1, "one piece at least")
    .max(60, "at most 60 pieces"),
});
export type PieceList = z.infer<typeof PieceList>;
