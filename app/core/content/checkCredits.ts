import type { Issue, OpensBy, Rung } from "../model";
import { tokensOf } from "../text";
import type { Known } from "./checkActivity";

/** What a skill can't be done without, by the words for it: who does a rung without any of these has not shown the skill. */
const THINGS_OF_SKILL: Readonly<Record<string, string>> = {
  snips: "scissors",
  "cuts-line": "scissors",
  "cuts-shape": "scissors",
  pedals: "tricycle trike",
  "rides-pushing": "ride bike trike tricycle",
  tweezers: "tweezers chopstick peg tongs",
  "squeezes-tool":
    "tongs peg tweezers squeeze sponge dropper baster scissors chopstick spray clip bottle punch",
  pastes: "glue",
  "eats-with-spoon": "spoon fork",
  "drinks-open-cup": "cup",
  "brushes-teeth": "toothbrush",
  "holds-pencil": "crayon pencil chalk brush pen bud",
  "draws-circle": "crayon pencil chalk paint brush sand oat ribbon board",
  "fills-outline": "crayon pencil chalk paint brush sticker scrap bud shape dough",
  "draws-person": "crayon pencil chalk brush sand",
  "writes-letters": "crayon pencil chalk brush sand letter board",
  laces: "lace lacing rope cord yarn cleaner",
  "threads-lace": "lace cord rope yarn cleaner",
  buttons: "button frame clothes shirt",
  tears: "paper lettuce bread tissue newspaper foil leaf flatbread magazine envelope",
  folds: "paper cloth towel napkin sock sheet newspaper scarf clothes",
};

const WORDS = new Map(
  Object.entries(THINGS_OF_SKILL).map(([skill, words]) => [skill, new Set(tokensOf(words))] as const),
);

/** Skills that hang on a thing which opens in one way. */
const OPENING_OF_SKILL: Readonly<Record<string, OpensBy>> = { "twists-lid": "screw", zips: "zip" };

/** Something poured, kneaded or fresh to eat, and not shut in: the hands get into it. */
const isMessy = (rung: Rung, { materials }: Pick<Known, "materials">): boolean =>
  rung.materials.some(({ material }) => {
    const thing = materials.get(material);
    return thing?.unit === "ml" || thing?.unit === "g" || thing?.keepsDays !== undefined;
  }) && !rung.materials.some(({ material }) => material === "bag-sealed");

/** Skills that a rung counts for, and can't show with the things that it is made from. */
export function wrongCredits(rung: Rung, path: string, known: Pick<Known, "materials">): Issue[] {
  if (rung.materials.length === 0) return [];
  const there = new Set(
    rung.materials.flatMap(({ id, material }) => {
      const thing = known.materials.get(material);
      return [id, material, ...(thing ? [thing.name, ...thing.also] : [])].flatMap(tokensOf);
    }),
  );
  return rung.grows.flatMap((skill): Issue[] => {
    const words = WORDS.get(skill);
    const opening = OPENING_OF_SKILL[skill];
    const can = words
      ? [...words].some((word) => there.has(word))
      : opening
        ? rung.materials.some(({ material }) => known.materials.get(material)?.opensBy === opening)
        : skill !== "messy-hands" || isMessy(rung, known);
    return can
      ? []
      : [
          {
            code: "wrong-credit",
            path: `${path}/grows`,
            message: `It counts for “${skill}”, and has nothing to do that with.`,
          },
        ];
  });
}
