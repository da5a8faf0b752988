export * from "./assess";
export * from "./cylinder";
export * from "./reach";
export * from "./rules";
export * from "./safeWays";
export * from "./smallPartFit";
export * from "./tubeFit";
