import Dexie, { type Table } from "dexie";
import {
  HOUSEHOLD_FROM_1,
  placesFrom3,
  type RowOf,
  settingsFrom2,
  TABLE_NAMES,
  TABLES,
  TABLES_OF_3,
  type TableName,
  TRAY_FROM_1,
} from "../core/model";

/** A backup taken by the app itself before something replaced everything. */
export interface SafetyCopy {
  id: string;
  savedAt: string;
  json: string;
}

export type Which = "ours" | "demo";
const WHICH_KEY = "orto.household";

const INDEXES: Partial<Record<TableName, string>> = {
  trays: "id, updatedAt, rotation",
  observations: "id, updatedAt, on, tray, child",
  holdings: "id, updatedAt, site",
};

/** The browser's database. Writes are on the disk before they are reported as done. */
export class OrtoDb extends Dexie {
  readonly safetyCopies!: Table<SafetyCopy, string>;

  constructor(name: string) {
    super(name, { chromeTransactionDurability: "strict" });
    this.version(1).stores({
      ...Object.fromEntries(
        TABLE_NAMES.filter((table) => !TABLES_OF_3.some((one) => one === table)).map((table) => [
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
            cell.value = TABLES[table].parse(from1(row));
          });
      await rewrite("household", HOUSEHOLD_FROM_1);
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
              cell.value = TABLES[table].parse(row);
            });
        }
        const settings = change.table("settings");
        const { moved } = settingsFrom2(await settings.toArray());
        for (const { table, row } of moved) {
          await change.table(table).put(TABLES[table].parse(row));
          await settings.delete(row.id);
        }
      });
    this.version(4).upgrade(async (change) => {
      const places = change.table("places");
      await places.bulkPut(placesFrom3(await places.toArray()).map((row) => TABLES.places.parse(row)));
      for (const table of ["holdings", "ownMaterials", "ownActivities"] as const) {
        await change
          .table(table)
          .toCollection()
          .modify((row, cell: { value: unknown }) => {
            cell.value = TABLES[table].parse(row);
          });
      }
    });
  }

  rows<T extends TableName>(table: T): Table<RowOf<T>, string> {
    return this.table(table);
  }
}

const opened = new Map<Which, OrtoDb>();

/** Which household this browser shows: ours, or the demo, which is kept apart. */
export const whichHousehold = (): Which => (localStorage.getItem(WHICH_KEY) === "demo" ? "demo" : "ours");

export const showHousehold = (which: Which): void => localStorage.setItem(WHICH_KEY, which);

/** Calls back when another tab changes between our household and the demo. */
export function onOtherHousehold(callback: () => void): () => void {
  const listen = (event: StorageEvent) => event.key === WHICH_KEY && callback();
  window.addEventListener("storage", listen);
  return () => window.removeEventListener("storage", listen);
}

export function database(which: Which = whichHousehold()): OrtoDb {
  const known = opened.get(which);
  if (known) return known;
  const db = new OrtoDb(which === "demo" ? "orto-demo" : "orto");
  opened.set(which, db);
  return db;
}
