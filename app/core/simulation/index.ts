export { type ForecastScore, foretold, scoresOf } from "./forecast";
export * from "./report";
export * from "./simulate";
