export { APPROACH_DEFAULTS } from "./approach";
export { asIfAccepted, trayFieldsOf } from "./asIfAccepted";
export { catalogueOf } from "./catalogueOf";
export { focusFrom, focusText } from "./focus";
export { type Horizon, horizonOf, MOST_WEEKS } from "./horizon";
export { whyNotAt } from "./mayStand";
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
export {
  PUT_AWAY,
  putAwayOn,
  type Situation,
  situationOf,
  standingRotation,
  supplyOf,
  upcomingRotation,
} from "./situation";
export { DEFAULT_LIMIT_SECONDS, solveWhole } from "./solve";
export { lpTextOf } from "./solver";
export {
  standingSafety,
  standingSafeWays,
  turningUnsafe,
  usersOf,
  whyNotThere,
} from "./standing";
export { type Slot, type Swap, swapsFor, type WhyNot, whyNot } from "./swaps";
export { type Purchase, type WhatIf, whatIf, worthBuying } from "./whatIf";
