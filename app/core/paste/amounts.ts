import type { Material, Unit } from "../model";

const NUMBER_WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  twelve: 12,
  twenty: 20,
  couple: 2,
  few: 3,
  some: 3,
  several: 4,
};
const FRACTIONS: Readonly<Record<string, number>> = { "½": 0.5, "¼": 0.25, "¾": 0.75, half: 0.5 };

/** Measures in words, with the unit they are of and how many of it they are. Ounces of 28.35 g, pounds of 453.6 g. */
const MEASURES: readonly { words: RegExp; unit: Unit; factor: number }[] = [
  { words: /^(kg|kilos?|kilograms?)$/, unit: "g", factor: 1000 },
  { words: /^(g|grams?|gr|grammes?)$/, unit: "g", factor: 1 },
  { words: /^(lbs?|pounds?)$/, unit: "g", factor: 453.592 },
  { words: /^(oz|ounces?)$/, unit: "g", factor: 28.3495 },
  { words: /^(l|litres?|liters?)$/, unit: "ml", factor: 1000 },
  { words: /^dl$/, unit: "ml", factor: 100 },
  { words: /^cl$/, unit: "ml", factor: 10 },
  { words: /^(ml|millilitres?|milliliters?)$/, unit: "ml", factor: 1 },
  { words: /^(m|metres?|meters?)$/, unit: "cm", factor: 100 },
  { words: /^cm$/, unit: "cm", factor: 1 },
  { words: /^(sheets?|pages?)$/, unit: "sheet", factor: 1 },
];

/** "A bag of", "2 packs": what holds the thing is not the thing, and how many it holds is not said. */
const HOLDERS =
  /^(bags?|bagful|boxes|box|boxful|bunch|bunches|handful|handfuls|pile|packs?|packets?|pkts?|rolls?|bottles?|jars?|tins?|tubs?|bars?|reams?|loaf|loaves|heads?|stacks?|sets?|lots?|load|loads|boxfuls|tubes?|cartons?|bags)$/;

/** What a line says of how much: a number, a measure, whether pairs are meant; and the words that are left. */
export interface Amount {
  count?: number;
  measure?: { unit: Unit; factor: number };
  /** "6 pairs of socks" are six; "4 socks" are two pairs. */
  pairs: boolean;
  rest: string[];
}

/** A number in figures or in words; undefined where the word is none. */
const numberOf = (word: string): number | undefined =>
  /^\d+(\.\d+)?$/.test(word) ? Number(word) : (NUMBER_WORDS[word] ?? FRACTIONS[word]);

const wordsOf = (line: string): string[] =>
  line
    .normalize("NFC")
    .replace(/[’']s\b/g, "")
    // "12-hole" tells of one tin how it is made, and not how many tins there are.
    .replace(/\b\d+[\s-]*(hole|well|cavity)s?\b/giu, " ")
    .replace(/(\d),(\d)/g, "$1.$2")
    // "500g" is a number and a measure, "x4" a number; "A4" and "CR2032" are names.
    .replace(/(^|[^\p{L}\d.])(\d+(?:\.\d+)?)(\p{L}+)/gu, "$1$2 $3")
    .replace(/(^|\s)[xX×]\s*(?=\d)/g, "$1")
    .toLowerCase()
    .split(/[^\p{L}\p{N}½¼¾.]+/u)
    .map((word) => word.replace(/^\.+|\.+$/g, ""))
    .filter((word) => word !== "");

/** "Bag" in "a bag of rice", "rice, 2 bags", "bag of rice"; not in "5 bags" and not in "paper bags". */
function isHolder(words: readonly string[], at: number, afterNumber: boolean): boolean {
  if (!HOLDERS.test(words[at] ?? "")) return false;
  if (words[at + 1] === "of" && at + 2 < words.length) return true;
  const isLast = at === words.length - 1;
  return afterNumber && isLast && at > 1;
}

/** Takes number and measure out of a line: "2 kg rice", "rice 500g", "half a dozen pegs", "teaspoons x 6". */
export function amountOf(line: string): Amount {
  let count: number | undefined;
  let measure: Amount["measure"];
  let pairs = false;
  let afterNumber = false;
  let inHolders = false;
  const rest: string[] = [];
  const words = wordsOf(line);
  words.forEach((word, i) => {
    const number = numberOf(word);
    const found = afterNumber ? MEASURES.find((one) => one.words.test(word)) : undefined;
    if (word === "dozen") count = (count ?? 1) * 12;
    else if (number !== undefined && count === undefined) count = number;
    else if (number !== undefined && NUMBER_WORDS[word] === 1) count = (count ?? 1) * number;
    else if (found && measure === undefined) measure = { unit: found.unit, factor: found.factor };
    else if (/^pairs?$/.test(word)) {
      pairs = true;
      rest.push(word);
    } else if (isHolder(words, i, afterNumber)) inHolders = true;
    else if (number === undefined) rest.push(word);
    afterNumber = number !== undefined;
  });
  return { count: inHolders && !measure ? undefined : count, measure, pairs, rest };
}

/**
 * A number that was supposed because none was given; a measure taken for the thing's size; a thing that is not counted
 * in pieces; one left over of pairs.
 */
export type AmountNote =
  | { code: "no-number" | "taken-for-size" | "odd-of-pairs" }
  | { code: "not-counted"; unit: Unit };

export interface Quantity {
  quantity: number;
  /** What the adult should look at. */
  note?: AmountNote;
}

/** How much of a material a line says there is, in its unit; "250 ml" of a thing that is counted is its size. */
export function quantityFor(material: Material, { count, measure, pairs }: Amount): Quantity {
  const usual = material.usual || 1;
  const isCounted = material.unit === "piece" || material.unit === "sheet";
  if (count === undefined) {
    return { quantity: usual, note: { code: "no-number" } };
  }
  if (measure?.unit === material.unit) return { quantity: Math.round(count * measure.factor) };
  if (measure && isCounted) {
    return { quantity: usual, note: { code: "taken-for-size" } };
  }
  if (measure || !isCounted) {
    return { quantity: usual, note: { code: "not-counted", unit: material.unit } };
  }
  if (!material.name.startsWith("pair of ") || pairs) return { quantity: count };
  return {
    quantity: Math.max(1, Math.floor(count / 2)),
    ...(count % 2 === 1 ? { note: { code: "odd-of-pairs" as const } } : {}),
  };
}
