export {
  PREP_STEPS,
  type PrepLine,
  type PrepStep,
  type PrepTray,
  prepSheet,
} from "./prepSheet";
export { comingBack, type Left, runningLow, usedUp } from "./restock";
