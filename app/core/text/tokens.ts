import pluralize from "pluralize";

const singulars = new Map<string, string>();

/** The word in the singular, remembered: a list asks for the same words many times. */
export function singular(word: string): string {
  const known = singulars.get(word);
  if (known !== undefined) return known;
  // Short words, and what ends in "ss" or "us", are singular already; the package takes some of them for plurals.
  const found = word.length < 4 || /(ss|us|is)$/.test(word) ? word : pluralize.singular(word);
  singulars.set(word, found);
  return found;
}

/** The words of a text as they are compared: small letters, no accents, no possessive, in the singular. */
export const tokensOf = (text: string): string[] =>
  text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[’']s\b/g, "")
    .replace(/[’']/g, "")
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== "")
    .map(singular);
