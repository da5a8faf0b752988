export * from "./checkMakings";
export * from "./cuts";
