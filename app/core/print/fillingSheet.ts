import type { Filling } from "../model";
import type { NeededSheet } from "./printed";

/** The card of a number or a letter that a tray is filled with, or the strip of a word; of colours and shapes there is nothing to read. */
export function fillingSheet({ layer, on }: Filling): NeededSheet | undefined {
  if (layer === "number")
    return /^(\d|1\d|20)$/.test(on)
      ? { kind: "numerals", values: { from: Number(on), to: Number(on) } }
      : undefined;
  if (layer === "letter" && on.length <= 3)
    return { kind: "letters", values: { word: on, style: "big and small" } };
  return layer === "word" && on.length <= 20 ? { kind: "name-strip", values: { word: on } } : undefined;
}
