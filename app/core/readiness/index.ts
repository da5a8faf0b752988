export { ageTermOf } from "./ageTerm";
export * from "./care";
export { FIRST_TRY_WEIGHT, HELP_INTERVALS, isEvidence } from "./fold";
export { pullOf, RUNG_SHARES, rungLoadings, SKILL_SHARES, skillLoadings } from "./loadings";
export { cumulative, quantile } from "./normal";
export * from "./questions";
export * from "./readiness";
