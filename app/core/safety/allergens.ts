import { isSlipOf, phraseAt, phrasesOf, tokensOf } from "../text";

/** A group of things that a child can react to. */
export interface AllergenGroup {
  id: string;
  name: string;
  /** What people write for it, in the singular; slips of the pen are forgiven. */
  words: readonly string[];
  /** It is the skin or the breath that reacts, not the mouth. */
  skin?: true;
  /** Phrases that hold one of the words and mean another group: "coconut milk". */
  not?: readonly string[];
}

/**
 * The fourteen groups that food labels have to name (Regulation (EU) No 1169/2011, Annex II; the nine of 21 USC 321(qq)
 * are among them), then what a child's skin reacts to most often, then single foods that this catalogue uses.
 */
export const ALLERGEN_GROUPS: readonly AllergenGroup[] = [
  {
    id: "milk",
    name: "milk",
    words: [
      "milk",
      "cow milk",
      "dairy",
      "lactose",
      "casein",
      "whey",
      "butter",
      "cheese",
      "yoghurt",
      "yogurt",
      "cream",
      "cmpa",
      "cmpi",
      "milk protein",
    ],
    not: ["coconut milk", "oat milk", "almond milk", "soya milk", "soy milk", "peanut butter", "rice milk"],
  },
  { id: "egg", name: "egg", words: ["egg", "egg white", "egg yolk", "albumen", "ovalbumin", "hen egg"] },
  {
    id: "gluten",
    name: "cereals with gluten",
    words: [
      "gluten",
      "wheat",
      "rye",
      "barley",
      "oat",
      "oats",
      "spelt",
      "kamut",
      "coeliac",
      "celiac",
      "flour",
      "semolina",
      "bread",
      "pasta",
      "cereal",
      "grain",
      "malt",
      "bulgur",
      "couscous",
    ],
    not: ["rice flour", "corn flour", "cornflour"],
  },
  {
    id: "peanut",
    name: "peanut",
    words: ["peanut", "groundnut", "monkey nut", "arachis", "nut", "peanut butter"],
    not: ["tree nut", "brazil nut", "pine nut"],
  },
  {
    id: "tree-nut",
    name: "tree nuts",
    words: [
      "tree nut",
      "treenut",
      "nut",
      "almond",
      "hazelnut",
      "walnut",
      "cashew",
      "pecan",
      "brazil nut",
      "pistachio",
      "macadamia",
      "acorn",
      "chestnut",
      "almond milk",
    ],
    not: ["peanut", "coconut", "groundnut", "monkey nut", "nutmeg"],
  },
  {
    id: "soya",
    name: "soya",
    words: ["soya", "soy", "soybean", "soya bean", "tofu", "edamame", "soya milk", "soy milk"],
  },
  { id: "sesame", name: "sesame", words: ["sesame", "tahini", "sesame seed"] },
  { id: "fish", name: "fish", words: ["fish", "cod", "salmon", "tuna", "anchovy"], not: ["shell fish"] },
  {
    id: "crustacean",
    name: "crustaceans",
    words: [
      "crustacean",
      "shellfish",
      "shell fish",
      "prawn",
      "shrimp",
      "crab",
      "lobster",
      "seafood",
      "sea food",
    ],
  },
  {
    id: "mollusc",
    name: "molluscs",
    words: [
      "mollusc",
      "mollusk",
      "mussel",
      "oyster",
      "clam",
      "squid",
      "octopus",
      "snail",
      "shellfish",
      "shell fish",
      "seafood",
      "sea food",
    ],
  },
  { id: "mustard", name: "mustard", words: ["mustard", "mustard seed", "cress"] },
  { id: "celery", name: "celery", words: ["celery", "celeriac"] },
  { id: "lupin", name: "lupin", words: ["lupin", "lupine", "lupin flour"] },
  {
    id: "sulphite",
    name: "sulphites",
    words: ["sulphite", "sulfite", "sulphur dioxide", "sulfur dioxide", "dried fruit", "e220"],
  },
  {
    id: "latex",
    name: "latex",
    skin: true,
    words: ["latex", "rubber", "natural rubber", "balloon", "rubber glove"],
  },
  {
    id: "plaster",
    name: "plasters and glue on the skin",
    skin: true,
    words: ["plaster", "adhesive", "sticking plaster", "sticker", "tape", "colophony", "rosin"],
  },
  {
    id: "metal",
    name: "metals on the skin",
    skin: true,
    words: ["nickel", "metal", "chrome", "cobalt", "jewellery", "jewelry"],
  },
  { id: "wool", name: "wool", skin: true, words: ["wool", "lanolin", "sheep wool", "felt"] },
  { id: "feather", name: "feathers", skin: true, words: ["feather", "down", "bird"] },
  {
    id: "pollen",
    name: "pollen and grass",
    skin: true,
    words: ["pollen", "hay fever", "hayfever", "grass", "birch", "flower"],
  },
  { id: "mould", name: "mould", skin: true, words: ["mould", "mold", "mildew"] },
  {
    id: "scent",
    name: "scents and soaps",
    skin: true,
    words: [
      "fragrance",
      "perfume",
      "scent",
      "soap",
      "washing up liquid",
      "detergent",
      "preservative",
      "paraben",
    ],
  },
  {
    id: "legume",
    name: "peas, chickpeas and beans",
    words: ["legume", "pulse", "pea", "chickpea", "lentil", "bean"],
    not: ["soya bean", "soy bean", "soybean"],
  },
  { id: "banana", name: "banana", words: ["banana"] },
  { id: "apple", name: "apple", words: ["apple"] },
  {
    id: "citrus",
    name: "citrus fruit",
    words: ["citrus", "lemon", "orange", "lime", "citric acid", "mandarin"],
  },
  { id: "potato", name: "potato", words: ["potato"] },
  { id: "carrot", name: "carrot", words: ["carrot"] },
  { id: "maize", name: "maize", words: ["maize", "corn", "cornflour", "cornstarch", "corn flour"] },
  { id: "rice", name: "rice", words: ["rice", "rice flour"] },
];

