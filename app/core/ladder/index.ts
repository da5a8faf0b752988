export * from "./ladder";
export * from "./sitting";
