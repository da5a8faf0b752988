import type { SheetKind } from "../sheet";
import { firstSounds, growth, letterCards, nameStrip, storySteps } from "./letters";
import { cutOut, cutting, dots, lacing, outlines, roads, shapeOutlines, targets, wheel } from "./lines";
import {
  contrast,
  cutPicture,
  faces,
  pairs,
  partsOf,
  pictureCards,
  shadowMatch,
  shapeMatch,
} from "./matching";
import { numberCards, numberMats, numerals, tenFrames } from "./numbers";
import { gridCopy, pathGame, patternStrip, rebuild, shapePicture, stickPatterns } from "./patterns";
import { shadeCards } from "./shades";

/** Every kind of sheet, in the order in which they are offered. */
export const SHEET_KINDS: readonly SheetKind[] = [
  shapeMatch,
  shadowMatch,
  pairs,
  pictureCards,
  cutPicture,
  partsOf,
  contrast,
  faces,
  patternStrip,
  gridCopy,
  rebuild,
  stickPatterns,
  shapePicture,
  pathGame,
  numberCards,
  tenFrames,
  numberMats,
  numerals,
  roads,
  cutting,
  cutOut,
  outlines,
  shapeOutlines,
  dots,
  lacing,
  targets,
  wheel,
  letterCards,
  nameStrip,
  firstSounds,
  storySteps,
  growth,
  shadeCards,
];

export const sheetKindOf = (id: string): SheetKind | undefined => SHEET_KINDS.find((one) => one.id === id);
