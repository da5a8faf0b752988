export * from "./setUp";
export * from "./shapes";
