import { compare, type Row, type TableName } from "../model";
import { canonical } from "../text";

/**
 * A row as last-writer-wins registers: what is changed together is one, and each knows the instants at which it was changed, the
 * latest first. What the row says of them in `fieldStamps` is what is otherwise than its base: the instants of the row as such.
 */
export interface Register {
  stamps: readonly string[];
  value: unknown;
}

/** Fields that say something only together: where one of them is changed, all of them are. The first names the register. */
const TOGETHER: Partial<Record<TableName, readonly (readonly string[])[]>> = {
  children: [["birth", "due"]],
  places: [["heightCm", "board", "outOfReachOf", "because", "reachedBy", "saidOn"]],
  holdings: [["material", "measured"]],
  trays: [
    ["activity", "rung", "state", "allotted", "filling"],
    ["place", "when"],
  ],
  observations: [["activity", "rung", "tray", "filling"]],
  inserts: [["label", "what", "took", "observation"]],
  decisions: [["move", "toRung", "toChild", "until"]],
  wishes: [["kind", "until", "from", "place"]],
  prepStates: [["before", "took", "back", "kept"]],
};

/** Lists of words or ids of which each element is changed by itself: what one device adds, the other does not take away. */
const SETS: Partial<Record<TableName, readonly string[]>> = {
  children: ["interests", "allergies"],
  prepStates: ["ticked"],
};

/** Rows whose parts name each other: only the whole of one device makes sense. */
const WHOLE: ReadonlySet<TableName> = new Set([
  "ownSkills",
  "ownMaterials",
  "ownActivities",
  "ownThemes",
  "sittings",
  "photos",
]);

/** The name of the register that is the row as such. */
export const BASE = "*";
/** The name of the register that says whether the row was deleted. */
export const DELETED = "deletedAt";
const OF_THE_ROW: ReadonlySet<string> = new Set(["id", "createdAt", "updatedAt", DELETED, "fieldStamps"]);

/** So many instants of a register are kept: enough to tell an older state from another one. */
const MOST_STAMPS = 5;

type Fields = Record<string, unknown>;
/** A row as its fields by their names, whichever table it is of. */
export const fieldsOf = (row: Row): Fields => row as Row & Fields;

const latest = (...stamps: (readonly string[])[]): string[] =>
  [...new Set(stamps.flat())].sort((a, b) => compare(b, a)).slice(0, MOST_STAMPS);

/** The instants of a row as such. One of an older program has only its last: all of it may have been changed then. */
export function baseOf(row: Row): readonly string[] {
  if (row.fieldStamps) return row.fieldStamps[BASE] ?? [row.createdAt];
  return latest([row.updatedAt], [row.createdAt]);
}

/** The register in which a field is. */
export function registerOf(table: TableName, field: string): string {
  if (WHOLE.has(table)) return BASE;
  return TOGETHER[table]?.find((fields) => fields.includes(field))?.[0] ?? field;
}

const elementKey = (field: string, element: string): string => `${field}:${element}`;

/** What a field that is a set holds: its words. */
function elementsOf(row: Fields, field: string): string[] {
  const words = row[field];
  return Array.isArray(words) ? words : [];
}

/** The names of the registers of either row, and which fields or element each is of. */
function registerNames(table: TableName, rows: readonly Row[]): Map<string, string[]> {
  const names = new Map<string, string[]>();
  for (const row of rows) {
    for (const field of Object.keys(row)) {
      if (OF_THE_ROW.has(field)) continue;
      if (isElement(table, [field])) {
        for (const one of elementsOf(fieldsOf(row), field)) names.set(elementKey(field, one), [field]);
        continue;
      }
      const name = registerOf(table, field);
      const fields = names.get(name) ?? [];
      if (!fields.includes(field)) names.set(name, [...fields, field]);
    }
    for (const name of Object.keys(row.fieldStamps ?? {})) {
      if (name !== BASE && name !== DELETED && !names.has(name))
        names.set(name, [name.split(":", 1)[0] ?? name]);
    }
  }
  return names;
}

/** Is it a register of one element of a set? */
export const isElement = (table: TableName, fields: readonly string[]): boolean =>
  SETS[table]?.includes(fields[0] ?? "") ?? false;

function saidIn(table: TableName, row: Row, name: string, fields: readonly string[]): unknown {
  const of = fieldsOf(row);
  const [field = ""] = fields;
  if (isElement(table, fields)) return elementsOf(of, field).includes(name.slice(field.length + 1));
  return Object.fromEntries(fields.toSorted().map((one) => [one, of[one]]));
}

const stampsOf = (row: Row, name: string): string[] => latest(row.fieldStamps?.[name] ?? [], baseOf(row));

/** The registers of two rows of one id, side by side. */
export function registersOf(
  table: TableName,
  a: Row,
  b: Row,
): { name: string; fields: readonly string[]; a: Register; b: Register }[] {
  return [...registerNames(table, [a, b])].map(([name, fields]) => {
    const of = (row: Row): Register => ({
      stamps: stampsOf(row, name),
      value: saidIn(table, row, name, fields),
    });
    return { name, fields, a: of(a), b: of(b) };
  });
}

