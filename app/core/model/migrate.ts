import { tablesFrom4 } from "./migrateIds";

/** The version of the data: of the database and of a backup file. */
export const DATA_VERSION = 13;

/**
 * Rows as older versions stored them, brought to the present one. Each function takes a row of the
 * version before and gives one of its own; rows are plain data that may have come from any file.
 */
type Stored = Record<string, unknown>;

/** Version 2: a focus may be on more than an area, and a tray may be for several children. */
const HOUSEHOLD_FROM_1 = ({ focusArea, ...row }: Stored): Stored =>
  typeof focusArea === "string" && row.focus === undefined
    ? { ...row, focus: { kind: "area", on: focusArea } }
    : row;

const TRAY_FROM_1 = (row: Stored): Stored => ({ also: [], ...row });

const isRecord = (value: unknown): value is Stored =>
  typeof value === "object" && value !== null && !Array.isArray(value);

const each = (rows: unknown, change: (row: Stored) => Stored): unknown =>
  Array.isArray(rows) ? rows.map((row) => (isRecord(row) ? change(row) : row)) : rows;

/** A backup of version 1 as one of version 2. What is not as it should be is left for the check to name. */
function backupFrom1(input: Stored): Stored {
  const { tables } = input;
  if (!isRecord(tables)) return { ...input, version: 2 };
  return {
    ...input,
    version: 2,
    tables: {
      ...tables,
      household: each(tables.household, HOUSEHOLD_FROM_1),
      trays: each(tables.trays, TRAY_FROM_1),
    },
  };
}

/** Version 3: what was noted among the settings has tables of its own. The rest of an id is what it is about. */
const FROM_SETTINGS = [
  {
    start: "prep-",
    table: "prepStates",
    row: (about: string, value: unknown) => ({ rotation: about, ...asRecord(value) }),
  },
  {
    start: "counted-",
    table: "countings",
    row: (about: string, value: unknown) => ({ tray: about, times: value }),
  },
  {
    start: "watch-",
    table: "watches",
    row: (about: string, value: unknown) => ({ tray: about, ...asRecord(value) }),
  },
] as const;

const asRecord = (value: unknown): Stored => (isRecord(value) ? value : {});

/** The tables that came with version 3. */
const TABLES_OF_3 = ["prepStates", "countings", "watches", "cautionsRead", "worries", "nextTimes"] as const;

/** Rows of the settings as version 3 keeps them: some stay, the others belong to tables of their own. */
function settingsFrom2(rows: readonly Stored[]) {
  const moved: { table: (typeof TABLES_OF_3)[number]; row: Stored }[] = [];
  const left = rows.filter(({ value, ...row }) => {
    const from = FROM_SETTINGS.find(({ start }) => String(row.id).startsWith(start));
    if (from)
      moved.push({
        table: from.table,
        row: { ...row, ...from.row(String(row.id).slice(from.start.length), value) },
      });
    return !from;
  });
  return { left, moved };
}

function backupFrom2(input: Stored): Stored {
  const { tables } = input;
  if (!isRecord(tables)) return { ...input, version: 3 };
  const settings = Array.isArray(tables.settings) ? tables.settings.filter(isRecord) : [];
  const { left, moved } = settingsFrom2(settings);
  return {
    ...input,
    version: 3,
    tables: {
      ...tables,
      // No version before wrote inserts.
      inserts: [],
      ...(Array.isArray(tables.settings) ? { settings: left } : {}),
      ...Object.fromEntries(
        TABLES_OF_3.map((name) => [name, moved.filter((one) => one.table === name).map((one) => one.row)]),
      ),
    },
  };
}

/** What boards were taken to stand at before heights were asked: low, so that nothing counts as high by mistake. In cm. */
const LOWEST_BOARD_CM = 5;
const BOARDS_APART_CM = 25;

/** Version 4: boards have heights. They were counted from the top. */
function placesFrom3(rows: readonly Stored[]): Stored[] {
  const lowest = new Map<unknown, number>();
  for (const { site, board } of rows) {
    if (typeof board === "number") lowest.set(site, Math.max(lowest.get(site) ?? 0, board));
  }
  return rows.map((row) =>
    typeof row.board === "number" && row.heightCm === undefined
      ? {
          ...row,
          heightCm: LOWEST_BOARD_CM + BOARDS_APART_CM * ((lowest.get(row.site) ?? row.board) - row.board),
        }
      : row,
  );
}

function backupFrom3(input: Stored): Stored {
  const { tables } = input;
  if (!isRecord(tables) || !Array.isArray(tables.places)) return { ...input, version: 4 };
  return { ...input, version: 4, tables: { ...tables, places: placesFrom3(tables.places.filter(isRecord)) } };
}

function backupFrom4(input: Stored): Stored {
  const { tables } = input;
  return { ...input, version: 5, ...(isRecord(tables) ? { tables: tablesFrom4(tables) } : {}) };
}

function backupFrom5(input: Stored): Stored {
  const { tables } = input;
  return { ...input, version: 6, ...(isRecord(tables) ? { tables: { moments: [], ...tables } } : {}) };
}

/** The tables that came with version 7. */
const TABLES_OF_7 = ["anecdotes", "sittings", "pieceLists"] as const;

/** Version 7: there may be several focuses, each with a weight. */
const HOUSEHOLD_FROM_6 = ({ focus, ...row }: Stored): Stored => ({
  ...row,
  focuses: row.focuses ?? (isRecord(focus) ? [{ ...focus, weight: "little" }] : []),
});

function backupFrom6(input: Stored): Stored {
  const { tables } = input;
  if (!isRecord(tables)) return { ...input, version: 7 };
  return {
    ...input,
    version: 7,
    tables: {
      ...Object.fromEntries(TABLES_OF_7.map((name) => [name, []])),
      ...tables,
      household: each(tables.household, HOUSEHOLD_FROM_6),
    },
  };
}

function backupFrom7(input: Stored): Stored {
  const { tables } = input;
  return { ...input, version: 8, ...(isRecord(tables) ? { tables: { madeSheets: [], ...tables } } : {}) };
}

/** The tables that came with version 9. */
const TABLES_OF_9 = ["ownSkills", "ownThemes"] as const;

function backupFrom8(input: Stored): Stored {
  const { tables } = input;
  if (!isRecord(tables)) return { ...input, version: 9 };
  return {
    ...input,
    version: 9,
    tables: { ...Object.fromEntries(TABLES_OF_9.map((name) => [name, []])), ...tables },
  };
}

/** A sitting of version 9 is always about one thing. */
const backupFrom9 = (input: Stored): Stored => ({ ...input, version: 10 });

/** Until version 10 the database had numbers of its own, of which 12 was the last; from 13 on both have one number. */
const backupFrom10 = (input: Stored): Stored => ({ ...input, version: 13 });

/** What brings a backup of a version to the next one. */
const STEPS: Readonly<Record<number, (input: Stored) => Stored>> = {
  1: backupFrom1,
  2: backupFrom2,
  3: backupFrom3,
  4: backupFrom4,
  5: backupFrom5,
  6: backupFrom6,
  7: backupFrom7,
  8: backupFrom8,
  9: backupFrom9,
  10: backupFrom10,
};

/**
 * A backup, or the tables of a database, of an older version as one of the present version. The steps know no schema: what a
 * row of their time was does not change, whatever rows are today.
 */
export function upToDate(input: Stored): Stored {
  let so = input;
  for (let step = STEPS[Number(so.version)]; step; step = STEPS[Number(so.version)]) so = step(so);
  return so;
}
