export * from "./filled";
export * from "./handDemand";
export type { Meeting, Thing } from "./meeting";
export * from "./meetings";
export * from "./setUp";
export * from "./shapes";
