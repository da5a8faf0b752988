import Dexie, { type Table, type Transaction } from "dexie";
import { loadCatalogue } from "../../catalogue";
import type { Clash } from "../../core/merge";
import {
  type Aside,
  type Backup,
  HOUSEHOLD_FROM_1,
  HOUSEHOLD_FROM_6,
  mendTables,
  type Photo,
  placesFrom3,
  type RowOf,
  settingsFrom2,
  TABLE_NAMES,
  TABLES,
  TABLES_OF_3,
  TABLES_OF_6,
  TABLES_OF_7,
  TABLES_OF_8,
  TABLES_OF_9,
  type TableName,
  TRAY_FROM_1,
} from "../../core/model";
import type { Which } from "./device";
import { bytesIfAny, sha256Of } from "./pictureBytes";

/** The bytes of a picture, named by their SHA-256: kept once, whichever notes and safety copies speak of them. */
export interface StoredPicture {
  id: string;
  bytes: Uint8Array;
}

/** A backup taken by the app itself before something replaced everything. */
export interface SafetyCopy {
  id: string;
  savedAt: string;
  /** One that was made by an earlier version: as a file was saved then, or as a text. */
  file?: Blob;
  json?: string;
  /** The pictures that its rows speak of, by their SHA-256; the rows are in `safetyRows`. */
  pictures?: string[];
  /** What was in it, and in which state; older ones do not say. */
  holds?: { notes: number; pictures: number; trays: number };
  state?: string;
}

/** A row that two devices have changed and nobody has decided about: what the other one said is in no row. */
export interface OpenClash extends Omit<Clash, "now"> {
  id: string;
  at: string;
}

const INDEXES: Partial<Record<TableName, string>> = {
  trays: "id, updatedAt, rotation",
  observations: "id, updatedAt, on, tray, child",
  holdings: "id, updatedAt, site",
};

/** The tables that there were when every row was looked at (version 5). */
const AFTER_5: ReadonlySet<TableName> = new Set<TableName>([
  ...TABLES_OF_6,
  ...TABLES_OF_7,
  ...TABLES_OF_8,
  ...TABLES_OF_9,
]);
const TABLES_BY_5 = TABLE_NAMES.filter((table) => !AFTER_5.has(table));
const LATER_TABLES: ReadonlySet<TableName> = new Set<TableName>([...TABLES_OF_3, ...AFTER_5]);

/** A stored row that was mended or set aside when the database was brought up to date. */
export interface SetAside extends Aside {
  id: string;
  at: string;
}

/** As its schema has it; what does not suit it is left for the check of version 5, which mends it or sets it aside. */
function parsedOrAsItIs(table: TableName, row: unknown): unknown {
  const parsed = TABLES[table].safeParse(row);
  return parsed.success ? parsed.data : row;
}

/** Looks at every stored row once: one bad row must not keep the others from being opened. */
async function mendAll(change: Transaction): Promise<void> {
  const at = new Date().toISOString();
  const raw: Partial<Record<TableName, unknown[]>> = {};
  for (const table of TABLES_BY_5) raw[table] = await change.table(table).toArray();
  raw.household = raw.household?.map((row) => HOUSEHOLD_FROM_6(row as Record<string, unknown>));
  // The transaction stays open while the catalogue comes in.
  const builtIn = await Dexie.waitFor(loadCatalogue());
  const { tables, aside } = mendTables(raw, builtIn, at);
  for (const table of TABLES_BY_5) {
    const before = raw[table] ?? [];
    if (JSON.stringify(before) === JSON.stringify(tables[table])) continue;
    await change.table(table).clear();
    await change.table(table).bulkPut(tables[table]);
  }
  await change
    .table<SetAside, string>("setAside")
    .bulkPut(aside.map((one) => ({ ...one, id: crypto.randomUUID(), at })));
}

/** Until version 9 a photo held its picture as text; one that is none is set aside. One by one, since they are large. */
async function picturesApart(change: Transaction): Promise<void> {
  const photos = change.table<Photo, string>("photos");
  for (const id of await photos.toCollection().primaryKeys()) {
    const row = await photos.get(id);
    if (!row) continue;
    // Whatever else fails ends the upgrade, and leaves all of it as it was.
    const bytes = bytesIfAny(row.base64);
    if (bytes) {
      const sha256 = await Dexie.waitFor(sha256Of(bytes));
      await change.table<StoredPicture, string>("pictures").put({ id: sha256, bytes });
      await photos.put({ ...row, base64: "", sha256 });
    } else {
      const issues = [{ code: "no-picture", path: `photos.${id}.base64`, message: "It is no picture." }];
      await change.table<SetAside, string>("setAside").put({
        ...{ id: crypto.randomUUID(), at: new Date().toISOString() },
        ...{ table: "photos", row: { ...row, base64: "" }, issues, mended: false },
      });
      await photos.delete(id);
    }
  }
}

