export * from "./assess";
export * from "./cylinder";
export type { Orientation } from "./projections";
export * from "./reach";
export * from "./rules";
export * from "./safeWays";
export * from "./smallPartFit";
export * from "./tubeFit";
export * from "./views";
