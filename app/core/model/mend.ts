import type { z } from "zod";
import { type Issue, issuesOf } from "./issue";

type Container = Record<PropertyKey, unknown>;

const isContainer = (value: unknown): value is Container => typeof value === "object" && value !== null;

/** Leaves out what a path names: a key of a record, an element of a list. False where there is nothing to leave out. */
export function leaveOut(root: unknown, path: readonly PropertyKey[]): boolean {
  const key = path.at(-1);
  if (key === undefined) return false;
  let at: unknown = root;
  for (const step of path.slice(0, -1)) at = isContainer(at) ? at[step] : undefined;
  if (Array.isArray(at)) {
    if (typeof key !== "number" || key >= at.length) return false;
    at.splice(key, 1);
    return true;
  }
  if (!isContainer(at) || !(key in at)) return false;
  delete at[key];
  return true;
}

/** Each round leaves out something, and what hangs on it may be wrong then as well. */
const MOST_ROUNDS = 8;

/**
 * A stored row as its schema has it, with what does not suit left out, so that its default stands in its place.
 * `issues` are what was wrong with it; `mended` is absent where the rest does not make a row.
 */
export function mend<T extends z.ZodType>(
  schema: T,
  row: unknown,
): { mended?: z.output<T>; issues: Issue[] } {
  const issues: Issue[] = [];
  const so = structuredClone(row);
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const parsed = schema.safeParse(so);
    if (parsed.success) return { mended: parsed.data, issues };
    // What was wrong with a value, and not that it is missing once it is left out.
    const known = new Set(issues.map((one) => one.path));
    issues.push(...issuesOf(parsed.error).filter((one) => !known.has(one.path)));
    // From the end, so that the elements of a list keep their numbers while others go.
    const paths = parsed.error.issues.map((issue) => issue.path).toReversed();
    const gone = paths.map((path) => leaveOut(so, path) || leaveOut(so, path.slice(0, -1)));
    if (!gone.includes(true)) break;
  }
  return { issues };
}

/** Clocks of two devices differ by no more; what is stamped later than that was never written then. */
const AHEAD_MS = 2 * 86_400_000;

const STAMPS = ["createdAt", "updatedAt", "deletedAt"] as const;

/** The last instant that a stamp may bear, seen from now. */
export const latestStamp = (now: string): string => new Date(Date.parse(now) + AHEAD_MS).toISOString();

/** A row whose stamps are none later than they can be: one that is, is taken for written now. */
export function withinTime<T>(row: T, now: string): T {
  if (!isContainer(row)) return row;
  const latest = latestStamp(now);
  const isLate = (stamp: unknown) => typeof stamp === "string" && stamp > latest;
  const late = STAMPS.filter((stamp) => isLate(row[stamp]));
  const timely =
    late.length === 0 ? row : { ...row, ...Object.fromEntries(late.map((stamp) => [stamp, now])) };
  const { fieldStamps } = row;
  if (!isContainer(fieldStamps) || !Object.values(fieldStamps).flat().some(isLate)) return timely;
  const inTime = Object.entries(fieldStamps).map(([field, stamps]) => [
    field,
    Array.isArray(stamps) ? stamps.map((stamp) => (isLate(stamp) ? now : stamp)) : stamps,
  ]);
  return { ...timely, fieldStamps: Object.fromEntries(inTime) };
}
