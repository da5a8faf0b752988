export { ageTermOf } from "./ageTerm";
export * from "./care";
export { prerequisitePenalty, RUNG_SHARES, rungLoadings, SKILL_SHARES, skillLoadings } from "./loadings";
export { cumulative, quantile } from "./normal";
export { foldingSteps, HELP_INTERVALS } from "./posterior";
export * from "./questions";
export * from "./readiness";
