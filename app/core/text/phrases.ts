import { distance } from "fastest-levenshtein";
import { tokensOf } from "./tokens";

/** A word of so many letters and more may be one slip of the pen away, a longer one two. */
const ONE_SLIP_FROM = 5;
const TWO_SLIPS_FROM = 10;
const MAX_SLIPS = 2;
/** Within a phrase of several words the others vouch for it, and a shorter one may be a slip as well. */
export const SLIP_IN_PHRASE_FROM = 4;

const slipsFor = (word: string, from: number) => {
  if (word.length < from) return 0;
  return word.length < TWO_SLIPS_FROM ? 1 : 2;
};

/** Are they the same but for two neighbouring letters that changed places? */
function isSwapped(a: string, b: string): boolean {
  if (a.length !== b.length) return false;
  const at = [...a].findIndex((letter, i) => letter !== b[i]);
  return at >= 0 && a[at] === b[at + 1] && a[at + 1] === b[at] && a.slice(at + 2) === b.slice(at + 2);
}

/** The same word, or a slip of the pen away: the first letter is taken to be right. */
export function isSlipOf(written: string, meant: string, from = ONE_SLIP_FROM): boolean {
  if (written === meant) return true;
  // Most words differ at once; the distance is reckoned for the few that may be meant.
  if (written[0] !== meant[0] || Math.abs(written.length - meant.length) > MAX_SLIPS) return false;
  const slips = Math.min(slipsFor(written, from), slipsFor(meant, from));
  return slips > 0 && (isSwapped(written, meant) || distance(written, meant) <= slips);
}

export const isSame = (written: string, meant: string): boolean => written === meant;

/** Do the words of `phrase` stand in `tokens`, one after the other? Gives where they begin, or −1. */
export function phraseAt(
  tokens: readonly string[],
  phrase: readonly string[],
  same: (written: string, meant: string) => boolean = isSame,
): number {
  for (let at = 0; phrase.length > 0 && at + phrase.length <= tokens.length; at++) {
    if (phrase.every((word, i) => same(tokens[at + i] ?? "", word))) return at;
  }
  return -1;
}

/** Phrases as tokens, longest first, so that "water bead" is found before "bead". */
export const phrasesOf = (texts: readonly string[]): string[][] =>
  texts.map(tokensOf).sort((a, b) => b.length - a.length);
