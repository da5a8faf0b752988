import { readFileSync } from "node:fs";
import { join } from "node:path";
import { LineCounter, parseDocument } from "yaml";
import type { ZodType } from "zod";
import { ContentFault } from "./short";

export type Row = Record<string, unknown>;

/** A content file as plain data; a slip in it is told with its line. */
export function yamlOf(file: string, folder: string): unknown {
  const lines = new LineCounter();
  const document = parseDocument(readFileSync(join(folder, file), "utf8"), { lineCounter: lines });
  const [error] = document.errors;
  if (error) throw new ContentFault(`${file}:${error.linePos?.[0].line ?? 1}`, error.message);
  return document.toJS();
}

/** A row by its schema, or the fault with the place of it. */
export function parsed<T>(schema: ZodType<T>, value: unknown, at: string): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const [issue] = result.error.issues;
  throw new ContentFault(
    `${at}/${issue?.path.join("/") ?? ""}`,
    issue?.message ?? "does not suit its schema",
  );
}

/** Refuses a word that is not known in a row. */
export function onlyKnown(row: Row, known: string, at: string) {
  const names = known.split(" ");
  const strange = Object.keys(row).find((key) => !names.includes(key));
  if (strange) throw new ContentFault(at, `"${strange}" is not a word that is known here: ${known}`);
}
