/**
 * Rows as older versions stored them, brought to the present one. Each function takes a row of the
 * version before and gives one of its own; rows are plain data that may have come from any file.
 */
type Stored = Record<string, unknown>;

/** Version 2: a focus may be on more than an area, and a tray may be for several children. */
export const HOUSEHOLD_FROM_1 = ({ focusArea, ...row }: Stored): Stored =>
  typeof focusArea === "string" && row.focus === undefined
    ? { ...row, focus: { kind: "area", on: focusArea } }
    : row;

export const TRAY_FROM_1 = (row: Stored): Stored => ({ also: [], ...row });

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
export const TABLES_OF_3 = [
  "prepStates",
  "countings",
  "watches",
  "cautionsRead",
  "worries",
  "nextTimes",
] as const;

/** Rows of the settings as version 3 keeps them: some stay, the others belong to tables of their own. */
export function settingsFrom2(rows: readonly Stored[]) {
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

/** A backup of an older version as one of the present version. */
export const upToDate = (input: Stored): Stored =>
  input.version === 1 ? backupFrom2(backupFrom1(input)) : backupFrom2(input);
