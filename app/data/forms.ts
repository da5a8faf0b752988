import { z } from "zod";

/** A form field that may be left empty: empty counts as not given, all else has to suit the schema. */
export const mayBeEmpty = <T extends z.ZodType>(schema: T) =>
  z.preprocess((value) => (value === "" ? undefined : value), schema.optional());

/** A list that a form sends as JSON in one field; nothing sent is an empty list. At most 20. */
export const jsonList = <T extends z.ZodType>(of: T) =>
  z.preprocess(
    (value) => {
      if (typeof value !== "string" || value === "") return [];
      try {
        return JSON.parse(value);
      } catch {
        return value;
      }
    },
    z.array(of).max(20, "At most 20."),
  );
