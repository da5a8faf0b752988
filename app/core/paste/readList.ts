import MiniSearch from "minisearch";
import type { Catalogue, Danger, Material, MaterialId, Unit } from "../model";
import { dangersIn } from "../safety";
import { tokensOf } from "../text";
import { type Amount, type AmountNote, amountOf, quantityFor } from "./amounts";
import { type Lexicon, lexiconOf, meantBy } from "./lexicon";
import { isSmallerThan } from "./smaller";

/** The adult's attention is asked for a line's amount, or for a thing longer or smaller than the one that the line seems to mean. */
export type LineNote = AmountNote | { code: "long-cord" | "smaller"; material: string };

/** One line of a pasted list, as it was understood. */
export interface ListedLine {
  /** As it was written. */
  line: string;
  /** What it means; null where it is not known, or dangerous. Nothing is guessed. */
  material: MaterialId | null;
  /** Other materials that it may mean, or come near it: to be chosen by the adult, never taken unasked. */
  others: string[];
  /** In `unit`. */
  quantity: number;
  unit: Unit;
  /** What the adult should look at. */
  note?: LineNote;
  /** What it is recognised as, where that is dangerous. */
  danger: Pick<Danger, "id" | "name" | "why" | "instead"> | null;
}

/** So many materials are offered beside the one that is meant. */
const OFFERED = 4;

type Index = MiniSearch<{ id: string; name: string; also: string }>;
const indexes = new WeakMap<readonly Material[], Index>();

function indexOf(materials: readonly Material[]): Index {
  const known = indexes.get(materials);
  if (known) return known;
  const index: Index = new MiniSearch({
    fields: ["name", "also"],
    tokenize: tokensOf,
    searchOptions: { fuzzy: (term) => (term.length > 4 ? 0.2 : false), prefix: (term) => term.length > 3 },
  });
  index.addAll(materials.map(({ id, name, also }) => ({ id, name, also: also.join(" ") })));
  indexes.set(materials, index);
  return index;
}

/** What comes near a line that is not understood. */
const near = (words: readonly string[], materials: readonly Material[]): string[] =>
  words.length === 0
    ? []
    : indexOf(materials)
        .search(words.join(" "))
        .slice(0, OFFERED)
        .map((one): string => one.id);

/** The danger a line names, unless it names a known thing in more words: "small glass jug" is the jug. */
function dangerOf(line: string, named: number, dangers: readonly Danger[], known: Lexicon) {
  const [found] = dangersIn(line, dangers, "name", known.vocabulary);
  return found && found.words >= named ? found.danger : undefined;
}

function unread(line: string, { count, measure, rest }: Amount, materials: readonly Material[]): ListedLine {
  return {
    line,
    material: null,
    // Nothing larger than the line says is offered in its place.
    others: near(rest, materials).filter((id) => {
      const other = materials.find((one) => one.id === id);
      return other !== undefined && !isSmallerThan(line, other);
    }),
    quantity: Math.round((count ?? 1) * (measure?.factor ?? 1)),
    unit: measure?.unit ?? "piece",
    danger: null,
  };
}

/** A length is given, and it is more than the cord that is meant: two metres of ribbon are not the ribbon of 20 cm. */
const isLonger = (material: Material, { count = 0, measure }: Amount): boolean =>
  measure?.unit === "cm" &&
  material.unit !== "cm" &&
  material.hazards.some((one) => one.kind === "string" && count * measure.factor * 10 > one.freeLengthMm);

/** Reads one line: how many of what; dangerous, or not known. */
export function readLine(
  line: string,
  { materials, dangers }: Pick<Catalogue, "materials" | "dangers">,
): ListedLine {
  const amount = amountOf(line);
  const lexicon = lexiconOf(materials);
  const meant = meantBy(amount.rest, lexicon);
  const [best, second] = meant;
  const danger = dangerOf(line, best?.words ?? 0, dangers, lexicon);
  if (danger) {
    const { id, name, why, instead } = danger;
    return { ...unread(line, amount, materials), others: [], danger: { id, name, why, instead } };
  }
  // Two things named in as many words: which of them it is, is the adult's to say.
  if (!best || second?.words === best.words) {
    const either = meant.map((one) => one.material.id);
    const asked = unread(line, amount, materials);
    return { ...asked, others: [...new Set([...either, ...asked.others])].slice(0, OFFERED) };
  }
  const asked = unread(line, amount, materials);
  if (isSmallerThan(line, best.material)) {
    // Taken for the larger thing it would be free for a child who mouths: its size is asked for.
    return { ...asked, note: { code: "smaller", material: best.material.name } };
  }
  if (isLonger(best.material, amount)) {
    return {
      ...asked,
      note: { code: "long-cord", material: best.material.name },
    };
  }
  return {
    line,
    material: best.material.id,
    others: meant.slice(1, OFFERED).map((one) => one.material.id),
    unit: best.material.unit,
    danger: null,
    ...quantityFor(best.material, amount),
  };
}

/** The lines of a pasted list; empty ones and lines of marks are left out. */
export const linesOf = (text: string): string[] =>
  text
    .split(/\r?\n|;/)
    .map((line) => line.replace(/^[\s\-*•–[\]().]+/, "").trim())
    .filter((line) => /\p{L}/u.test(line));

/** Reads a pasted list, one thing a line. */
export const readList = (text: string, catalogue: Pick<Catalogue, "materials" | "dangers">): ListedLine[] =>
  linesOf(text).map((line) => readLine(line, catalogue));
