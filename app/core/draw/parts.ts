import type { Fit, NeedId } from "../model";
import type { SetOut } from "../setup";
import { type DrawnThing, drawnThing } from "./things";

/** More pieces than these are not told apart in a drawing. */
const MOST_DRAWN = 60;

/** What a thing is to the work: moved, worked with, or what is worked on. */
export type Role = "piece" | "tool" | "target";

/** A thing of a tray as it is drawn, and how many of it. */
export interface Part {
  out: SetOut;
  thing: DrawnThing;
  count: number;
  isPoured: boolean;
}

export const isVessel = ({ as }: DrawnThing): boolean => as === "vessel";

export const partOf = (out: SetOut): Part => {
  const isPoured = out.material.unit === "g" || out.material.unit === "ml";
  const whole = out.material.unit === "cm" ? 1 : Math.max(1, Math.round(out.quantity));
  return {
    out,
    thing: drawnThing(out.material),
    count: isPoured ? 1 : Math.min(whole, MOST_DRAWN),
    isPoured,
  };
};

/** Meetings in which one thing goes to another; the rest only compare them, or are made as the play goes. */
const MOVES: ReadonlySet<Fit["how"]> = new Set<Fit["how"]>([
  "through",
  "onto",
  "pours-into",
  "in-wells",
  "lies-in",
]);
export const movesOf = (fits: readonly Fit[]): Fit[] => fits.filter((one) => MOVES.has(one.how));

/** What goes into, through or onto what: the pieces of a, and the needs that they meet, in order. */
export const goals = (fits: readonly Fit[], need: NeedId): string[] =>
  movesOf(fits)
    .filter((one) => one.a === need)
    .map((one) => one.b);

export function roleOf({ out, thing }: Part, fits: readonly Fit[]): Role {
  const moves = movesOf(fits);
  if (thing.as === "tool" && !moves.some((one) => one.a === out.need)) return "tool";
  return moves.some((one) => one.b === out.need) ? "target" : "piece";
}

/**
 * Where pieces wait before they are moved: in the first of several equal vessels, or in the first of several vessels that
 * they are to go into. Undefined where they lie by themselves.
 */
export function sourceOf(part: Part, parts: readonly Part[], fits: readonly Fit[]): Part | undefined {
  const into = fits
    .filter((one) => one.a === part.out.need && (one.how === "lies-in" || one.how === "pours-into"))
    .flatMap((one) => parts.find((other) => other.out.need === one.b && isVessel(other.thing)) ?? []);
  const [first, second] = into;
  if (first && (second || first.count > 1)) return first;
  if (!part.isPoured) return undefined;
  const goal = new Set(goals(fits, part.out.need));
  const free = parts.filter((one) => isVessel(one.thing) && !one.thing.wells && !goal.has(one.out.need));
  return free.reduce<Part | undefined>(
    (best, one) => (!best || one.thing.widthMm > best.thing.widthMm ? one : best),
    undefined,
  );
}
