import MiniSearch from "minisearch";
import type { Material, Unit } from "../model";

/** One line of a pasted list, as it was understood. */
export interface ListedLine {
  /** As it was written. */
  line: string;
  /** The materials that it may mean, the likeliest first; none where nothing is like it. */
  materials: string[];
  /** In the likeliest material's unit. */
  quantity: number;
  /** What the adult should look at: a quantity that was supposed, or a measure that does not suit the thing. */
  note?: string;
}

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
  dozen: 12,
};

/** Measures in words, with the unit they are of and how many of it they are. Kitchen cups of 240 ml, ounces of 28.35 g. */
const MEASURES: readonly { words: RegExp; unit: Unit; factor: number }[] = [
  { words: /^(kg|kilos?|kilograms?)$/, unit: "g", factor: 1000 },
  { words: /^(g|grams?|gr)$/, unit: "g", factor: 1 },
  { words: /^(lbs?|pounds?)$/, unit: "g", factor: 453.592 },
  { words: /^(oz|ounces?)$/, unit: "g", factor: 28.3495 },
  { words: /^(l|litres?|liters?)$/, unit: "ml", factor: 1000 },
  { words: /^(dl)$/, unit: "ml", factor: 100 },
  { words: /^(cl)$/, unit: "ml", factor: 10 },
  { words: /^(ml)$/, unit: "ml", factor: 1 },
  { words: /^(cups?)$/, unit: "ml", factor: 240 },
  { words: /^(m|metres?|meters?)$/, unit: "cm", factor: 100 },
  { words: /^(cm)$/, unit: "cm", factor: 1 },
  { words: /^(sheets?|pages?)$/, unit: "sheet", factor: 1 },
  { words: /^(pieces?|pcs?)$/, unit: "piece", factor: 1 },
  { words: /^(dozen)$/, unit: "piece", factor: 12 },
];

/** Words that say nothing of the thing itself. */
const FILLERS: ReadonlySet<string> = new Set([
  "of",
  "the",
  "my",
  "our",
  "old",
  "x",
  "×",
  "and",
  "with",
  "about",
  "ca",
  "pack",
  "packet",
]);

/** What people say for what the catalogue calls otherwise. */
const ALSO: Readonly<Record<string, string>> = {
  tupperware: "food pot plastic",
  clothespins: "clothes peg",
  clothespin: "clothes peg",
  scotch: "tape",
  crayons: "thick crayon",
  legos: "building brick",
  markers: "crayon",
  jug: "jug",
  pitcher: "jug",
  q: "cotton",
  pebbles: "smooth stone",
  pinecones: "pine cone",
  pinecone: "pine cone",
  playdough: "play dough",
  muffins: "muffin",
  newspapers: "newspaper",
  noodle: "swim noodle",
  oatmeal: "oats",
  cutlery: "spoon",
  flashlight: "torch",
  cupcake: "muffin",
  blocks: "wooden block",
  lids: "pot lid",
};

