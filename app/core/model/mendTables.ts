import type { Issue } from "./issue";
import { brokenLinks, isIn } from "./links";
import { leaveOut, mend, withinTime } from "./mend";
import { tablesFrom4 } from "./migrateIds";
import { type BuiltIn, TABLE_NAMES, TABLES, type TableName, type Tables } from "./tables";

/** A row that was not as it has to be: what it was, what was wrong, and whether the rest of it still stands. */
export interface Aside {
  table: TableName;
  row: unknown;
  issues: Issue[];
  mended: boolean;
}

type Rows = Record<TableName, unknown[]>;

/** Each round may take away what others name. */
const MOST_ROUNDS = 6;

/** Leaves out what names nothing, or the whole row where it can't do without. */
function withoutBroken(tables: Rows, builtIn: BuiltIn, aside: Aside[]): Rows {
  const isBuiltIn = isIn(builtIn);
  let so = tables;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const broken = brokenLinks(so as unknown as Tables, isBuiltIn);
    if (broken.length === 0) break;
    so = { ...so };
    const dropped = new Set<unknown>();
    for (const { table, row: at, path, issue } of broken.toReversed()) {
      const row = so[table][at];
      const less = structuredClone(row);
      const parsed = leaveOut(less, path) ? TABLES[table].safeParse(less) : undefined;
      const isMended = parsed?.success === true;
      aside.push({ table, row, issues: [issue], mended: isMended });
      so[table] = so[table].map((one, i) => (i === at && isMended ? parsed.data : one));
      if (!isMended) dropped.add(so[table][at]);
    }
    for (const table of TABLE_NAMES) so[table] = so[table].filter((row) => !dropped.has(row));
  }
  return so;
}

/** Tables whose rows are as they have to be, and the rows that were not. */
interface Mended {
  tables: Rows;
  aside: Aside[];
}

/**
 * Stored rows as they have to be: ids by their grammar, stamps that can be, values within their bounds. One bad row does not
 * keep the others from being read; what was wrong with it is told in `aside`.
 */
export function mendRows(raw: Partial<Rows>, now: string): Mended {
  const all = Object.fromEntries(TABLE_NAMES.map((name) => [name, raw[name] ?? []]));
  const named = tablesFrom4(all) as Rows;
  const aside: Aside[] = [];
  const tables = Object.fromEntries(
    TABLE_NAMES.map((table) => [
      table,
      named[table].flatMap((row) => {
        const { mended, issues } = mend(TABLES[table], withinTime(row, now));
        if (issues.length > 0) aside.push({ table, row, issues, mended: mended !== undefined });
        return mended === undefined ? [] : [mended];
      }),
    ]),
  ) as Rows;
  return { tables, aside };
}

/** As `mendRows`; and nothing is named that is nowhere. */
export function mendTables(raw: Partial<Rows>, builtIn: BuiltIn, now: string): Mended {
  const { tables, aside } = mendRows(raw, now);
  return { tables: withoutBroken(tables, builtIn, aside), aside };
}
