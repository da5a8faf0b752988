import {
  compare,
  latestStamp,
  living,
  type RowOf,
  TABLE_NAMES,
  type TableName,
  type Tables,
} from "../../core/model";
import { sawInstant } from "./clock";
import type { OrtoDb } from "./db";

/** A table as it was read last. */
interface Reading {
  /** By id, tombstones included. */
  all: Map<string, { id: string; updatedAt: string; deletedAt?: string }>;
  rows: readonly unknown[];
  /** When the newest row was changed. */
  newest: string;
}

interface Memory {
  readings: Map<TableName, Reading>;
  /** The ids of the safety copies: another one means that everything was replaced. */
  copies: string;
  tables?: Tables;
}

const memories = new WeakMap<OrtoDb, Memory>();

/**
 * When the newest of the rows was changed; empty for none. A stamp further ahead than clocks differ counts for nothing:
 * everything written after it would pass for old.
 */
export const newestOf = (rows: Iterable<{ updatedAt: string }>): string => {
  const latest = latestStamp(new Date().toISOString());
  let newest = "";
  for (const { updatedAt } of rows) if (updatedAt > newest && updatedAt <= latest) newest = updatedAt;
  return newest;
};

/**
 * Many rows written at once are stamped ahead of the clock, by a millisecond each; what another tab writes meanwhile is
 * stamped before them. So far back is looked again.
 */
const OVERLAP_MS = 1000;

const overlapBefore = (instant: string): string =>
  instant === "" ? "" : new Date(Date.parse(instant) - OVERLAP_MS).toISOString();

/** So many rows are taken in at a time: years of notes at once would keep the page busy. */
const PIECE = 2000;

/** All rows of a table, piece by piece in the order of their ids. */
async function inPieces<T extends TableName>(db: OrtoDb, table: T): Promise<RowOf<T>[]> {
  const rows = db.rows(table);
  const read: RowOf<T>[] = [];
  let piece = await rows.orderBy(":id").limit(PIECE).toArray();
  read.push(...piece);
  while (piece.length === PIECE) {
    const last = piece.at(-1)?.id ?? "";
    piece = await rows.where(":id").above(last).limit(PIECE).toArray();
    read.push(...piece);
  }
  return read;
}

/** Reads what has changed in a table since it was read last; the same rows as before where nothing has. */
async function readTable(db: OrtoDb, table: TableName, before: Reading | undefined): Promise<Reading> {
  const rows = db.rows(table);
  if (before) {
    const changed = await rows.where("updatedAt").aboveOrEqual(overlapBefore(before.newest)).toArray();
    // What was only looked at again stays the very row that it was: whatever is drawn from it need not be drawn anew.
    const isNew = changed.filter((row) => JSON.stringify(before.all.get(row.id)) !== JSON.stringify(row));
    if (isNew.length === 0 && changed.length > 0 === before.all.size > 0) return before;
    const all = new Map(before.all);
    for (const row of isNew) all.set(row.id, row);
    // Otherwise something is gone: everything was replaced.
    if (changed.length > 0 && all.size === (await rows.count())) {
      return { all, rows: living([...all.values()]), newest: newestOf(changed) };
    }
  }
  // In the order of their making, as what comes later is added: so a sort by days has little to do.
  const read = (await inPieces(db, table)).sort((a, b) => compare(a.createdAt, b.createdAt));
  return {
    all: new Map(read.map((row) => [row.id, row])),
    rows: living<{ id: string; updatedAt: string; deletedAt?: string }>(read),
    newest: newestOf(read),
  };
}

/**
 * The living rows of every table but the pictures, as one consistent reading. What did not change is not read again: years of
 * notes are read once, and after that only what was written since. Every write stamps its rows later than any before
 * (clock.ts), which this rests on.
 * The same tables come back as long as nothing has changed.
 */
export async function readLivingTables(db: OrtoDb): Promise<Tables> {
  return db.transaction("r", db.tables, async () => {
    const copies = (await db.safetyCopies.toCollection().primaryKeys()).join(" ");
    const known = memories.get(db);
    const memory: Memory = known?.copies === copies ? known : { readings: new Map(), copies };
    const names = TABLE_NAMES.filter((name) => name !== "photos");
    const readings = await Promise.all(
      names.map(async (name) => [name, await readTable(db, name, memory.readings.get(name))] as const),
    );
    for (const [, reading] of readings) sawInstant(reading.newest);
    const same = readings.every(([name, reading]) => memory.readings.get(name) === reading);
    if (same && memory.tables) return memory.tables;
    const tables = {
      ...Object.fromEntries(readings.map(([name, reading]) => [name, reading.rows])),
      photos: [] as RowOf<"photos">[],
    } as unknown as Tables;
    memories.set(db, { readings: new Map(readings), copies, tables });
    return tables;
  });
}

/** Tells two states of the data apart: how many rows each table has, and when one was last changed. */
export const signatureOf = (tables: Tables): string =>
  Object.values(tables)
    .map((rows: readonly { updatedAt: string }[]) => `${rows.length} ${newestOf(rows)}`)
    .join(" ");
