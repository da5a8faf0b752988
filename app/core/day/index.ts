export { type Day, type DayMoment, type DayUse, dayOf, type UseUp } from "./dayOf";
export { sittingUses } from "./sittingUses";
export { planUses } from "./useItUp";
