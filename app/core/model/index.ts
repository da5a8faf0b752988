export * from "./backup";
export * from "./catalogue";
export * from "./household";
export * from "./log";
export * from "./plainDate";
export * from "./problem";
export * from "./shape";
