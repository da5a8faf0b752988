import type { RouterContextProvider } from "react-router";
import type { z } from "zod";
import { fault, type Issue, parseJson, parseWith, type Result } from "../core/model";

/** What an action is given. */
export interface ActionArgs {
  request: Request;
  context: Readonly<RouterContextProvider>;
}

/**
 * What a page sent, by the schema of its route: JSON, and nothing that is nested without end. To be called before anything
 * is waited for: a tap that follows at once ends the request, and then its body can't be read any more.
 */
export async function inputOf<T extends z.ZodType>(
  request: Request,
  schema: T,
): Promise<Result<z.output<T>>> {
  const read = parseJson(await request.text());
  if (!read.ok) return fault("unreadable", "", "What was sent could not be read. Reload the page.");
  return parseWith(schema, read.value);
}

/** The faults of a result; none where it is well. */
export const issuesIn = (result: Result<unknown>): Issue[] => (result.ok ? [] : result.issues);
