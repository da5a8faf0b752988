import { idFrom, isId } from "./id";

type Stored = Record<string, unknown>;

const isRecord = (value: unknown): value is Stored =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** Fields that hold words or data and no ids. */
const TEXTS: ReadonlySet<string> = new Set([
  ...[
    "name",
    "words",
    "title",
    "label",
    "invitation",
    "cue",
    "where",
    "value",
    "also",
    "interests",
    "allergies",
  ],
  ...[
    "base64",
    "mime",
    "guide",
    "about",
    "look",
    "source",
    "how",
    "why",
    "instead",
    "glyph",
    "family",
    "form",
  ],
  ...["createdAt", "updatedAt", "deletedAt", "line", "ticked"],
]);
/** "also" holds ids in a tray, and other words in a material. */
const holdsIds = (key: string, row: Stored) => !TEXTS.has(key) || (key === "also" && "rotation" in row);

/** Ids of rows, and of what they have of their own: homes, rungs, needs. */
function idsIn(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(idsIn);
  if (!isRecord(value)) return [];
  const own = typeof value.id === "string" ? [value.id] : [];
  return [...own, ...Object.entries(value).flatMap(([key, of]) => (holdsIds(key, value) ? idsIn(of) : []))];
}

/** The new id of each that is not as ids are now. */
function renamed(ids: readonly string[]): Map<string, string> {
  const taken = new Set(ids);
  const names = new Map<string, string>();
  for (const id of taken) {
    if (isId(id)) continue;
    const near = idFrom(id);
    let name = near;
    for (let i = 2; taken.has(name); i++) name = `${near}-${i}`;
    taken.add(name);
    names.set(id, name);
  }
  return names;
}

function withNames(value: unknown, names: ReadonlyMap<string, string>): unknown {
  if (typeof value === "string") return names.get(value) ?? value;
  if (Array.isArray(value)) return value.map((one) => withNames(one, names));
  if (!isRecord(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, of]) => [key, holdsIds(key, value) ? withNames(of, names) : of]),
  );
}

/**
 * Version 5: ids have one grammar. Ids that do not suit it, of packs and own things of earlier days, are written as near
 * to what they were as may be, wherever they are named. The very same tables come back where all of them suit.
 */
export function tablesFrom4(tables: Stored): Stored {
  const names = renamed(idsIn(tables));
  return names.size === 0 ? tables : (withNames(tables, names) as Stored);
}
