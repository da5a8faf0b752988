export { buildProblem } from "./buildProblem";
export { mipModelOf } from "./mipModel";
export { makePlan, type Plan, planOf, solveProblem } from "./plan";
export type { Band } from "./problem";
export {
  catalogueOf,
  putAwayOn,
  type Situation,
  situationOf,
  standingRotation,
  upcomingRotation,
} from "./situation";
export { DEFAULT_LIMIT_SECONDS, lpTextOf, solveMip } from "./solve";
export { type Swap, swapsFor } from "./swaps";
export { asIfAccepted, outSinceOf, planWeeks } from "./weeks";