const compiled = ALLERGEN_GROUPS.map((group) => ({
  group,
  words: phrasesOf([group.id.replaceAll("-", " "), ...group.words]),
  not: phrasesOf(group.not ?? []),
}));

const remembered = new Map<string, readonly string[]>();

/** The ids of the groups that a word or phrase means, as written by a parent or in a file; none: not understood. */
export function allergenGroupsIn(text: string): readonly string[] {
  const known = remembered.get(text);
  if (known) return known;
  const tokens = tokensOf(text);
  const groups = compiled
    .filter(({ words, not }) => {
      const left = [...tokens];
      for (const phrase of not) {
        const at = phraseAt(left, phrase);
        if (at >= 0) left.fill("", at, at + phrase.length);
      }
      return words.some((phrase) => phraseAt(left, phrase, isSlipOf) >= 0);
    })
    .map(({ group }) => group.id);
  remembered.set(text, groups);
  return groups;
}

/** Does something that holds `allergen` concern a child with these allergies, as they were written? */
export function isAllergicTo(allergies: readonly string[], allergen: string): boolean {
  const groups = allergenGroupsIn(allergen);
  return allergies.some(
    (written) =>
      written.trim().toLowerCase() === allergen.trim().toLowerCase() ||
      allergenGroupsIn(written).some((id) => groups.includes(id)),
  );
}

/** The written allergies that mean none of the groups: nothing is blocked by them. */
export const notUnderstood = (allergies: readonly string[]): string[] =>
  allergies.filter((written) => allergenGroupsIn(written).length === 0);

/** The name of a group, or the word itself where it is none. */
export const allergenName = (allergen: string): string =>
  ALLERGEN_GROUPS.find((group) => group.id === allergen)?.name ?? allergen;

/** Is it eaten, so that a first taste calls for care? Things that only the skin reacts to are of no matter to others. */
export const isFoodAllergen = (allergen: string): boolean => {
  const groups = ALLERGEN_GROUPS.filter((group) => allergenGroupsIn(allergen).includes(group.id));
  return groups.length === 0 || groups.some((group) => !group.skin);
};
