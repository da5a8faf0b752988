export * from "./handDemand";
export type { Thing } from "./meeting";
export * from "./meetings";
export * from "./setUp";
export * from "./shapes";
