import { type Row, rowsIn, TABLE_NAMES, type TableName, type Tables } from "../model";
import { canonical } from "../text";
import { DELETED, deletionsOf, fieldsOf, isElement, laterOf, mergeRow, registersOf } from "./registers";

/** What a row says in some fields on this device, or on the other. */
type FieldValues = Record<string, unknown>;

/** A row that was changed on both devices since they parted, where a person would want to see what stands. */
export interface Clash {
  table: TableName;
  row: string;
  /** The row as it came to be, for its name. */
  now: Row;
  /** What stands, and what was changed otherwise on the other device and does not. */
  stands: FieldValues;
  other: FieldValues;
}

/** Bookkeeping that nobody decides about. */
const NOT_DECIDED: ReadonlySet<TableName> = new Set([
  "settings",
  "prepStates",
  "countings",
  "watches",
  "cautionsRead",
  "photos",
]);

/** Neither of two histories knows of the other's last change. */
const isApart = (a: readonly string[], b: readonly string[]): boolean =>
  a[0] !== undefined && b[0] !== undefined && !a.includes(b[0]) && !b.includes(a[0]);

/** One device took a row away, the other went on with it: what became of it. */
function deletionClash(table: TableName, a: Row, b: Row, now: Row): Clash[] {
  const [gone, kept] = a.deletedAt ? [a, b] : [b, a];
  const [when] = deletionsOf(gone);
  if (when === undefined || deletionsOf(kept).includes(when)) return [];
  const isChanged = registersOf(table, gone, kept).some(
    (one) => one.b.stamps[0] !== undefined && !one.a.stamps.includes(one.b.stamps[0]),
  );
  const isBack =
    deletionsOf(kept)[0] !== undefined && !deletionsOf(gone).includes(deletionsOf(kept)[0] ?? "");
  if (!isChanged && !isBack) return [];
  const other = now.deletedAt ? undefined : gone.deletedAt;
  return [{ table, row: now.id, now, stands: { [DELETED]: now.deletedAt }, other: { [DELETED]: other } }];
}

function clashOf(table: TableName, a: Row, b: Row): Clash[] {
  const now = mergeRow(table, a, b);
  if ((a.deletedAt === undefined) !== (b.deletedAt === undefined)) return deletionClash(table, a, b, now);
  if (now.deletedAt) return [];
  const apart = registersOf(table, a, b).filter(
    (one) =>
      !isElement(table, one.fields) &&
      canonical(one.a.value) !== canonical(one.b.value) &&
      isApart(one.a.stamps, one.b.stamps),
  );
  if (apart.length === 0) return [];
  const clash: Clash = { table, row: now.id, now, stands: {}, other: {} };
  for (const one of apart) {
    const stands = laterOf(one.a, one.b);
    Object.assign(clash.stands, stands.value);
    Object.assign(clash.other, (stands === one.a ? one.b : one.a).value);
  }
  return [clash];
}

/** What a person would want to look at: rows that both devices have changed, each without knowing of the other. */
export function clashesOf(a: Tables, b: Tables): Clash[] {
  return TABLE_NAMES.flatMap((table) => {
    if (NOT_DECIDED.has(table)) return [];
    const others = new Map<string, Row>(rowsIn(b, table).map((row) => [row.id, row]));
    return rowsIn(a, table).flatMap((row): Clash[] => {
      const other = others.get(row.id);
      return other && canonical(row) !== canonical(other) ? clashOf(table, row, other) : [];
    });
  });
}

/** Does a row still say what stood when two devices were put together? Otherwise it was decided by going on. */
export function standsStill({ stands }: Pick<Clash, "stands">, now: Row): boolean {
  const says = fieldsOf(now);
  return Object.entries(stands).every(([field, value]) => canonical(says[field]) === canonical(value));
}
