import { z } from "zod";
import { Anecdote } from "./anecdote";
import type { Catalogue } from "./catalogue";
import { PieceList } from "./filling";
import type { Row } from "./household";
import {
  Child,
  Holding,
  Household,
  OwnActivity,
  OwnMaterial,
  OwnSkill,
  OwnTheme,
  Place,
  Wish,
} from "./household";
import {
  CautionRead,
  Counting,
  Decision,
  Insert,
  NextTime,
  Observation,
  Photo,
  PrepState,
  Rotation,
  Setting,
  SkillNote,
  Tray,
  WatchRow,
  Worry,
} from "./log";
import { MadeSheet } from "./madeSheet";
import { Moment } from "./moment";
import { Sitting } from "./sitting";

/** Every table and the schema of its rows. The database and the backup file have the same names. */
export const TABLES = {
  household: Household,
  children: Child,
  places: Place,
  holdings: Holding,
  ownSkills: OwnSkill,
  ownMaterials: OwnMaterial,
  ownActivities: OwnActivity,
  ownThemes: OwnTheme,
  wishes: Wish,
  rotations: Rotation,
  trays: Tray,
  observations: Observation,
  skillNotes: SkillNote,
  decisions: Decision,
  inserts: Insert,
  settings: Setting,
  photos: Photo,
  prepStates: PrepState,
  countings: Counting,
  watches: WatchRow,
  cautionsRead: CautionRead,
  worries: Worry,
  nextTimes: NextTime,
  moments: Moment,
  anecdotes: Anecdote,
  sittings: Sitting,
  pieceLists: PieceList,
  madeSheets: MadeSheet,
} as const;
export type TableName = keyof typeof TABLES;
export const TABLE_NAMES = Object.keys(TABLES) as TableName[];
export type RowOf<T extends TableName> = z.output<(typeof TABLES)[T]>;

/**
 * Something for each table, worked out from its name. The compiler can't follow which name goes with which rows: it is told
 * here, and nowhere else.
 */
export const byTable = <R extends Record<TableName, unknown>>(of: (name: TableName) => unknown): R =>
  Object.fromEntries(TABLE_NAMES.map((name) => [name, of(name)])) as R;

const shape = byTable<{ [T in TableName]: z.ZodArray<(typeof TABLES)[T]> }>((name) => z.array(TABLES[name]));

export const AllTables = z.object(shape);

type Parsed = z.infer<typeof AllTables>;
/** The rows of every table. A row is never changed in place, so what is worked out from it can be kept. */
export type Tables = { [T in keyof Parsed]: readonly Parsed[T][number][] };

/** The rows of a table that have not been deleted: the very same rows where none has. */
export const living = <R extends { deletedAt?: string }>(rows: readonly R[]): readonly R[] =>
  rows.every((row) => row.deletedAt === undefined) ? rows : rows.filter((row) => row.deletedAt === undefined);

/** A backup's tables with the deleted rows left out: what the planner and the screens work from. */
export const livingTables = (tables: Tables): Tables =>
  byTable<Tables>((name) => living<RowOf<TableName>>(tables[name]));

/** The rows of a table, whichever it is, as far as all rows are alike. */
export const rowsIn = (tables: Tables, table: TableName): readonly Row[] => tables[table];

/** Tables without a row. */
export const emptyTables = (): Tables => byTable<Tables>(() => []);

/** What is built in: no file may bring something of the same id, which would take the place of what was reviewed. */
export type BuiltIn = Pick<Catalogue, "skills" | "materials" | "activities">;