/** The browser's database. Writes are on the disk before they are reported as done. */
export class OrtoDb extends Dexie {
  readonly safetyCopies!: Table<SafetyCopy, string>;
  readonly setAside!: Table<SetAside, string>;
  /** The rows of the safety copies, by the copy's id. */
  readonly safetyRows!: Table<{ id: string; backup: Backup }, string>;
  readonly pictures!: Table<StoredPicture, string>;
  readonly clashes!: Table<OpenClash, string>;

  constructor(name: string) {
    super(name, { chromeTransactionDurability: "strict" });
    this.version(1).stores({
      ...Object.fromEntries(
        TABLE_NAMES.filter((table) => !LATER_TABLES.has(table)).map((table) => [
          table,
          INDEXES[table] ?? "id, updatedAt",
        ]),
      ),
      safetyCopies: "id",
    });
    this.version(2).upgrade(async (change) => {
      const rewrite = (table: TableName, from1: (row: Record<string, unknown>) => Record<string, unknown>) =>
        change
          .table(table)
          .toCollection()
          .modify((row, cell: { value: unknown }) => {
            cell.value = parsedOrAsItIs(table, from1(row));
          });
      // A row is written as its present schema has it: what later versions changed is changed here, too.
      await rewrite("household", (row) => HOUSEHOLD_FROM_6(HOUSEHOLD_FROM_1(row)));
      await rewrite("trays", TRAY_FROM_1);
    });
    this.version(3)
      .stores({
        ...Object.fromEntries(TABLES_OF_3.map((table) => [table, "id, updatedAt"])),
        photos: "id, updatedAt, observation",
      })
      .upgrade(async (change) => {
        for (const table of ["holdings", "observations"] as const) {
          await change
            .table(table)
            .toCollection()
            .modify((row, cell: { value: unknown }) => {
              cell.value = parsedOrAsItIs(table, row);
            });
        }
        const settings = change.table("settings");
        const { moved } = settingsFrom2(await settings.toArray());
        for (const { table, row } of moved) {
          await change.table(table).put(parsedOrAsItIs(table, row));
          await settings.delete(row.id);
        }
      });
    this.version(4).upgrade(async (change) => {
      const places = change.table("places");
      await places.bulkPut(placesFrom3(await places.toArray()).map((row) => parsedOrAsItIs("places", row)));
      for (const table of ["holdings", "ownMaterials", "ownActivities"] as const) {
        await change
          .table(table)
          .toCollection()
          .modify((row, cell: { value: unknown }) => {
            cell.value = parsedOrAsItIs(table, row);
          });
      }
    });
    this.version(5)
      .stores({
        photos: "id, updatedAt, observation, deletedAt",
        safetyCopies: "id, savedAt",
        setAside: "id",
      })
      .upgrade(mendAll);
    this.version(6).stores({ incoming: "id" });
    this.version(7).stores(Object.fromEntries(TABLES_OF_6.map((table) => [table, "id, updatedAt"])));
    this.version(8)
      .stores(Object.fromEntries(TABLES_OF_7.map((table) => [table, "id, updatedAt"])))
      .upgrade((change) =>
        change
          .table("household")
          .toCollection()
          .modify((row, cell: { value: unknown }) => {
            cell.value = HOUSEHOLD_FROM_6(row);
          }),
      );
    this.version(9).stores(Object.fromEntries(TABLES_OF_8.map((table) => [table, "id, updatedAt"])));
    this.version(10)
      .stores({
        photos: "id, updatedAt, observation, deletedAt, sha256",
        safetyCopies: "id, savedAt, *pictures",
        safetyRows: "id",
        pictures: "id",
        incoming: null,
      })
      .upgrade(picturesApart);
    this.version(11).stores({ clashes: "id" });
    this.version(12).stores({
      ...Object.fromEntries(TABLES_OF_9.map((table) => [table, "id, updatedAt"])),
      photos: "id, updatedAt, observation, activity, deletedAt, sha256",
    });
  }

  rows<T extends TableName>(table: T): Table<RowOf<T>, string> {
    return this.table(table);
  }
}

const opened = new Map<Which, OrtoDb>();

/** The next to ask opens its database anew. */
export function forgetDatabases(): void {
  opened.clear();
}

export function database(which: Which): OrtoDb {
  const known = opened.get(which);
  if (known) return known;
  const db = new OrtoDb(which === "demo" ? "orto-demo" : "orto");
  opened.set(which, db);
  return db;
}
