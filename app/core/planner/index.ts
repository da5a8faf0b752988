export { APPROACH_DEFAULTS } from "./approach";
export { asIfAccepted, trayFieldsOf } from "./asIfAccepted";
export { explainPlacement } from "./explainPlacement";
export { type Horizon, horizonOf, MOST_WEEKS } from "./horizon";
export { mipModelOf } from "./mipModel";
export {
  type Found,
  makePlan,
  makeRotation,
  type Plan,
  type PlannedRotation,
  planOf,
  solveHorizon,
} from "./plan";
export type { Band } from "./problem";
export { DEFAULT_LIMIT_SECONDS, solveWhole } from "./solve";
export { lpTextOf } from "./solver";
export { type Slot, type Swap, swapsFor, type WhyNot, whyNot } from "./swaps";
export { type Purchase, type WhatIf, whatIf, worthBuying } from "./whatIf";
