export * from "./backup";
export * from "./catalogue";
export * from "./household";
export * from "./log";
export { HOUSEHOLD_FROM_1, settingsFrom2, TABLES_OF_3, TRAY_FROM_1 } from "./migrate";
export * from "./plainDate";
export * from "./problem";
export * from "./season";
export * from "./shape";
