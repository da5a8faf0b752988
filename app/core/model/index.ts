export * from "./anecdote";
export * from "./backup";
export * from "./catalogue";
export * from "./danger";
export * from "./filling";
export * from "./floor";
export * from "./guide";
export * from "./household";
export * from "./id";
export * from "./issue";
export * from "./json";
export * from "./log";
export { activityOf } from "./lookUp";
export * from "./madeSheet";
export * from "./making";
export * from "./material";
export { latestStamp, withinTime } from "./mend";
export * from "./mendTables";
export {
  HOUSEHOLD_FROM_1,
  HOUSEHOLD_FROM_6,
  placesFrom3,
  settingsFrom2,
  TABLES_OF_3,
  TABLES_OF_6,
  TABLES_OF_7,
  TABLES_OF_8,
  TABLES_OF_9,
  TRAY_FROM_1,
} from "./migrate";
export * from "./moment";
export * from "./order";
export * from "./plainDate";
export * from "./printing";
export * from "./routine";
export * from "./season";
export * from "./shape";
export * from "./signs";
export * from "./sitting";
export * from "./skill";
export {
  type BuiltIn,
  byTable,
  emptyTables,
  living,
  livingTables,
  type RowOf,
  rowsIn,
  TABLE_NAMES,
  TABLES,
  type TableName,
  type Tables,
} from "./tables";
export * from "./theme";
export { unknownKeys } from "./unknownKeys";
export type { Watched } from "./watched";
