export { buildProblem } from "./buildProblem";
export { mipModelOf } from "./mipModel";
export { type Plan, planOf, solveProblem } from "./plan";
export { catalogueOf, type Situation, situationOf, standingRotation } from "./situation";
export { DEFAULT_LIMIT_SECONDS, lpTextOf } from "./solve";
export { type Swap, swapsFor } from "./swaps";
export { planWeeks } from "./weeks";
