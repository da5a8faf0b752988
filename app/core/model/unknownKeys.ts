import { type Issue, pathText } from "./issue";

const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * Keys of an input that its schema did not take over: misspelt, or from somewhere else. A file that says `mouth` where
 * `mouths` is meant would otherwise lose it in silence. `parsed` is what the schema made of `input`.
 */
export function unknownKeys(input: unknown, parsed: unknown, path: readonly PropertyKey[] = []): Issue[] {
  if (Array.isArray(input) && Array.isArray(parsed)) {
    return input.flatMap((one, i) => unknownKeys(one, parsed[i], [...path, i]));
  }
  if (!isPlain(input) || !isPlain(parsed)) return [];
  return Object.entries(input).flatMap(([key, value]): Issue[] => {
    if (value === undefined) return [];
    if (!(key in parsed)) {
      return [
        {
          code: "unknown-key",
          path: pathText([...path, key]),
          message: `"${key}" is not known here, and nothing is dropped in silence. Check its spelling, or leave it out.`,
        },
      ];
    }
    return unknownKeys(value, parsed[key], [...path, key]);
  });
}
