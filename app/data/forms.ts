import { z } from "zod";

/** A form field that may be left empty: empty counts as not given, all else has to suit the schema. */
export const mayBeEmpty = <T extends z.ZodType>(schema: T) =>
  z.preprocess((value) => (value === "" ? undefined : value), schema.optional());