const singular = (word: string): string => {
  if (/(ss|us|is)$/.test(word)) return word;
  if (/(ches|shes|xes|ses)$/.test(word)) return word.slice(0, -2);
  if (/ves$/.test(word)) return `${word.slice(0, -3)}f`;
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  return /s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word;
};

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/[’']s\b/g, "")
    .split(/[^\p{L}\p{N}½¼¾.]+/u)
    .map((word) => word.replace(/^\.+|\.+$/g, ""))
    .filter((word) => word !== "");

const FRACTIONS: Readonly<Record<string, number>> = { "½": 0.5, "¼": 0.25, "¾": 0.75, half: 0.5 };

/** A number in figures or in words; undefined where the word is none. */
function numberOf(word: string): number | undefined {
  if (/^\d+([.,]\d+)?$/.test(word)) return Number(word.replace(",", "."));
  return NUMBER_WORDS[word] ?? FRACTIONS[word];
}

interface Amount {
  count?: number;
  measure?: { unit: Unit; factor: number };
  rest: string[];
}

/** Takes number and measure out of the words: "2 kg rice", "rice 500g", "half a dozen pegs". */
function amountOf(line: string): Amount {
  const spaced = line
    .replace(/(\d)([a-zA-Z])/g, "$1 $2")
    .replace(/(\d),(\d)/g, "$1.$2")
    .replace(/\b([xX×])\s*(\d)/g, "$2");
  const words = wordsOf(spaced);
  let count: number | undefined;
  let measure: Amount["measure"];
  const rest: string[] = [];
  let afterNumber = false;
  for (const word of words) {
    const number = numberOf(word);
    const found = MEASURES.find((one) => one.words.test(word));
    if (word === "dozen") count = (count ?? 1) * 12;
    else if (number !== undefined && (count === undefined || NUMBER_WORDS[word] === 1))
      count = count === undefined ? number : count * number;
    else if (number !== undefined) rest.push(word);
    else if (found && measure === undefined && afterNumber && found.unit !== "piece") {
      measure = { unit: found.unit, factor: found.factor };
    } else if (!FILLERS.has(word)) rest.push(word);
    afterNumber = number !== undefined;
  }
  return { count, measure, rest };
}

/** "250 ml" after a name is a size and not an amount: a thing that is counted keeps its count. */
function quantityFor(material: Material, { count, measure }: Amount): Pick<ListedLine, "quantity" | "note"> {
  const usual = material.usual || 1;
  if (count === undefined) {
    return { quantity: usual, note: "No number was given: this is what a usual home has." };
  }
  if (!measure) {
    return material.unit === "piece" || material.unit === "sheet"
      ? { quantity: count }
      : { quantity: usual, note: `It is counted in ${material.unit}: this is what a usual home has.` };
  }
  if (measure.unit === material.unit) return { quantity: Math.round(count * measure.factor) };
  if (material.unit === "piece" || material.unit === "sheet") {
    return { quantity: usual, note: "The measure was taken for its size: how many are there?" };
  }
  return { quantity: usual, note: `It is counted in ${material.unit}: how much is there?` };
}

type Index = MiniSearch<{ id: string; name: string; extra: string }>;
const indexes = new WeakMap<readonly Material[], Index>();

const tokens = (text: string) => wordsOf(text).map(singular);

function indexOf(materials: readonly Material[]): Index {
  const known = indexes.get(materials);
  if (known) return known;
  const index: Index = new MiniSearch({
    fields: ["name", "extra"],
    tokenize: tokens,
    processTerm: (term) => (FILLERS.has(term) ? null : term),
    searchOptions: {
      fuzzy: (term) => (term.length > 4 ? 0.2 : false),
      prefix: (term) => term.length > 3,
      boost: { name: 2 },
    },
  });
  // What stands before the first comma names the thing; the rest only describes it.
  index.addAll(
    materials.map(({ id, name }) => ({
      id,
      name: name.split(",")[0] ?? name,
      extra: `${name} ${id.replaceAll("-", " ")}`,
    })),
  );
  indexes.set(materials, index);
  return index;
}

/** So many materials are offered for one line. */
const OFFERED = 4;

function meant(materials: readonly Material[], words: readonly string[]): string[] {
  const query = words.flatMap((word) => (ALSO[word] ?? word).split(" ")).join(" ");
  if (query === "") return [];
  const asked = tokens(query);
  return indexOf(materials)
    .search(query)
    .map(({ id, score, queryTerms }) => {
      const name = tokens(materials.find((one) => one.id === id)?.name.split(",")[0] ?? "");
      // The more of the words are in the name, and the fewer others stand there, the likelier.
      const share = new Set(queryTerms).size / asked.length;
      const exact = asked.filter((word) => name.includes(word)).length / Math.max(1, name.length);
      const inOrder = name.join(" ").includes(asked.join(" ")) ? 1.5 : 1;
      return { id, score: score * share * (0.5 + exact) * inOrder };
    })
    .sort((a, b) => b.score - a.score)
    .slice(0, OFFERED)
    .map((one) => one.id);
}

/** Reads a pasted list, one thing a line: how many of what. Empty lines and lines of marks are left out. */
export function readList(text: string, materials: readonly Material[]): ListedLine[] {
  const byId = new Map(materials.map((one) => [one.id, one]));
  return text
    .split(/\r?\n|;/)
    .map((line) => line.replace(/^[\s\-*•–[\]().]+/, "").trim())
    .filter((line) => /\p{L}/u.test(line))
    .map((line): ListedLine => {
      const amount = amountOf(line);
      const found = meant(materials, amount.rest);
      const material = byId.get(found[0] ?? "");
      if (!material) return { line, materials: [], quantity: amount.count ?? 1 };
      return { line, materials: found, ...quantityFor(material, amount) };
    });
}
