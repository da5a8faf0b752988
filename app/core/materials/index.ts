export * from "./availability";
export * from "./fits";
export * from "./options";
export * from "./sizes";
