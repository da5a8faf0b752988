import {
  type Backup,
  byTable,
  fault,
  living,
  ok,
  type Result,
  type Row,
  rowsIn,
  TABLE_NAMES,
  type TableName,
  type Tables,
} from "../model";
import { canonical } from "../text";
import { mergeRow } from "./registers";

/** The rows of two devices together: every row of either, what was changed on both put together, deletions among them; by id. */
export function mergeRows<R extends Row>(table: TableName, a: readonly R[], b: readonly R[]): R[] {
  const rows = new Map<string, R>();
  for (const row of [...a, ...b]) {
    const known = rows.get(row.id);
    rows.set(row.id, known ? merged(table, known, row) : row);
  }
  return [...rows.values()].sort((x, y) => (x.id < y.id ? -1 : 1));
}

/** Two states of one row as one: the very same row where that is what comes of it. */
function merged<R extends Row>(table: TableName, known: R, row: R): R {
  const before = canonical(known);
  if (before === canonical(row)) return known;
  const both = mergeRow(table, known, row);
  return canonical(both) === before ? known : both;
}

/** All tables of two devices together. The order of the two, and how often it is done, change nothing. */
export const mergeTables = (a: Tables, b: Tables): Tables =>
  byTable<Tables>((name) => mergeRows(name, rowsIn(a, name), rowsIn(b, name)));

/** Can two households be put together? Only where they are the same one, on two devices. */
export function sameHousehold(a: Tables, b: Tables): boolean {
  const [ours, theirs] = [living(a.household)[0], living(b.household)[0]];
  return ours !== undefined && ours.id === theirs?.id;
}

export const NOT_THE_SAME = fault(
  "other-household",
  "tables.household",
  "This is a file of another household: only two devices of the same one can be put together. To begin with a household on a second device, restore a backup of the first one there.",
);

/** Two backups of one household as one. */
export function mergeBackups(a: Backup, b: Backup): Result<Backup> {
  if (!sameHousehold(a.tables, b.tables)) return NOT_THE_SAME;
  const [, savedAt = a.savedAt] = [a.savedAt, b.savedAt].sort();
  return ok({ ...a, savedAt, tables: mergeTables(a.tables, b.tables) });
}

/** What came of one row: it is new here, otherwise than it was, gone, or back. */
export interface MergedRow {
  table: TableName;
  what: "new" | "changed" | "gone" | "back";
  before?: Row;
  after: Row;
}

/** What a row says, without when it was said. */
const bare = ({ createdAt: _, updatedAt: __, fieldStamps: ___, ...row }: Row) => row;

/** What another device brings to this one, row by row. */
export function whatCame(ours: Tables, merged: Tables): MergedRow[] {
  return TABLE_NAMES.flatMap((table) => {
    const known = new Map<string, Row>(rowsIn(ours, table).map((row) => [row.id, row]));
    return rowsIn(merged, table).flatMap((after): MergedRow[] => {
      const before = known.get(after.id);
      if (before && canonical(bare(before)) === canonical(bare(after))) return [];
      const [was, is] = [before !== undefined && !before.deletedAt, !after.deletedAt];
      if (!was && !is) return [];
      const what = was ? (is ? "changed" : "gone") : before ? "back" : "new";
      return [{ table, what, ...(before ? { before } : {}), after }];
    });
  });
}
