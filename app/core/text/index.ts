export * from "./phrases";
export * from "./tokens";
