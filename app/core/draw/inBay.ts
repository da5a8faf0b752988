import type { Material, Rung } from "../model";
import type { SetOut } from "../setup";
import { layOut } from "./layout";

/** Materials do not change: each is known by a number of its own. */
const numbers = new WeakMap<Material, number>();
let last = 0;

function numberOf(material: Material): number {
  const known = numbers.get(material);
  if (known !== undefined) return known;
  last += 1;
  numbers.set(material, last);
  return last;
}

/** What was found before, by the meetings of a rung and what is set out of which things. */
const found = new WeakMap<Rung["fits"], Map<string, boolean>>();

/**
 * Does all of it stand side by side in a bay, on a usual tray or on the bay's board? Where it is not known of a thing what it
 * looks like (one's own, most often) it can't be said that there is no room: it may be a vessel for the others. To lay it out
 * takes a while, and every plan asks for hundreds of rungs: what was found once is known from then on.
 */
export function standsInBay(rung: Pick<Rung, "fits">, things: readonly SetOut[]): boolean {
  const isKnown = things.every(({ material }) => material.look !== undefined);
  if (things.length === 0 || !isKnown) return true;
  const before = found.get(rung.fits) ?? new Map<string, boolean>();
  found.set(rung.fits, before);
  const asked = things.map((one) => `${one.need} ${one.quantity} ${numberOf(one.material)}`).join();
  const answer = before.get(asked) ?? layOut({ fits: rung.fits }, things, "bay").fits;
  before.set(asked, answer);
  return answer;
}
