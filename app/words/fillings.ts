import type { Filling } from "../core/model";

/** The layers of content that a frame can be filled with. */
export const LAYER_NAMES: Record<Filling["layer"], string> = {
  colour: "Colours",
  shape: "Shapes",
  number: "Numbers",
  letter: "Letters",
  word: "Words",
};

const ONE: Record<Filling["layer"], string> = {
  colour: "colour",
  shape: "shape",
  number: "number",
  letter: "letter",
  word: "word",
};

/** "number 4", "letter T": within a sentence. */
export const fillingText = ({ layer, on }: Filling): string => `${ONE[layer]} ${on}`;
