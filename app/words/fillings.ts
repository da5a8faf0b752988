import type { Filling } from "../core/model";
import type { FilledPieces } from "../core/setup";
import { namesText } from "./names";

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

/** "3 and 3", "3 red and 3 yellow": heaps that are told apart; nothing where there is but one number. */
export function heapsText({ layer }: Pick<Filling, "layer">, heaps: FilledPieces["heaps"]): string {
  if (layer === "colour") return namesText(heaps.map(({ of, count }) => `${count} ${of}`));
  return heaps.length > 1 ? namesText(heaps.map(({ count }) => String(count))) : "";
}

/** "4 of 6 lie out, the others behind the tray (card disc)": how the pieces stand for a number or for colours. */
export function filledText(
  filling: Pick<Filling, "layer">,
  { thing, heaps, out, lacking }: FilledPieces,
): string {
  const { name } = thing.material;
  const of = thing.quantity;
  const told = heapsText(filling, heaps);
  const heap = told ? `: ${told}` : "";
  if (lacking > 0) {
    const few = filling.layer === "colour" ? "too few of a colour for more" : `${lacking} too few`;
    return out === of
      ? `All ${of} lie out${heap}, ${few} (${name})`
      : `${out} of ${of} lie out${heap}, ${few} (${name})`;
  }
  return out === of
    ? `All ${of} lie out${heap} (${name})`
    : `${out} of ${of} lie out${heap}, the others behind the tray (${name})`;
}
