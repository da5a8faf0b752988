export { buildProblem } from "./buildProblem";
export { mipModelOf } from "./mipModel";
export { type Plan, planOf, solveProblem } from "./plan";
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
export { outSinceOf, planWeeks } from "./weeks";
