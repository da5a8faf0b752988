export { noteSlips, type PaperTray, pictureSteps, shelfPlan, trayLabels, weekPlan } from "./home";
export { SHEET_KINDS, sheetKindOf } from "./kinds";
export { printedThings, sheetKey, sheetsFor, thingOfSheet } from "./needed";
export { cutMinutes, drawSheet, sheetPages, sheetValues } from "./pages";
export { PAPER_IDS, type Paper } from "./paper";
export type { Drawn as DrawnSheet, NeededSheet, SheetKind } from "./sheet";
