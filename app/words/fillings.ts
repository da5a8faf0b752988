import type { Filling } from "../core/model";
import type { FilledPieces } from "../core/setup";

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

/** "4 of 6 lie out, the others behind the tray (card disc)": how the pieces stand for a number. */
export function filledText({ thing, out, lacking }: FilledPieces): string {
  const { name } = thing.material;
  const of = thing.quantity;
  if (lacking > 0) return `All ${of} lie out, ${lacking} too few (${name})`;
  return out === of
    ? `All ${of} lie out (${name})`
    : `${out} of ${of} lie out, the others behind the tray (${name})`;
}
