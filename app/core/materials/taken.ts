import { countOf } from "../collections";
import type { Activity, Allotment, Material, MomentId, Need, Rung, Tray } from "../model";

/** How often a tray is set out in its rotation: once where it stands. */
export const timesOut = ({ when }: Pick<Tray, "when">): number => when?.days.length ?? 1;

/** How a tray uses a thing: it is there again afterwards; it is used up in the rotation; or each time that it comes. */
export type Use = "kept" | "once" | "each-time";

/**
 * How a thing is used where a need asks for it. What is mixed and keeps (dough) is played with until it no longer does;
 * what is used up as a rule may stay as it is here (dry oats that are poured), but for the parts of what is mixed for it.
 */
export const howUsed = (
  { stays, mixed }: Pick<Need, "stays"> & Pick<Allotment, "mixed">,
  { use, recipe }: Pick<Material, "use" | "recipe">,
): Use => {
  if (use === "reusable" || stays) return mixed ? "once" : "kept";
  return (recipe?.keepsDays ?? 1) <= 1 ? "each-time" : "once";
};

/** Is it prepared anew each time that it comes? It is wet, or something of it is used up each time. */
export const isPreparedEachTime = (
  activity: Pick<Activity, "wet">,
  rung: Pick<Rung, "materials">,
  materials: ReadonlyMap<string, Material>,
): boolean =>
  activity.wet ||
  rung.materials.some((need) => {
    const material = materials.get(need.material);
    return material !== undefined && howUsed(need, material) === "each-time";
  });

/** Minutes for mixing or making it ready at home; 0 for what is not made, or as well bought. */
export const mixingMinutes = ({ recipe }: Pick<Material, "recipe">): number =>
  recipe && !recipe.orBought ? recipe.minutes : 0;

/** Minutes of mixing before each time: what does not keep is mixed for each of its moments. */
export const mixingEachTime = (
  rung: Pick<Rung, "materials">,
  materials: ReadonlyMap<string, Material>,
): number =>
  rung.materials.reduce((sum, need) => {
    const material = materials.get(need.material);
    return sum + (material && howUsed(need, material) === "each-time" ? mixingMinutes(material) : 0);
  }, 0);

/** What is taken from the cupboard for a thing on a tray: the thing, or what it is mixed from; nothing of what is to be bought. */
export const drawnFrom = ({
  holding,
  quantity,
  mixed,
}: Pick<Allotment, "holding" | "quantity" | "mixed">): NonNullable<Allotment["mixed"]> =>
  holding ? [{ holding, quantity }] : (mixed ?? []);

/** The track of each moment: no two moments of one track share an hour, so that they can use the same things in turn. */
export type Tracks = ReadonlyMap<string, number>;

/** So much of something on a tray; at a moment only, where the tray comes by one. */
export interface Demand {
  quantity: number;
  moment?: MomentId;
}

/** How much a tray takes of what is allotted to it in its rotation: what is used up each time so often as it comes. */
export const takenOver = (tray: Pick<Tray, "when">, one: Allotment, material: Material): number =>
  one.quantity * (howUsed(one, material) === "each-time" ? timesOut(tray) : 1);

/** How much a tray takes of what is allotted to it: for all its times, or only while it is out. */
export const demandOf = (tray: Pick<Tray, "when">, one: Allotment, material: Material): Demand =>
  howUsed(one, material) !== "kept" || !tray.when
    ? { quantity: takenOver(tray, one, material) }
    : { quantity: one.quantity, moment: tray.when.moment };

/** How much is needed for all of these uses: what stands together, and of each track of moments the one that takes most. */
export function neededFor(uses: readonly Demand[], tracks: Tracks): number {
  const most = new Map<number, number>();
  let standing = 0;
  for (const { quantity, moment } of uses) {
    if (moment === undefined) standing += quantity;
    else {
      const track = tracks.get(moment) ?? 0;
      most.set(track, Math.max(countOf(most, track), quantity));
    }
  }
  return [...most.values()].reduce((sum, quantity) => sum + quantity, standing);
}
