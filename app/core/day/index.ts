export { type Day, type DayMoment, type DayUse, dayOf, spoilingSoon } from "./dayOf";
export { planConsumption } from "./planConsumption";
export { type PrepareView, prepareView } from "./prepareView";
export { remindersQuestion } from "./remindersQuestion";
export { sittingUses } from "./sittingUses";
export { MOST_TURNS, suggestDay } from "./suggestDay";
export { type NightTask, type PutAway, putAwayTonight } from "./tonight";
