import Dexie, { type Table } from "dexie";
import { type Backup, DATA_VERSION, type RowOf, type TableName } from "../../core/model";
import type { Which } from "./device";
import type { OpenClash, SafetyCopy, SetAside, StoredPicture } from "./stored";
import { bringUpToDate } from "./upgrade";

const ROW = "id, updatedAt";

/** Every table with its indexes, as it is now. A database of an earlier number is given what it lacks. */
const STORES = {
  household: ROW,
  children: ROW,
  places: ROW,
  holdings: "id, updatedAt, site",
  ownSkills: ROW,
  ownMaterials: ROW,
  ownActivities: ROW,
  ownThemes: ROW,
  wishes: ROW,
  rotations: ROW,
  trays: "id, updatedAt, rotation",
  observations: "id, updatedAt, on, tray, child",
  skillNotes: ROW,
  decisions: ROW,
  inserts: ROW,
  settings: ROW,
  photos: "id, updatedAt, observation, activity, deletedAt, sha256",
  prepStates: ROW,
  countings: ROW,
  watches: ROW,
  cautionsRead: ROW,
  worries: ROW,
  nextTimes: ROW,
  moments: ROW,
  anecdotes: ROW,
  sittings: ROW,
  pieceLists: ROW,
  madeSheets: ROW,
  safetyCopies: "id, savedAt, *pictures",
  safetyRows: "id",
  pictures: "id",
  setAside: "id",
  clashes: "id",
} satisfies Record<TableName, string> & Record<string, string>;

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
    this.version(1).stores(STORES);
    // The upgrade of each later number is called in turn: the first that is called tells which number the database had.
    let from: number | undefined;
    for (let number = 2; number <= DATA_VERSION; number++) {
      this.version(number).upgrade((change) => {
        from ??= number - 1;
        return number === DATA_VERSION ? bringUpToDate(change, from) : undefined;
      });
    }
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
