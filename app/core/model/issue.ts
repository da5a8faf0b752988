import type { z } from "zod";
import "./plainFaults";

/** Something wrong with an input: what (`code`, `message` with the remedy) and where (`path`). */
export interface Issue {
  code: string;
  path: string;
  message: string;
}

export type Result<T> = { ok: true; value: T } | { ok: false; issues: Issue[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const failed = (...issues: Issue[]): Result<never> => ({ ok: false, issues });

/** One fault as a result: what is wrong, where in the input, and what to do. */
export const fault = (code: string, path: string, message: string): Result<never> =>
  failed({ code, path, message });

/** `["trays", 3, "rung"]` → `trays[3].rung`. */
export const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) =>
      typeof key === "number" ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    "",
  );

/** Zod's issues as issues, one each. */
export const issuesOf = (error: z.ZodError): Issue[] =>
  error.issues.map((issue) => ({ code: issue.code, path: pathText(issue.path), message: issue.message }));

/** Parses unknown input into `schema`'s type; faults come back as values. */
export function parseWith<T extends z.ZodType>(schema: T, input: unknown): Result<z.output<T>> {
  const parsed = schema.safeParse(input);
  return parsed.success ? ok(parsed.data) : { ok: false, issues: issuesOf(parsed.error) };
}
