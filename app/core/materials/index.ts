export * from "./options";
