import type { Material } from "../model";
import { isSlipOf, phraseAt, tokensOf } from "../text";

/** Words that say nothing of the thing; they are left out of lines and names alike. */
const FILLERS: ReadonlySet<string> = new Set(
  "of the my our your their her his x and about ca from for in at to or is are that than a an".split(" "),
);

/**
 * Words that only describe: with them a thing is still the same thing. Everything else beside a name makes it another
 * ("tea towel", "bubble wrap"), and then the line is not understood.
 */
const QUALIFIERS: ReadonlySet<string> = new Set(
  `pair big small large little medium giant long short wide narrow thick thin tall flat round square light chunky jumbo
  clean empty new old used spare plain dry dried soft washed good nice sturdy simple usual normal standard ordinary
  natural loose assorted mixed different various several lot plenty some few couple half full extra more other
  red blue green yellow white black orange pink purple brown grey gray coloured colored colourful colorful clear
  wooden wood plastic metal steel stainless melamine silicone unbreakable bamboo wicker homemade home made handmade
  kid child children baby toddler kind type sort style size piece pc pcs each hole well approx roughly bought shop
  kitchen bathroom garden school toy leftover fresh ripe uncooked bagful boxful handful`
    .trim()
    .split(/\s+/),
);

interface Phrase {
  material: Material;
  words: readonly string[];
}

/** What things are called, ready to be looked for in a line. */
export interface Lexicon {
  phrases: readonly Phrase[];
  ownWords: ReadonlyMap<string, ReadonlySet<string>>;
  /** Every word that stands in it: none of them is a slip of the pen. */
  vocabulary: ReadonlySet<string>;
}

const lexicons = new WeakMap<readonly Material[], Lexicon>();

const meaning = (text: string): string[] => tokensOf(text).filter((word) => !FILLERS.has(word));

/** The names of a material, and its other words, each as tokens; made once for a list that does not change. */
export function lexiconOf(materials: readonly Material[]): Lexicon {
  const known = lexicons.get(materials);
  if (known) return known;
  const phrases = materials
    .flatMap((material) =>
      // What stands before the first comma names the thing; the rest only describes it.
      [material.name, material.name.split(",")[0] ?? "", ...material.also].map((text) => ({
        material,
        words: meaning(text),
      })),
    )
    .filter((one) => one.words.length > 0)
    .sort((a, b) => b.words.length - a.words.length);
  const made: Lexicon = {
    phrases,
    ownWords: new Map(materials.map((one) => [one.id, new Set(meaning(one.name))])),
    vocabulary: new Set([...phrases.flatMap((one) => one.words), ...QUALIFIERS, ...FILLERS]),
  };
  lexicons.set(materials, made);
  return made;
}

/** A material that a line may mean, with how many of its words say so. */
export interface Meant {
  material: Material;
  words: number;
}

/**
 * The materials that a line means, the one named in most words first. A line names a material where nothing is left
 * beside the name but words that only describe; otherwise it is not understood, and nothing is guessed.
 */
export function meantBy(words: readonly string[], lexicon: Lexicon): Meant[] {
  const all = meaning(words.join(" "));
  const same = (written: string, meant: string) =>
    written === meant || (!lexicon.vocabulary.has(written) && isSlipOf(written, meant));
  const found = new Map<string, Meant>();
  for (const { material, words: phrase } of lexicon.phrases) {
    if ((found.get(material.id)?.words ?? 0) >= phrase.length) continue;
    const at = phraseAt(all, phrase, same);
    if (at < 0) continue;
    const beside = [...all.slice(0, at), ...all.slice(at + phrase.length)];
    const own = lexicon.ownWords.get(material.id);
    if (beside.every((word) => QUALIFIERS.has(word) || own?.has(word))) {
      found.set(material.id, { material, words: phrase.length });
    }
  }
  return [...found.values()].sort((a, b) => b.words - a.words);
}
