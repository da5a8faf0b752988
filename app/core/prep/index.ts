export { oneToN } from "./cutting";
export { type DryingSpot, dryingPlaces, dryUntil } from "./drying";
export { PREP_STEPS, type PrepLine, type PrepStep, type PrepTray } from "./lines";
export * from "./parts";
export { prepSheet } from "./prepSheet";
export { NOTHING_DONE, type PrepDone, prepStateOf } from "./prepState";
export { asPrepared, readyFor } from "./ready";
export { comingBack, madeBy, type Share, takenFrom, usedUp } from "./restock";
export { type Shopping, shoppingFor } from "./shopping";
