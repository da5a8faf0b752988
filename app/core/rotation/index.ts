export * from "./decide";
