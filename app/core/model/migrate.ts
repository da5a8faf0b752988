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
export function backupFrom1(input: Stored): Stored {
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
