export { type Day, type DayMoment, dayOf, type Invitation, type UseUp } from "./dayOf";
