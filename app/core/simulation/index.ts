export * from "./report";
export * from "./simulate";
