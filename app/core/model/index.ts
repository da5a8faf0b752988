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
export { DATA_VERSION, upToDate } from "./migrate";
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
