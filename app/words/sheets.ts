import type { DrawnSheet } from "../core/print";
import { percentText } from "./numbers";

interface SheetWords {
  name: string;
  about: string;
  /** What it is best printed on. */
  on: "card" | "paper";
}

const words = (name: string, about: string, on: SheetWords["on"] = "card"): SheetWords => ({
  name,
  about,
  on,
});

/** Kinds of sheets, as they are called and what they are for. */
export const SHEET_WORDS: Readonly<Record<string, SheetWords>> = {
  "shape-match": words(
    "Shapes and colours",
    "Two cards of every shape in every colour: matched by one, by the other, or by both.",
  ),
  "shadow-match": words(
    "Pictures and shadows",
    "Each picture with its dark shadow; easy takes outlines that are far from alike, hard those that are near.",
  ),
  pairs: words("Pairs", "Two of each picture, to find face up, then face down."),
  "picture-cards": words(
    "Picture cards",
    "One large picture a card: to name, to fetch the thing for, to sort.",
  ),
  "cut-picture": words("Pictures in parts", "Cut along the lines and put together again."),
  parts: words(
    "Parts of a thing",
    "The whole, and for each part a card on which only that part has its colour.",
  ),
  contrast: words("Black and white", "Large plain shapes for a baby's eyes."),
  faces: words("Faces", "Faces that feel something plainly."),
  "pattern-strip": words(
    "Pattern strips",
    "A pattern shown twice and gone on with; the slots are as wide as your pieces.",
  ),
  "grid-copy": words("Grids to copy", "A grid with pieces in it, and an empty one beside it."),
  rebuild: words("Look, cover, build again", "Rows that grow longer: looked at, covered, built from memory."),
  "stick-patterns": words("Stick patterns", "Flat sticks at their true length: upright, lying, slanting."),
  "shape-picture": words(
    "A boat of flat shapes",
    "Filled with shapes in their own size, with the lines between them or without.",
    "paper",
  ),
  path: words("Path game", "Squares from a green beginning to a yellow end: one hop, one square."),
  "number-cards": words("Numbers with their counters", "As many rings under a number as it says."),
  "ten-frames": words("Frames of ten", "Two rows of five, partly filled."),
  "number-mats": words(
    "Number mats",
    "A large number with as many rings to stick on or press into.",
    "paper",
  ),
  numerals: words("Numbers alone", "To put in a row, to hang on a line, to run to."),
  roads: words("Roads and lines", "Followed with a finger, a car, a crayon; from green to red.", "paper"),
  cutting: words(
    "Strips to cut",
    "Snips first, then a straight line, then bends. The grey end is for the hand that holds.",
    "paper",
  ),
  "cut-out": words("Pictures to cut round", "A picture in a thick ring or frame.", "paper"),
  outline: words("Outlines", "To fill with torn paper, dough, paint or drops.", "paper"),
  "shape-outlines": words("Outlines of shapes", "To lay cutters and flat shapes on, to trace round."),
  dots: words(
    "Dots to fill",
    "As large as the sticker, the cotton bud or the drop that goes on them.",
    "paper",
  ),
  lacing: words("Lacing card", "Holes at even distances: punch them with a hole punch."),
  targets: words("Target", "Rings to roll, throw or drop on."),
  wheel: words("Peg wheel", "Fields of a colour each, for pegs of the same colours."),
  letters: words("Letters", "Each letter of a word or name on a card of its own."),
  "name-strip": words("Name strip", "A name, with a field for each of its letters."),
  "first-sounds": words(
    "First sounds",
    "Pictures, and the letters whose sounds they begin with in English: no name that begins with another sound than its letter.",
  ),
  story: words("Small stories", "Pictures to lay in order; the dots at the foot tell you which comes when."),
  growth: words("Growing", "One thing from small to large."),
  shades: words("Shades", "One colour from light to dark, each step as far from the next."),
  "tray-labels": words("Tray labels", "What stands on each tray, so that everybody sets it back alike."),
  "shelf-plan": words("Shelf plan", "Which tray stands where.", "paper"),
  week: words("The week at a glance", "What is on, on which day and at which moment.", "paper"),
  slips: words("Slips to note on", "One a tray: a word to ring, and lines to write on.", "paper"),
  making: words(
    "How it is made",
    "What to cut and how large, the steps, and what it has to stand before a child gets it.",
    "paper",
  ),
  recipe: words("Recipe in pictures", "What goes in, how much of it, and what is done.", "paper"),
};

