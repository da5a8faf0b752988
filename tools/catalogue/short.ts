import { windowAround } from "../../app/core/content";
import { lookFault } from "../../app/core/draw";
import { type AgeWindow, FLOOR_MARKS, TAPE_FORMS } from "../../app/core/model";

/** A fault in a content file, told with the place in it. */
export class ContentFault extends Error {
  constructor(
    readonly at: string,
    message: string,
  ) {
    super(`${at}: ${message}`);
  }
}

const numbersOf = (text: string | number) => String(text).trim().split(/\s+/).map(Number);

/** "bay, table" → its parts; nothing given → none. */
export const listOf = (text: unknown): string[] =>
  text === undefined || text === null
    ? []
    : String(text)
        .split(",")
        .map((part) => part.trim())
        .filter(Boolean);

/** A paragraph → its sentences. */
export const sentencesOf = (text: unknown): string[] =>
  text === undefined
    ? []
    : String(text)
        .replace(/\s+/g, " ")
        .trim()
        .split(/(?<=[.?])\s+(?=["“A-Z0-9])/);

/** "6.5 8.4 11" or "8.4" → the window in months. */
export function windowOf(text: string | number, at: string): AgeWindow {
  const numbers = numbersOf(text);
  const [a, b, c] = numbers;
  if (numbers.length === 1 && a && a > 0) return windowAround(a);
  if (numbers.length === 3 && a && b && c && numbers.every((n) => n > 0))
    return { p10: a, median: b, p90: c };
  throw new ContentFault(at, `"${text}" is not a median, or p10, median and p90, in months`);
}

/** "opening 0, pieceSize 2" → the place on the axes. */
export const axesOf = (text: unknown, at: string): Record<string, number> =>
  Object.fromEntries(
    listOf(text).map((part) => {
      const [axis = "", step = ""] = part.split(/\s+/);
      if (!/^\d$/.test(step)) throw new ContentFault(at, `"${part}" is not an axis with a step 0 to 9`);
      return [axis, Number(step)];
    }),
  );

/** "pincer 0.6, pulls-to-stand 0.6 safety" → needed skills with their weights. */
export const needsOf = (text: unknown, at: string) =>
  listOf(text).map((part) => {
    const [skill = "", weight = "0.5", safety] = part.split(/\s+/);
    if (!Number.isFinite(Number(weight)) || (safety !== undefined && safety !== "safety")) {
      throw new ContentFault(at, `"${part}" is not "skill weight" or "skill weight safety"`);
    }
    return { skill, weight: Number(weight), forSafety: safety === "safety" };
  });

/**
 * "rings=noodle-ring x4, rope=rope-stiff fixed, oats x200 stays" → what it is made from; fixed: never loose in the child's
 * hand; stays: not used up here; spare: it may stay away.
 */
export const usesOf = (text: unknown, at: string) =>
  listOf(text).map((part) => {
    const [, id, material = "", quantity = "1", fixed, stays, spare] =
      /^(?:([\w-]+)=)?([\w-]+)(?: x([\d.]+))?( fixed)?( stays)?( spare)?$/.exec(part) ?? [];
    if (!material)
      throw new ContentFault(at, `"${part}" is not written as "need=material x4 fixed stays spare"`);
    const need = { id: id ?? material, material, quantity: Number(quantity), loose: !fixed };
    return {
      ...need,
      ...(stays ? { stays: true as const } : {}),
      ...(spare ? { spare: true as const } : {}),
    };
  });

const FIT_WORDS: Record<string, string> = {
  through: "through",
  onto: "onto",
  into: "pours-into",
  "in-wells": "in-wells",
  in: "lies-in",
  over: "covers",
  on: "stands-on",
  heavier: "heavier",
  "floats-unlike": "floats-unlike",
  "drawn-unlike": "drawn-unlike",
  larger: "larger",
  alike: "alike",
  opens: "opens",
};

/** What one thing does by itself. */
const ALONE = new Set(["opens"]);

/** "pasta onto straw, discs through tin, cup over ball, jar opens" → how the things meet. */
export const fitsOf = (text: unknown, at: string) =>
  listOf(text).map((part) => {
    const [a = "", word = "", other = ""] = part.split(/\s+/);
    const how = FIT_WORDS[word];
    const b = ALONE.has(word) && !other ? a : other;
    if (!how || !b)
      throw new ContentFault(
        at,
        `"${part}" is not two things with one of these between them: ${Object.keys(FIT_WORDS).join(", ")}`,
      );
    return { how, a, b };
  });

/** "child, 60 basket, 20 posts x3 ~100, 10 track line 300" → the way over the floor: gaps, things and tape in cm. */
export const floorOf = (text: unknown, needs: readonly { id: string }[], at: string) =>
  text === undefined
    ? undefined
    : listOf(text).map((part) => {
        const words = part.split(/\s+/);
        const gapCm = /^\d+$/.test(words[0] ?? "") ? Number(words.shift()) : 0;
        const [name = "", ...more] = words;
        const isNeed = needs.some((one) => one.id === name);
        if (!isNeed && FLOOR_MARKS.some((one) => one === name)) return { kind: "mark", gapCm, mark: name };
        const numbered = (pattern: RegExp) => more.flatMap((one) => pattern.exec(one)?.[1] ?? [])[0];
        const count = Number(numbered(/^x(\d+)$/) ?? 1);
        const form = more.find((one) => TAPE_FORMS.some((other) => other === one));
        const lengthCm = numbered(/^(\d+)$/);
        if (form && lengthCm)
          return { kind: "tape", gapCm, need: name, form, lengthCm: Number(lengthCm), count };
        const apartCm = numbered(/^~(\d+)$/);
        const flags = { across: more.includes("across"), turned: more.includes("turned") };
        const known = more.every((one) => /^(x\d+|~\d+|across|turned)$/.test(one));
        if (!name || !known)
          throw new ContentFault(
            at,
            `"${part}" is not "gap mark", "gap need x3 ~20 across turned" or "gap need line 300", in cm`,
          );
        return { kind: "things", gapCm, need: name, count, apartCm: Number(apartCm ?? 0), ...flags };
      });

/** "12 70 30": so many wells, so wide at the rim and so deep in mm. */
export function wellsOf(text: unknown, at: string) {
  if (text === undefined) return undefined;
  const [count, widthMm, depthMm] = String(text).split(/\s+/).map(Number);
  if (!count || !widthMm || !depthMm)
    throw new ContentFault(at, `"${text}" is not how many wells, how wide and how deep in mm`);
  return { count, widthMm, depthMm };
}

/** "balls 6x1", "counters 1..10" or "slices 1200/50/3" → how the quantity is made up. */
export const prepOf = (text: unknown, at: string) =>
  listOf(text).map((part) => {
    const [need = "", rule = ""] = part.split(/\s+/);
    const each = /^(\d+)x(\d+)$/.exec(rule);
    if (each) return { kind: "each", need, n: Number(each[1]), k: Number(each[2]) };
    const oneToN = /^1\.\.(\d+)$/.exec(rule);
    if (oneToN) return { kind: "one-to-n", need, n: Number(oneToN[1]) };
    const [stockMm, sliceMm, cutMm] = rule.split("/").map(Number);
    if (stockMm && sliceMm && cutMm !== undefined) return { kind: "cut", need, stockMm, sliceMm, cutMm };
    throw new ContentFault(at, `"${part}" is not "need 6x1", "need 1..10" or "need stock/slice/cut" in mm`);
  });

/** "water 50, bag, string 200" → hazards. */
export const hazardsOf = (text: unknown, at: string) =>
  listOf(text).map((part) => {
    const [kind = "", value] = part.split(/\s+/);
    switch (kind) {
      case "string":
      case "elastic":
        return { kind, freeLengthMm: Number(value) };
      case "loop":
        return { kind, aroundMm: Number(value) };
      case "water":
        return { kind, depthMm: Number(value) };
      case "allergen":
        return { kind, allergen: value };
      case "choking-food":
        return { kind, untilMonths: Number(value) };
      default:
        if (value !== undefined) throw new ContentFault(at, `"${part}": ${kind} takes no number`);
        return { kind };
    }
  });

/** "disc 120 50" → a piece in mm. */
export function pieceOf(text: unknown, at: string) {
  if (text === undefined) return undefined;
  const [shape = "", ...mm] = String(text).split(/\s+/);
  if (mm.length === 0 || mm.some((n) => !(Number(n) > 0)))
    throw new ContentFault(at, `"${text}" is not a shape with its sizes in mm`);
  return { shape, mm: mm.map(Number) };
}

/** "pot-plastic 0.8, cup-plastic 0.7" → stand-ins with how well they serve. */
export const standInsOf = (text: unknown) =>
  listOf(text).map((part) => {
    const [material = "", serves = "0.8"] = part.split(/\s+/);
    return { material, serves: Number(serves) };
  });

/** A form of forms.yaml: its kind, and its sketches. */
export interface FormRow {
  as?: "vessel" | "tool";
  top: string;
  front?: string;
  stands?: true;
}

/** "bowl sky", "cloth marigold 180x180x4" → how a thing is drawn; the sketches of its form go with it. */
export function lookOf(text: unknown, forms: ReadonlyMap<string, FormRow>, at: string) {
  if (text === undefined) return undefined;
  const [form = "", colour = "", size] = String(text).split(/\s+/);
  const [w = 0, d = 0, h = 0] = size?.split("x").map(Number) ?? [];
  const mm: [number, number, number] | undefined = w > 0 && d > 0 && h > 0 ? [w, d, h] : undefined;
  if (size !== undefined && !mm) throw new ContentFault(at, `"${size}" is not WxDxH in mm`);
  const look = { form, colour, ...(mm ? { mm } : {}), ...forms.get(form) };
  const fault = lookFault(look);
  if (fault) throw new ContentFault(at, fault);
  return look;
}
