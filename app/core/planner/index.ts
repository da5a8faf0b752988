export { APPROACH_DEFAULTS, traysFor } from "./approach";
export { type Horizon, horizonOf, MOST_WEEKS } from "./candidates/horizon";
export type { Band } from "./candidates/problem";
export type { Barrier, Breach, Reason, TightPair } from "./candidates/reasons";
export { asIfAccepted, trayFieldsOf } from "./explain/asIfAccepted";
export type { Conflict } from "./explain/conflicts";
export type { EmptyReason } from "./explain/empties";
export { explainPlacement } from "./explain/explainPlacement";
export type { FocusBarrier, FocusOutcome } from "./explain/focusOutcome";
export { type RuledOutBy, type Slot, type Swap, swapsFor, type WhyNot, whyNot } from "./explain/swaps";
export { type WhatIf, whatIf } from "./explain/whatIf";
export type { ChildWithFewTrays, MissingPlace } from "./explain/withoutTray";
export { type Purchase, worthBuying } from "./explain/worthBuying";
export { mipModelOf } from "./model/mipModel";
export {
  makePlan,
  makeRotation,
  type Plan,
  type PlannedRotation,
  planOf,
  type ShoppingLine,
  type Solution,
  solveHorizon,
} from "./plan";
export { DEFAULT_LIMIT_SECONDS, solveWhole } from "./solve/solve";
export { lpTextOf } from "./solve/solver";