export const sheetName = (kind: string): string => SHEET_WORDS[kind]?.name ?? kind;

const FIELD_WORDS: Readonly<Record<string, string>> = {
  interest: "Pictures of",
  pairs: "Pairs",
  cards: "Cards",
  pictures: "Pictures",
  sounds: "Letters of the sounds",
  parts: "Parts of each",
  level: "Likeness",
  cardMm: "Side of a card, mm",
  sideMm: "Side, mm",
  style: "Look",
  thing: "Thing",
  faces: "Faces",
  shapes: "Shapes",
  colours: "Colours",
  unit: "Pattern",
  shown: "Shown so many times",
  empty: "Empty slots",
  pieceMm: "Width of a piece, mm",
  strips: "Strips",
  size: "Rows and columns",
  filled: "Pieces in the grid",
  variants: "Different ones",
  from: "From",
  to: "To",
  form: "Form",
  patterns: "Patterns",
  stickMm: "Length of a stick, mm",
  widthMm: "Width, mm",
  pieces: "Pieces",
  sizeMm: "Width of a shape, mm",
  squares: "Squares",
  counterMm: "Width of a counter, mm",
  stickerMm: "Width of a sticker, mm",
  shape: "Line",
  lines: "Lines",
  bends: "Bends",
  stripMm: "Width of a strip, mm",
  lineMm: "Thickness of the line, mm",
  hand: "Scissors in the",
  round: "Cut in a",
  order: "Sizes",
  dotMm: "Width of a dot, mm",
  gapMm: "Between dots, mm",
  holes: "Holes",
  holeMm: "Width of a hole, mm",
  rings: "Rings",
  fields: "Fields",
  word: "Word or name",
  letterMm: "Height of a letter, mm",
  story: "Story",
  stages: "Stages",
  hue: "Colour",
  steps: "Steps",
  apart: "Distance of two steps (CIEDE2000)",
  copies: "Copies",
};

export const fieldName = (field: string): string => FIELD_WORDS[field] ?? field;

export const CHECK_LINE = "This line is 100 mm long when it is printed at 100 %.";

const plural = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`;

/** "2 sheets, 8 pieces, about 4 min to cut; 43 % of the paper is left over". */
export function factsText(drawn: DrawnSheet, minutes: number): string {
  const parts = [
    plural(drawn.pages.length, "sheet", "sheets"),
    ...(minutes > 0
      ? [plural(drawn.makes ?? drawn.pieces, "piece", "pieces"), `about ${minutes} min to cut`]
      : ["nothing to cut"]),
  ];
  const waste = drawn.waste === undefined ? "" : `; ${percentText(drawn.waste)} of the paper is left over`;
  return `${parts.join(", ")}${waste}.`;
}

export function warningText({ code, value }: NonNullable<DrawnSheet["warnings"]>[number]): string {
  switch (code) {
    case "too-fine-to-print":
      return `Steps nearer than ${value} look alike from most printers at home: print one, and look at it by daylight.`;
    case "not-that-many":
      return `There are no more than ${value} of them here.`;
    case "too-large":
      return `One of ${Math.round(value)} mm is larger than the paper lets it be. Make it smaller.`;
  }
}

/** What to print it on, and whether to cover it. */
export const printOnText = (kind: string, mouths: boolean): string =>
  SHEET_WORDS[kind]?.on === "paper"
    ? "On plain paper: it is used up."
    : `On card, or glued to card; laminated it lasts longer${mouths ? ", and round the corners: card that is sucked comes apart" : ""}.`;

/** A card so small that it could be swallowed. */
export const SMALL_CARD =
  "A card of this size fits the small-parts cylinder: make it larger for a child who still mouths, or keep it adult-held.";
