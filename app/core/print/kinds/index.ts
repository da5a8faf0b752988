import type { SheetKind } from "../sheet";
import { pathGame, shapePicture, stickPatterns } from "./laying";
import { firstSounds, growth, letterCards, nameStrip, storySteps } from "./letters";
import { cutting, dots, lacing, roads } from "./lines";
import { cutPicture, pairs, partsOf, pictureCards, shadowMatch, shapeMatch } from "./matching";
import { numberCards, numberMats, numerals, tenFrames } from "./numbers";
import { cutOut, outlines, shapeOutlines } from "./outlines";
import { gridCopy, patternStrip, rebuild } from "./patterns";
import { contrast, faces } from "./plain";
import { targets, wheel } from "./rings";
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
