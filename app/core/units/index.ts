export * from "./amounts";
export * from "./kitchen";
