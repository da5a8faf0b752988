export { type Day, type DayMoment, type DayUse, dayOf, type UseUp } from "./dayOf";
export { type PrepareView, prepareView } from "./prepareView";
export { remindersQuestion } from "./remindersQuestion";
export { sittingUses } from "./sittingUses";
export { planUses } from "./useItUp";
