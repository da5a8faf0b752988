import { z } from "zod";
import { Row } from "./household";
import { PlainDate } from "./plainDate";

/** A sheet that was printed and made, and where it is kept: the same one need not be made again. */
export const MadeSheet = Row.extend({
  /** The kind of sheet, and what its fields stood at. */
  kind: z.string().min(1).max(40, "at most 40 characters"),
  values: z.record(
    z.string().min(1).max(40, "at most 40 characters"),
    z.union([
      z.string().max(80, "at most 80 characters"),
      z.number().min(-100_000, "at least -100 000").max(100_000, "at most 100 000"),
    ]),
  ),
  madeOn: PlainDate,
  /** Where it is kept, in the household's own words; may be empty. */
  where: z.string().trim().max(80, "at most 80 characters").default(""),
});
export type MadeSheet = z.infer<typeof MadeSheet>;
