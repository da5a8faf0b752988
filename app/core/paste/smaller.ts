import type { Material } from "../model";
import { isSmallPart, passesTube } from "../safety";
import { tokensOf } from "../text";

/** Words that say that a thing is smaller than others of its kind. */
const SMALL_WORDS: ReadonlySet<string> = new Set(
  "small smaller tiny little mini miniature thin narrow short slim fine wee".split(" "),
);
/** A thing whose largest size (mm) is beyond this has no small kind that could be swallowed: a small towel is a towel. */
const LARGEST_MM = 260;
/** A size up to this (mm) may be that of something that can be swallowed; larger ones are of no matter here. */
const SMALL_SIZE_MM = 60;
/** Two sizes that differ by less are the same size told roughly. */
const ROUGHLY = 0.2;

const SIZE = /(\d+(?:[.,]\d+)?)\s*(mm|cm|inch(?:es)?|in|["″])(?![\p{L}])/giu;
const MM: Readonly<Record<string, number>> = { mm: 1, cm: 10 };
const INCH_MM = 25.4;

/** The sizes that a line tells, in mm: "wooden balls 2 cm" tells 20. */
export const sizesIn = (line: string): number[] =>
  [...line.matchAll(SIZE)].map(
    ([, number = "", unit = ""]) => Number(number.replace(",", ".")) * (MM[unit.toLowerCase()] ?? INCH_MM),
  );

/**
 * True where a line tells of something smaller than the thing that it seems to mean: by a size, or by a word such as small or
 * thin that does not belong to the thing's own names. What is as small as that already is judged as small anyway.
 */
export function isSmallerThan(
  line: string,
  { piece, unit, name, also }: Pick<Material, "piece" | "unit" | "name" | "also">,
): boolean {
  if (!piece || unit === "cm" || isSmallPart(piece) || passesTube(piece)) return false;
  const largest = Math.max(...piece.mm);
  const isOwnSize = (mm: number) => piece.mm.some((one) => Math.abs(one - mm) <= ROUGHLY * one);
  if (sizesIn(line).some((mm) => mm <= SMALL_SIZE_MM && mm < largest && !isOwnSize(mm))) return true;
  const own = new Set([name, ...also].flatMap(tokensOf));
  return largest <= LARGEST_MM && tokensOf(line).some((word) => SMALL_WORDS.has(word) && !own.has(word));
}
