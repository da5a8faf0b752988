export { ageTermOf } from "./ageTerm";
export * from "./care";
export { foldingSteps, HELP_INTERVALS } from "./fold";
export { prerequisitePenalty, RUNG_SHARES, rungLoadings, SKILL_SHARES, skillLoadings } from "./loadings";
export { cumulative, quantile } from "./normal";
export * from "./questions";
export * from "./readiness";
