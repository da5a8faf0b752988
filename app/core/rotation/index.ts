export * from "./decide";
export * from "./watch";
