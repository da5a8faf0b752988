export { type ForecastScore, predictions, scoresOf } from "./forecast";
export { compareLooks, type LookFigures } from "./looks";
export * from "./report";
export * from "./simulate";
