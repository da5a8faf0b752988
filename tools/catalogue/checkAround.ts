import type { Danger, Makings, Material, Theme } from "../../app/core/model";
import { dangersIn } from "../../app/core/safety";
import { phraseAt, phrasesOf, tokensOf } from "../../app/core/text";
import type { HazardWords } from "./checkHazards";

/** Words in a line of a theme that keep a child safe near what the line leads to. */
const KEPT_SAFE = phrasesOf([
  "hand in hand",
  "from behind",
  "asked first",
  "step away",
  "from the fence",
  "in the basin",
]);
/** The places to which such a line may lead only with those words. */
const LEADS_TO: ReadonlySet<string> = new Set(["ponds", "animals", "kitchen"]);
/** Places that a family goes to look at, and that have no rule of their own. */
const NEAR_TRAFFIC = phrasesOf(["level crossing", "railway line", "road works"]);
/** An opening that a head goes into and may not come out of. */
const HEAD_SIZED = phrasesOf(["large as a head", "size of a head", "wide as a head"]);
/** Work of the adult's at the stove. */
const HOT_WORK = phrasesOf(["boil", "steam", "bake", "fry", "roast", "low heat"]);

const says = (text: string, phrases: readonly string[][]) =>
  phrases.some((phrase) => phraseAt(tokensOf(text), phrase) >= 0);

/** The lines of themes that name a dangerous thing, or lead to a place where a child has to be held. */
export function unsafeThemes(
  themes: readonly Theme[],
  dangers: readonly Danger[],
  rules: readonly HazardWords[],
): string[] {
  const near = rules.filter((rule) => LEADS_TO.has(rule.name)).flatMap((rule) => rule.words);
  return themes.flatMap(({ name, dress, find, print }) => {
    const lines = [...dress.map(({ how }) => how), ...find, ...print];
    const named = lines.flatMap((line) =>
      dangersIn(line, dangers, "prose").map(({ danger }) => `"${line}" names ${danger.name}`),
    );
    const unkept = find
      .filter((line) => says(line, [...near, ...NEAR_TRAFFIC]) && !says(line, KEPT_SAFE))
      .map((line) => `"${line}" leads there without a word on how the child is kept safe`);
    return [...named, ...unkept].map((text) => `themes.yaml: ${name}: ${text}`);
  });
}

/** Steps of makings that leave an opening for a head. */
export const unsafeMakings = (makings: Makings): string[] =>
  Object.entries(makings).flatMap(([id, { steps }]) =>
    steps
      .filter((step) => says(step, HEAD_SIZED))
      .map((step) => `makings.yaml: ${id}: "${step}": an opening is narrower than 9 cm or wider than 23 cm`),
  );

/** Recipes with hot work that does not say that the adult does it alone. */
export const unsafeRecipes = (materials: readonly Material[]): string[] =>
  materials.flatMap(({ id, recipe }) =>
    recipe && says(recipe.how, HOT_WORK) && !says(recipe.how, phrasesOf(["adult alone"]))
      ? [`recipes.yaml: ${id}: the hot work is not said to be the adult's alone`]
      : [],
  );
