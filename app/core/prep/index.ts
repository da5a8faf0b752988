export { dryingPlaces, dryUntil } from "./drying";
export { PREP_STEPS, type PrepLine, type PrepStep, type PrepTray } from "./lines";
export { partsText, scaledRecipe } from "./mix";
export { prepSheet } from "./prepSheet";
export { NOTHING_DONE, type PrepDone, prepStateOf } from "./prepState";
export { comingBack, madeBy, type Share, takenFrom, usedUp } from "./restock";
export { shoppingFor, shoppingText } from "./shopping";
