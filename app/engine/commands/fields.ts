import { z } from "zod";

/** A field that may be left empty: empty counts as not given, all else has to suit the schema. */
export const mayBeEmpty = <T extends z.ZodType>(schema: T) =>
  z.preprocess((value) => (value === "" || value === null ? undefined : value), schema.optional());

/** A list of at most 20; nothing sent is an empty list, and one thing a list of one. */
export const listOf = <T extends z.ZodType>(of: T, most = 20) =>
  z.preprocess(
    (value) => {
      if (value === undefined || value === "") return [];
      return Array.isArray(value) ? value : [value];
    },
    z.array(of).max(most, `At most ${most}.`),
  );

/** A tick: sent where it is set. */
export const ticked = z.preprocess(
  (value) => value === true || value === "on" || value === "yes",
  z.boolean(),
);
