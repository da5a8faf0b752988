export { noteSlips, type PaperTray, pictureSteps, shelfPlan, trayLabels, weekPlan } from "./home";
export { SHEET_KINDS, sheetKindOf } from "./kinds";
export { type NeededSheet, PRINTED_THINGS, SHEET_NAMES, type SheetTray, sheetKey, sheetsFor } from "./needed";
export { cutMinutes, drawSheet, sheetPages, sheetValues } from "./pages";
export { PAPER_IDS, PAPERS, type Paper, pageOf } from "./paper";
export { type OnPage, type PdfFonts, pdfOf } from "./pdf";
export type { Drawn as DrawnSheet, Field, SheetKind } from "./sheet";
