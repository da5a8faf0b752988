export { type Day, type DayMoment, dayOf, type UseUp } from "./dayOf";
