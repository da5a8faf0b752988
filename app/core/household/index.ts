export { catalogueOf } from "./catalogueOf";
export { focusesOn, focusFrom, isFillingFocus, servesFocus } from "./focus";
export { FOLLOWED_DAYS, type FollowUp } from "./followUps";
export { stockBesideTrays } from "./freeStock";
export { type ActivityHistory, PUT_AWAY } from "./history";
export {
  childrenAt,
  daysFor,
  inOrderOfTheDay,
  lanesOfMoments,
  neighboursOf,
  type Opening,
  placeDuring,
} from "./moments";
export { offerContext } from "./offerContext";
export { plannedOn } from "./planned";
export {
  type Change,
  rearrangeTray,
  type TrayChange,
  type TrayChangeFault,
  type TrayChangeResult,
} from "./rearrangeTray";
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
