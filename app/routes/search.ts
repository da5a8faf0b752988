import type { z } from "zod";

/** What stands in an address, read by a schema that says for each field what anything odd counts as. */
export function searchOf<T extends z.ZodType>(from: Request | URLSearchParams, schema: T): z.output<T> {
  const search = from instanceof URLSearchParams ? from : new URL(from.url).searchParams;
  const entries = [...new Set(search.keys())].map((key) => {
    const all = search.getAll(key);
    return [key, all.length === 1 ? all[0] : all] as const;
  });
  return schema.parse(Object.fromEntries(entries));
}
