export * from "./decide";
export * from "./engagementDecline";
export { INTEREST_WORTH, LOVED_FROM } from "./evidence";
export * from "./inserts";
export * from "./rhythm";
export * from "./showPages";
export * from "./watch";
export type * from "./why";
