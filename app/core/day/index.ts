export { type Day, type DayMoment, type DayUse, dayOf, type UseUp } from "./dayOf";
export { madeDay } from "./madeDay";
export { type PrepareView, prepareView } from "./prepareView";
export { remindersQuestion } from "./remindersQuestion";
export { sittingUses } from "./sittingUses";
export { type NightTask, type PutAway, putAwayTonight } from "./tonight";
export { planUses } from "./useItUp";
