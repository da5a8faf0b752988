import type { Activity, Danger, Hazard, Material, NotDanger } from "../model";
import { isSame, isSlipOf, phraseAt, phrasesOf, SLIP_IN_PHRASE_FROM, tokensOf } from "../text";
import { isSmallPart, passesTube } from "./pieces";

/** In the name of a thing every word tells; in running text ("watch the match") only those that can't mean anything else. */
export type Wording = "name" | "prose";

interface Compiled {
  danger: Danger;
  words: string[][];
  names: string[][];
  /** Harmless phrases that hold one of its words: these words are passed over. */
  covers: string[][];
  /** Harmless phrases that hold none: with one of them it is something else. */
  cancels: string[][];
}

interface DangerIndex {
  all: Compiled[];
  /** Every word that stands somewhere in the list: it is written right, and no slip of another one. */
  vocabulary: ReadonlySet<string>;
}

const indexes = new WeakMap<readonly Danger[], DangerIndex>();

function indexOf(dangers: readonly Danger[]): DangerIndex {
  const known = indexes.get(dangers);
  if (known) return known;
  const all = dangers.map((danger): Compiled => {
    const words = phrasesOf([danger.name, ...danger.words]);
    const names = phrasesOf(danger.names);
    const own = new Set([...words, ...names].flat());
    const not = phrasesOf(danger.not);
    return {
      danger,
      words,
      names,
      covers: not.filter((phrase) => phrase.some((word) => own.has(word))),
      cancels: not.filter((phrase) => !phrase.some((word) => own.has(word))),
    };
  });
  const vocabulary = new Set(all.flatMap((one) => [one.words, one.names, one.covers, one.cancels].flat(2)));
  const index = { all, vocabulary };
  indexes.set(dangers, index);
  return index;
}

/** A single word is taken for a slip of another only from so many letters on: "table" is no tablet. */
const SINGLE_SLIP_FROM = 6;
/** Written as one word, from so many letters on: "waterbeads". */
const JOINED_FROM = 8;

/** The tokens with those blanked that lie in one of the phrases. */
function blanked(tokens: readonly string[], phrases: readonly string[][]): string[] {
  const left = [...tokens];
  for (const phrase of phrases) {
    for (let at = phraseAt(left, phrase); at >= 0; at = phraseAt(left, phrase)) {
      left.fill("", at, at + phrase.length);
    }
  }
  return left;
}

type Same = (written: string, meant: string, from?: number) => boolean;

function isSaid(tokens: readonly string[], phrase: readonly string[], slip: Same): boolean {
  const [only = ""] = phrase;
  if (phrase.length === 1) {
    return phraseAt(tokens, phrase, only.length >= SINGLE_SLIP_FROM ? slip : isSame) >= 0;
  }
  if (phraseAt(tokens, phrase, (a, b) => slip(a, b, SLIP_IN_PHRASE_FROM)) >= 0) return true;
  const joined = phrase.join("");
  return joined.length >= JOINED_FROM && tokens.some((word) => slip(word, joined));
}

/** A dangerous thing that a text names, with how many words said so. */
export interface Recognised {
  danger: Danger;
  words: number;
}

/**
 * The dangerous things that a text names, the one said in most words first. Slips of the pen are forgiven, but for words
 * that are written right and mean something else (`known`: the words of the catalogue).
 */
export function dangersIn(
  text: string,
  dangers: readonly Danger[],
  wording: Wording = "name",
  known: ReadonlySet<string> = new Set(),
): Recognised[] {
  const { all, vocabulary } = indexOf(dangers);
  const tokens = tokensOf(text);
  const slip: Same = (written, meant, from) =>
    written === meant || (!vocabulary.has(written) && !known.has(written) && isSlipOf(written, meant, from));
  return all
    .flatMap(({ danger, words, names, covers, cancels }): Recognised[] => {
      if (cancels.some((phrase) => phraseAt(tokens, phrase) >= 0)) return [];
      const left = blanked(tokens, covers);
      const said = (wording === "name" ? [...words, ...names] : words).find((phrase) =>
        isSaid(left, phrase, wording === "name" ? slip : isSame),
      );
      return said ? [{ danger, words: said.length }] : [];
    })
    .sort((a, b) => b.words - a.words);
}

/** What the danger does to whatever bears its name. */
export const dangerHazard = (danger: Danger): Hazard => ({
  kind: "danger",
  danger: danger.id,
  effect: danger.effect,
  ...(danger.untilMonths === undefined ? {} : { untilMonths: danger.untilMonths }),
  why: `It reads like ${danger.name}. ${danger.why}`,
  instead: danger.instead,
  source: danger.source,
});

const waived = (danger: Danger, words: readonly NotDanger[]) => words.some((one) => one.danger === danger.id);

const isLarge = ({ piece }: Pick<Material, "piece">) =>
  piece !== undefined && !isSmallPart(piece) && !passesTube(piece);

/** The dangers that a thing's name recalls: less those that the adult said it is not, and those that its size rules out. */
export const dangersOfThing = (
  thing: Pick<Material, "name" | "piece">,
  dangers: readonly Danger[],
  notDangers: readonly NotDanger[] = [],
): Danger[] =>
  dangersIn(thing.name, dangers)
    .map((one) => one.danger)
    .filter((one) => !waived(one, notDangers) && !(one.bySize && isLarge(thing)));

/** Everything that is written in an activity, rung by rung: what concerns all rungs comes first. */
function textsOf(activity: Activity): { common: string[]; rungs: string[] } {
  const { guide } = activity;
  const said = guide
    ? [
        ...guide.quiet,
        ...guide.talk,
        ...guide.explore,
        ...Object.values(guide.fillings),
        guide.dress ?? "",
        guide.variant ?? "",
        ...guide.inserts,
      ]
    : [];
  return {
    common: [activity.name, activity.invitation, ...said],
    rungs: activity.rungs.map((rung) => {
      const { quiet = [], talk = [], explore = [] } = guide?.rungs?.[rung.id] ?? {};
      return [rung.title, ...quiet, ...talk, ...explore].join("\n");
    }),
  };
}

/** The dangers that the words of an activity name, for all its rungs and for each. */
export function dangersOfActivity(
  activity: Activity,
  dangers: readonly Danger[],
  notDangers: readonly NotDanger[] = [],
): { common: Danger[]; rungs: Danger[][] } {
  const found = (texts: readonly string[]) => [
    ...new Set(
      texts
        .flatMap((text) => dangersIn(text, dangers, "prose").map((one) => one.danger))
        .filter((one) => !waived(one, notDangers)),
    ),
  ];
  const { common, rungs } = textsOf(activity);
  return { common: found(common), rungs: rungs.map((title) => found([title])) };
}
