import type { MaterialId } from "../model";
/** A sheet that a tray needs, with the fields that follow from it; all else is as usual. */
export interface NeededSheet {
  kind: string;
  values: Readonly<Record<string, number | string>>;
}

/** Pictures cut into parts, by the thing that they are: into how many, how many pieces a picture, and how large. */
export const PARTS: Readonly<Record<string, { parts: string; of: number; sideMm: number }>> = {
  "card-half": { parts: "2", of: 2, sideMm: 100 },
  "card-third": { parts: "3", of: 3, sideMm: 99 },
  "card-sixth": { parts: "6", of: 6, sideMm: 100 },
};

/** Kinds of sheets that make a thing of the catalogue, and which. */
export const THINGS: Readonly<Record<string, string>> = {
  "number-cards": "cards-number",
  numerals: "cards-number",
  pairs: "cards-pairs",
  "shadow-match": "cards-pairs",
  story: "cards-story",
  shades: "cards-shade",
  letters: "cards-letter",
  lacing: "card-lacing",
  "picture-cards": "picture-cards",
  contrast: "contrast-cards",
  faces: "cards-feeling",
  path: "game-path",
};

const MADE = new Set([...Object.keys(PARTS), ...Object.values(THINGS)]);

/** Can this thing of the catalogue be made by printing a sheet? */
export const isPrinted = (material: MaterialId): boolean => MADE.has(material);
