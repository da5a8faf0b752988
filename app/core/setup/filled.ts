import type { Filling, NeedId, Rung } from "../model";
import type { SetOut } from "./meetings";

/** How many pieces of a tray lie out for the number or the colours that it is filled with. */
export interface FilledPieces {
  thing: SetOut;
  /** What lies out, in heaps: "4", "3" and "3", "red" and "yellow", each with so many pieces. */
  heaps: readonly { of: string; count: number }[];
  /** So many lie out in all; the others wait behind the tray. */
  out: number;
  /** So many more are asked for than there are. */
  lacking: number;
}

const MOST_HEAPS = 6;

/** "red and yellow", "3 + 3": what is named one beside the other. */
const namedIn = (text: string): string[] =>
  text
    .split(/[,+&]|\band\b/i)
    .map((part) => part.trim())
    .filter(Boolean);

/** The numbers of a filling, where they can be laid out: 4 of "4", 3 and 3 of "3 + 3". */
function numbersOf({ on }: Filling): number[] {
  const parts = namedIn(on);
  const isNumber = (part: string) => /^\d{1,2}$/.test(part) && Number(part) > 0;
  return parts.length <= MOST_HEAPS && parts.every(isNumber) ? parts.map(Number) : [];
}

/** A heap for each number, the first before the others where there are too few. */
function numbered(thing: SetOut, numbers: readonly number[]): FilledPieces {
  let left = thing.quantity;
  const heaps = numbers.map((number) => {
    const count = Math.min(number, left);
    left -= count;
    return { of: String(number), count };
  });
  const out = thing.quantity - left;
  return { thing, heaps, out, lacking: numbers.reduce((a, b) => a + b, 0) - out };
}

/** As many of each colour, taken from what the home has of a thing that comes in colours, as many of each as a rule. */
function coloured(thing: SetOut, colours: readonly string[], there: number): FilledPieces {
  const each = Math.floor(thing.quantity / colours.length);
  const count = Math.min(each, Math.floor(there / (thing.material.colours ?? 1)));
  return {
    thing,
    heaps: colours.map((of) => ({ of, count })),
    out: count * colours.length,
    lacking: (each - count) * colours.length,
  };
}

/**
 * Which pieces are counted out for a number or for colours, and how many of them: the loose ones of which there are most, and
 * for colours those that come in as many. `thereOf` tells how many of a thing the home has. Undefined where the filling says
 * nothing that can be counted, or nothing is there several times.
 */
export function filledPieces(
  filling: Filling | undefined,
  rung: Pick<Rung, "materials">,
  things: readonly SetOut[],
  thereOf: (thing: SetOut) => number | undefined = () => undefined,
): FilledPieces | undefined {
  if (!filling) return undefined;
  const isLoose = (need: NeedId) => rung.materials.some((one) => one.id === need && one.loose);
  const several = things
    .filter((one) => one.quantity > 1 && one.material.unit === "piece" && isLoose(one.need))
    .toSorted((a, b) => b.quantity - a.quantity);
  if (filling.layer === "number") {
    const numbers = numbersOf(filling);
    const [thing] = several;
    return thing && numbers.length > 0 ? numbered(thing, numbers) : undefined;
  }
  if (filling.layer !== "colour") return undefined;
  const colours = namedIn(filling.on);
  const thing = several.find(
    (one) => (one.material.colours ?? 1) >= Math.max(2, colours.length) && one.quantity >= colours.length,
  );
  return thing && colours.length > 0 && colours.length <= MOST_HEAPS
    ? coloured(thing, colours, thereOf(thing) ?? Number.POSITIVE_INFINITY)
    : undefined;
}
