import { failed, ok, type Result } from "./issue";

/** So deep may a value be nested. What the app writes itself stays under a dozen. */
export const MOST_DEPTH = 60;

/** Is the value nested deeper than may be? Looks level by level, so that no depth is too much for the looking itself. */
export function isTooDeep(value: unknown, most = MOST_DEPTH): boolean {
  let level: unknown[] = [value];
  for (let depth = 0; depth < most; depth++) {
    level = level.flatMap((one) => (typeof one === "object" && one !== null ? Object.values(one) : []));
    if (level.length === 0) return false;
  }
  return true;
}

/** JSON as a value; a fault where it is none, or is nested too deep to be read safely. */
export function parseJson(text: string): Result<unknown> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return failed({ code: "not-json", path: "", message: (error as Error).message });
  }
  return isTooDeep(value)
    ? failed({ code: "too-deep", path: "", message: `It is nested more than ${MOST_DEPTH} deep.` })
    : ok(value);
}
