export * from "./availability";
export * from "./options";
