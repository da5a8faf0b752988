import type { Issue } from "../../core/model";

/** The path of a field as faults name it: `["others", 0, "name"]` is `others[0].name`. */
export const pathOf = (name: string | readonly (string | number)[]): string =>
  typeof name === "string"
    ? name
    : name.map((step, i) => (typeof step === "number" ? `[${step}]` : i === 0 ? step : `.${step}`)).join("");

/** The values of a form as they are sent: what was emptied is an empty text, as of a field. */
export const plain = (values: object): Record<string, unknown> =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [name, plainValue(value)]));

function plainValue(value: unknown): unknown {
  if (value === undefined || value === null) return "";
  if (Array.isArray(value)) return value.map(plainValue);
  return typeof value === "object" ? plain(value) : value;
}

/** The paths of the fields in a part of a form's values; a list of plain values is one field. */
export function pathsIn(part: unknown, at = ""): string[] {
  if (typeof part !== "object" || part === null) return at === "" ? [] : [at];
  if (Array.isArray(part)) {
    const inside = part.flatMap((one, i) =>
      typeof one === "object" && one !== null ? pathsIn(one, `${at}[${i}]`) : [],
    );
    return [at, ...inside];
  }
  return Object.entries(part).flatMap(([name, one]) => pathsIn(one, at === "" ? name : `${at}.${name}`));
}

/** The first field of a path: `others` of `others[0].name`. */
export const fieldOf = (path: string) => path.split(/[.[]/)[0] ?? path;

/** The faults in some of the fields, or inside them. */
export const issuesOf = (issues: readonly Issue[], fields: readonly string[]) =>
  issues.filter(({ path }) => fields.includes(fieldOf(path)));
