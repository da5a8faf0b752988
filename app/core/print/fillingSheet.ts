import type { Filling } from "../model";
import type { SetOut } from "../setup";
import type { NeededSheet } from "./sheet";

/**
 * The card of a number or a letter that a tray is filled with, or the strip of a word; none of a number that is on the tray's own
 * cards, and none of colours and shapes, where there is nothing to read.
 */
export function fillingSheet({ layer, on }: Filling, things: readonly SetOut[]): NeededSheet | undefined {
  if (layer === "number") {
    const number = /^(\d|1\d|20)$/.test(on) ? Number(on) : undefined;
    const isThere = things.some(
      (one) => one.material.shows === "numbers" && number !== undefined && number <= one.quantity,
    );
    return number === undefined || isThere
      ? undefined
      : { kind: "numerals", values: { from: number, to: number } };
  }
  if (layer === "letter" && on.length <= 3)
    return { kind: "letters", values: { word: on, style: "big and small" } };
  return layer === "word" && on.length <= 20 ? { kind: "name-strip", values: { word: on } } : undefined;
}
