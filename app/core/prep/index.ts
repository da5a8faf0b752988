export {
  PREP_STEPS,
  type PrepLine,
  type PrepSheet,
  type PrepStep,
  type PrepTray,
  prepSheet,
} from "./prepSheet";
export { comingBack, type Left, runningLow, usedUp } from "./restock";
