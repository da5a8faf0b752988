import { isVessel, type Part } from "./parts";
import type { DrawnThing } from "./things";

/** A closed box: a few small things may be carried on its lid. */
const LIDDED: ReadonlySet<string> = new Set(["box-slot", "box-closed"]);
export const isLidded = ({ form }: DrawnThing): boolean => LIDDED.has(form);
const MOST_ON_LID = 12;

/** A bag to feel in: what is found in it lies in it, drawn on it. */
const isBag = ({ form }: DrawnThing): boolean => form === "bag-cloth";

/** What small things may be carried in where a tray has no room beside it: the widest open vessel among them, or the bag. */
export function carrierOf(parts: readonly Part[]): Part | undefined {
  const open = parts.filter(
    (one) =>
      (isVessel(one.thing) || isLidded(one.thing) || isBag(one.thing)) && !one.thing.wells && one.count === 1,
  );
  return open.reduce<Part | undefined>(
    (best, one) => (!best || one.thing.widthMm > best.thing.widthMm ? one : best),
    undefined,
  );
}

/** What lies in a carrier: all that is no vessel and no longer than it. */
export function carriedIn(carrier: Part, parts: readonly Part[]): Part[] {
  const { widthMm, depthMm } = carrier.thing;
  const most = 1.1 * Math.min(widthMm, depthMm);
  const small = (one: Part) =>
    isLidded(carrier.thing)
      ? one.count <= MOST_ON_LID && one.thing.widthMm + 40 < widthMm / 2 && one.thing.depthMm + 40 < depthMm
      : (!isVessel(one.thing) || one.thing.widthMm < most / 2) && one.thing.widthMm <= most;
  const fitting = parts.filter((one) => one !== carrier && small(one));
  // One pile lies on a lid, and no more.
  return isLidded(carrier.thing) ? fitting.slice(0, 1) : fitting;
}
