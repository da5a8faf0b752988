export * from "./handDemand";
export * from "./meetings";
export * from "./setUp";
export * from "./shapes";
