import { z } from "zod";
import { MaterialId } from "./id";

/** How a value of a printed sheet follows from the tray that the sheet is for. */
export const TakenValue = z.strictObject({
  /**
   * The number of the printed thing on the tray; the width in mm of the first thing of `of` that lies there; the child's
   * name; the set of pictures nearest to what the child loves; or three first sounds, the child's own among them.
   */
  take: z.enum(["quantity", "width", "name", "loved", "sounds"]),
  of: z.array(MaterialId).max(40, "at most 40 things").default([]),
  /** One value comes from so many of a quantity: a pair from two cards. */
  each: z.number().positive().max(100, "at most 100").default(1),
  /** Bounds of a number, and the number where no thing of `of` lies on the tray. */
  least: z.number().max(1000, "at most 1000").optional(),
  most: z.number().max(1000, "at most 1000").optional(),
  usual: z.number().max(1000, "at most 1000").optional(),
});
export type TakenValue = z.infer<typeof TakenValue>;

/** One sheet to print: its kind, and the values of its fields as they stand or as they follow from the tray. */
export const SheetRequest = z.strictObject({
  kind: z.string().min(1).max(60, "at most 60 characters"),
  values: z.record(z.string(), z.union([z.number(), z.string(), TakenValue])).default({}),
});
export type SheetRequest = z.infer<typeof SheetRequest>;

/** A thing that is made by printing. */
export const PrintedThing = z.strictObject({
  material: MaterialId,
  /** The kinds of sheets that make it, with the values that tell such a sheet from one that makes something else. */
  madeBy: z.array(SheetRequest).min(1, "one at least"),
  /** The sheets that are printed for it, by the activities or rungs that they are for: the first that fits, or none. */
  sheets: z.array(
    z.strictObject({
      /** "activity" or "activity/rung"; absent for all others. */
      for: z.array(z.string().min(1)).optional(),
      print: z.array(SheetRequest),
    }),
  ),
});
export type PrintedThing = z.infer<typeof PrintedThing>;

/** The printing for trays: the sheets that rungs ask for by name, and the things that are made by printing. */
export const Printing = z.strictObject({
  named: z.record(z.string(), z.array(SheetRequest)),
  things: z.array(PrintedThing),
});
export type Printing = z.infer<typeof Printing>;

export const NOTHING_PRINTED: Printing = { named: {}, things: [] };
