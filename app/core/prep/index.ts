export { PREP_STEPS, type PrepLine, type PrepSheet, type PrepStep, type PrepTray } from "./lines";
export { partsText, scaledRecipe } from "./mix";
export { prepSheet } from "./prepSheet";
export { comingBack, type Left, madeBy, usedUp } from "./restock";
export { type Shopping, type ShoppingLine, shoppingFor, shoppingText } from "./shopping";
