import type { Rung } from "../model";
import type { SetOut } from "../setup";
import { layOut } from "./layout";

/**
 * Does all of it stand side by side in a bay, on a usual tray or on the bay's board? Where it is not known of a thing what it
 * looks like (one's own, most often) it can't be said that there is no room: it may be a vessel for the others.
 */
export function standsInBay(rung: Pick<Rung, "fits">, things: readonly SetOut[]): boolean {
  const isKnown = things.every(({ material }) => material.look !== undefined);
  return things.length === 0 || !isKnown || layOut({ fits: rung.fits }, things, "bay").fits;
}
