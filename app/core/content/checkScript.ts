import { bareRung } from "../materials";
import type { Activity, Guide, Issue, Material, Rung, RungScript } from "../model";
import { tokensOf } from "../text";

/**
 * Things that are on a tray or are not: who reads of one and finds none has to stop and search. Left out is what also
 * means something else ("ring" the bell, "stick" it on), and what is in every room.
 */
const THINGS: ReadonlySet<string> = new Set(
  tokensOf(
    "apple bag balance ball banana baster basin basket bead bear bell blanket bread block board boat book bottle bowl box brick broom brush bucket " +
      "button candle carrot chalk chopstick cloth cone counter crate crayon cup cushion doll dough dropper drum egg envelope feather " +
      "flour fork funnel glass glove glue helmet hoop jar jug knife lace ladle lemon lettuce lid magnet mallet mirror noodle oat orange pan peg " +
      "pasta pencil pillow plank plate pot potato puppet puzzle ramp ribbon rice rope saucepan scarf scissors shaker shell sock slot soap spade spoon " +
      "sponge sticker strainer straw tin tongs torch towel truck tube tweezers vase wand whisk yarn yoghurt",
  ),
);

/** What is only spoken of: in quotation marks, or as what something is like. */
const SPOKEN_OF =
  /"[^"]*"|\b(?:like|as|than) (?:an?|the) [a-z]+|\bas (?:large|small|wide|thick|high) as [a-z ]+/gi;

/** The words by which the things of one rung are known, its title apart. */
const wordsOfThings = (rung: Rung, materials: ReadonlyMap<string, Material>): string[] =>
  rung.materials
    .flatMap(({ id, material }) => {
      const thing = materials.get(material);
      const all = [thing, ...(thing?.standIns ?? []).map((one) => materials.get(one.material))];
      return [id, ...all.flatMap((one) => (one ? [one.name, ...one.also] : []))];
    })
    .flatMap(tokensOf);

/** Titles that name a thing which is not among the rung's own, or more of it than is set out. */
export function faultsOfTitle(rung: Rung, path: string, materials: ReadonlyMap<string, Material>): Issue[] {
  if (rung.materials.length === 0) return [];
  const there = new Set(wordsOfThings(rung, materials));
  const said = rung.title.replace(SPOKEN_OF, " ");
  const missing = tokensOf(said).find((token) => THINGS.has(token) && !there.has(token));
  const number = wrongNumber(said, [rung], materials);
  return [
    ...(missing
      ? [{ code: "not-on-tray", path, message: `"${rung.title}" names "${missing}", which is not there.` }]
      : []),
    ...(number
      ? [
          {
            code: "wrong-number",
            path,
            message: `"${rung.title}" speaks of ${number}; there are not so many.`,
          },
        ]
      : []),
  ];
}

const NUMBERS = ["two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "twelve"];
const VALUES = [2, 3, 4, 5, 6, 7, 8, 9, 10, 12];

/** "four balls" where no rung has so many of them. */
function wrongNumber(sentence: string, rungs: readonly Rung[], materials: ReadonlyMap<string, Material>) {
  const tokens = tokensOf(sentence);
  for (const [i, token] of tokens.entries()) {
    const value = VALUES[NUMBERS.indexOf(token)];
    const noun = tokens[i + 1];
    if (value === undefined || noun === undefined || !THINGS.has(noun)) continue;
    const counts = rungs.flatMap((rung) =>
      rung.materials.flatMap(({ id, material, quantity }) =>
        tokensOf(`${id} ${materials.get(material)?.name ?? ""}`).includes(noun) ? [quantity] : [],
      ),
    );
    if (counts.length > 0 && Math.max(...counts) < value) return `${token} ${noun}`;
  }
  return undefined;
}

/** What is called like a thing of some rung and is something else as well, or is everywhere. */
const EVERYDAY: ReadonlySet<string> = new Set(
  tokensOf(
    "area book box card colour pair stem floor food game ground hand in inside leaf letter light line name number paper part photo picture " +
      "piece place ring set shape sheet side slope sound stick stop table tape thing top tray water work",
  ),
);

/** The single words by which the things of a ladder are called: whoever reads of another rung's thing searches for it. */
const namedOnLadder = (
  { rungs }: Activity,
  materials: ReadonlyMap<string, Material>,
): ReadonlySet<string> => {
  const words = rungs.flatMap((rung) =>
    rung.materials.flatMap(({ id, material }) => {
      const thing = materials.get(material);
      const called =
        thing?.name
          .split(/,| of | with | from | that /)[0]
          ?.split(" ")
          .at(-1) ?? "";
      return [id, called, ...(thing?.also ?? []).filter((one) => !one.includes(" "))];
    }),
  );
  return new Set(words.flatMap(tokensOf).filter((token) => !EVERYDAY.has(token)));
};

/** Sentences of the scripts of a rung that speak of what is not on its tray, or of more than there is. */
function faultsAt(
  activity: Activity,
  guide: Guide,
  rung: Rung,
  materials: ReadonlyMap<string, Material>,
  named: ReadonlySet<string>,
): Issue[] {
  // Where nothing is set out, what is spoken of lies about: it is of the other rungs.
  const set = rung.materials.length > 0 ? [rung] : activity.rungs;
  const there = new Set(set.flatMap((one) => [...tokensOf(one.title), ...wordsOfThings(one, materials)]));
  const own: RungScript = guide.rungs?.[rung.id] ?? {};
  const here = { ...guide, ...own };
  return SAID.flatMap((part) =>
    [here[part]].flat().flatMap((sentence): Issue[] => {
      const path = `${activity.id}/${part in own ? `at/${rung.id}/` : ""}${part}`;
      const said = sentence.replace(SPOKEN_OF, " ");
      const missing = tokensOf(said).find(
        (token) => (THINGS.has(token) || named.has(token)) && !there.has(token),
      );
      const number = missing ? undefined : wrongNumber(said, [rung], materials);
      return [
        ...(missing
          ? [
              {
                code: "not-on-tray",
                path,
                message: `"${sentence}" speaks of "${missing}", which is not there at "${rung.title}".`,
              },
            ]
          : []),
        ...(number
          ? [
              {
                code: "wrong-number",
                path,
                message: `"${sentence}" speaks of ${number}; "${rung.title}" has not so many.`,
              },
            ]
          : []),
      ];
    }),
  );
}

/** What is said of the things of a rung while it is done: the three ways of showing, what to watch for, to wonder at and to guess. */
const SAID = ["quiet", "talk", "explore", "watchFor", "mistake", "wonder", "guess"] as const;

/** Sentences of the scripts that speak of what is not on the tray of a rung, or of more than there is. */
export function faultsOfScript(activity: Activity, materials: ReadonlyMap<string, Material>): Issue[] {
  const { guide } = activity;
  if (!guide) return [];
  const named = namedOnLadder(activity, materials);
  // What may stay away is not spoken of: it is not there wherever it stays away.
  return activity.rungs.flatMap((rung) => faultsAt(activity, guide, bareRung(rung), materials, named));
}
