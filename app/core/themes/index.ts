export * from "./themes";
