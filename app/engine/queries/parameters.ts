import { z } from "zod";

/** The parameters of a query that has none; whatever else stands in an address is not its own. */
export const NoParameters = z.object({});

/** A parameter that an address may hold: anything odd counts as not said. */
export const maybe = <T extends z.ZodType>(schema: T) => schema.optional().catch(undefined);

/** Some words, without the blanks around them; none where there are only blanks. */
export const maybeText = maybe(
  z
    .string()
    .trim()
    .transform((text) => text || undefined),
);

/** A parameter that may stand in an address several times; what is odd among them is left out. */
export const several = <T extends z.ZodType>(schema: T) =>
  z
    .unknown()
    .optional()
    .transform((given): z.output<T>[] =>
      (Array.isArray(given) ? given : [given]).flatMap((one) => {
        const read = schema.safeParse(one);
        return read.success && one !== undefined ? [read.data] : [];
      }),
    );

/** All that stands in an address, each once, for a query whose parameters have names of their own. */
export const AddressParameters = z
  .record(z.string(), z.unknown())
  .transform(
    (given): Readonly<Record<string, string>> =>
      Object.fromEntries(
        Object.entries(given).flatMap(([name, value]) =>
          typeof value === "string" ? [[name, value] as const] : [],
        ),
      ),
  );