/** Which of two states of a register stands: the later; of the same instant the one that reads later as text. */
export function laterOf(a: Register, b: Register): Register {
  const [x = "", y = ""] = [a.stamps[0], b.stamps[0]];
  if (x !== y) return x > y ? a : b;
  return canonical(a.value) >= canonical(b.value) ? a : b;
}

/** When a row was deleted or brought back, the latest first; empty where it never was. */
export const deletionsOf = (row: Row): readonly string[] =>
  row.fieldStamps?.[DELETED] ?? (row.deletedAt ? latest([row.deletedAt], baseOf(row)) : []);

/** The later deletion of two states of a row, if either has one; of the same instant the one that reads later. */
function deletionOf(a: Row, b: Row): { at: string; deletedAt: string } | undefined {
  const gone = [a, b].flatMap((row) =>
    row.deletedAt ? [{ at: deletionsOf(row)[0] ?? row.deletedAt, deletedAt: row.deletedAt }] : [],
  );
  return gone.sort((x, y) => compare(y.at, x.at) || compare(y.deletedAt, x.deletedAt))[0];
}

/** The fields of two states of one row, each register in its later state; and the instants that are otherwise than the base. */
function mergeFields(table: TableName, a: Row, b: Row, base: readonly string[]) {
  const fields: Fields = { ...fieldsOf(a), ...fieldsOf(b) };
  const fieldStamps: Record<string, string[]> = {};
  let changedAt = base[0] ?? "";
  const sets = new Map<string, string[]>();
  for (const { name, fields: of, ...both } of registersOf(table, a, b)) {
    const stamps = latest(both.a.stamps, both.b.stamps);
    if (stamps[0] && stamps[0] > changedAt) changedAt = stamps[0];
    if (name !== BASE && stamps.join() !== base.join()) fieldStamps[name] = stamps;
    const { value } = laterOf(both.a, both.b);
    const [field = ""] = of;
    if (!isElement(table, of)) Object.assign(fields, value);
    else {
      const so = sets.get(field) ?? [];
      sets.set(field, value === true ? [...so, name.slice(field.length + 1)] : so);
    }
  }
  for (const [field, elements] of sets) {
    const [x, y] = [elementsOf(fieldsOf(a), field), elementsOf(fieldsOf(b), field)];
    fields[field] = canonical(x) === canonical(y) ? x : elements.sort(compare);
  }
  return { fields, fieldStamps, changedAt };
}

/**
 * Two states of one row as one: each register in its later state. A deletion stands unless something was changed after it, so
 * that nobody's later work is lost with it.
 */
export function mergeRow<R extends Row>(table: TableName, a: R, b: R): R {
  const base = latest(baseOf(a), baseOf(b));
  const [createdAt = a.createdAt] = [a.createdAt, b.createdAt].sort();
  const [updatedAt = a.updatedAt] = latest([a.updatedAt, b.updatedAt]);
  const { fields, fieldStamps, changedAt } = mergeFields(table, a, b, base);
  if (base.join() !== createdAt) fieldStamps[BASE] = base;
  const deletions = latest(deletionsOf(a), deletionsOf(b));
  if (deletions.length > 0) fieldStamps[DELETED] = deletions;
  const deletion = deletionOf(a, b);
  const broughtBack = [a, b].flatMap((one) => (one.deletedAt ? [] : (deletionsOf(one)[0] ?? [])));
  const isGone = deletion && [changedAt, ...broughtBack].every((instant) => deletion.at >= instant);
  const isAsMade = updatedAt === createdAt && Object.keys(fieldStamps).length === 0;
  const row = {
    ...{ ...fields, createdAt, updatedAt },
    fieldStamps: isAsMade ? undefined : fieldStamps,
    deletedAt: isGone ? deletion.deletedAt : undefined,
  };
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined)) as unknown as R;
}

/** A row written anew at an instant, with word of what is otherwise than before. */
export function stamped<R extends Row>(table: TableName, before: R, after: R, at: string): R {
  const { fieldStamps: _, ...bare } = after;
  const known = before.fieldStamps ?? (baseOf(before).length > 1 ? { [BASE]: [...baseOf(before)] } : {});
  const fieldStamps: Record<string, string[]> = { ...known };
  // Most fields are the very same value: only of the others it is asked whether they read the same.
  const isSame = (field: string) => Object.is(fieldsOf(before)[field], fieldsOf(bare as R)[field]);
  const changed = registersOf(table, before, bare as R).filter(
    (one) => !one.fields.every(isSame) && canonical(one.a.value) !== canonical(one.b.value),
  );
  for (const { name } of changed) fieldStamps[name] = latest([at], known[name] ?? [], baseOf(before));
  // What is changed while it is deleted does not bring it back.
  const isStillGone = after.deletedAt !== undefined && changed.length > 0;
  if (before.deletedAt !== after.deletedAt || isStillGone)
    fieldStamps[DELETED] = latest([at], deletionsOf(before));
  return { ...(bare as R), createdAt: before.createdAt, updatedAt: at, fieldStamps };
}
