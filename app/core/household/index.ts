export { catalogueOf } from "./catalogueOf";
export { focusesOn, focusFrom, isFillingFocus, servesFocus } from "./focus";
export { stockBesideTrays } from "./freeStock";
export { type ActivityHistory, PUT_AWAY } from "./history";
export {
  childrenAt,
  daysFor,
  inOrderOfTheDay,
  neighboursOf,
  type Opening,
  placeDuring,
  tracksOfMoments,
} from "./moments";
export { offerContext } from "./offerContext";
export {
  type Change,
  type Otherwise,
  type OtherwiseFault,
  type OtherwiseResult,
  otherwise,
} from "./otherwise";
export { plannedOn } from "./planned";
export { FOLLOWED_DAYS, type FollowUp } from "./pulls";
export {
  latestFirst,
  nextStart,
  openRotations,
  putAwayOn,
  standingRotation,
  upcomingRotation,
} from "./rotations";
export { rungOfTray, setOutOn, thingHere, wouldSetOut } from "./setOut";
export { readinessSteps, type Situation, situationOf, supplyOf } from "./situation";
export {
  explainMove,
  type PlacementFault,
  standingSafety,
  stateWhileStanding,
  turningUnsafe,
} from "./standing";
export { type LaidReady, laidReady, stepsOf } from "./steps";
export { type TrayView, trayView } from "./trayView";
export { refusalOf } from "./wishes";
