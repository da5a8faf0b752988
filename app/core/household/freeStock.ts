import { countOf } from "../collections";
import { type Demand, demandOf, drawnFrom, howUsed, neededFor, type Stock, withMixed } from "../materials";
import type { Allotment, Material, Tables, Tray } from "../model";
import { tracksOfMoments } from "./moments";
import type { Situation } from "./situation";

/** How much of each holding another use has laid aside already. */
export type Reserved = ReadonlyMap<string, number>;
export const NOTHING_RESERVED: Reserved = new Map();

/** The trays that stand beside one, in the same rotation. */
export const besides = (tables: Tables, tray: Tray): Tray[] =>
  tables.trays.filter(
    (one) => one.rotation === tray.rotation && one.id !== tray.id && one.downOn === undefined,
  );

/** Are the things that its rotation uses up counted down in the cupboard already? */
export const isPrepared = (tables: Tables, tray: Tray): boolean =>
  tables.prepStates.some((row) => row.rotation === tray.rotation && row.before !== undefined);

/** For so many times yet a tray takes what is used up each time. */
const timesLeft = (tray: Pick<Tray, "when">, on: string): number =>
  tray.when ? Math.max(1, tray.when.days.filter((day) => day >= on).length) : 1;

/** How much of a holding the tray takes from now on for what is allotted to it, or for a need. */
export const takenFromNow = (
  tray: Tray,
  one: Pick<Allotment, "quantity" | "stays" | "mixed">,
  material: Material,
  on: string,
): number => one.quantity * (howUsed(one, material) === "each-time" ? timesLeft(tray, on) : 1);

/** What trays take of a holding, each with what it is taken for: the thing itself, or what it is mixed into. */
const takenBy = (s: Situation, tray: Tray, holding: string): { one: Allotment; material: Material }[] =>
  tray.allotted.flatMap((one) => {
    const material = s.materials.get(one.material);
    return drawnFrom(one).flatMap(({ holding: from, quantity }) =>
      material && from === holding ? [{ one: { ...one, quantity }, material }] : [],
    );
  });

/**
 * What is there for one tray: less what the others have in use in the same hours, or will use up; and what can be mixed
 * from that.
 */
export function freeStock(s: Situation, tables: Tables, tray: Tray, reserved: Reserved): readonly Stock[] {
  const tracks = tracksOfMoments(tables.moments);
  const own = tray.when && tracks.get(tray.when.moment);
  const prepared = isPrepared(tables, tray);
  const others = besides(tables, tray);
  // What is counted down is not in the cupboard any more; what this tray took is there for it.
  const isCounted = ({ one, material }: { one: Allotment; material: Material }) =>
    prepared && howUsed(one, material) !== "kept";
  const there = s.stock.flatMap((stock): Stock[] => {
    const { holding, material } = stock;
    if (!holding) return [];
    const demands = others.flatMap((other): Demand[] =>
      takenBy(s, other, holding.id).flatMap((taken) =>
        isCounted(taken) ? [] : demandOf(other, taken.one, taken.material),
      ),
    );
    const beside = demands.filter(({ moment }) => moment === undefined || tracks.get(moment) !== own);
    const returned = takenBy(s, tray, holding.id)
      .filter(isCounted)
      .reduce((sum, taken) => sum + takenFromNow(tray, taken.one, taken.material, s.on), 0);
    const quantity = holding.quantity + returned - neededFor(beside, tracks) - countOf(reserved, holding.id);
    const spendable = quantity / takenFromNow(tray, { quantity: 1 }, material, s.on);
    return quantity > 0 ? [{ key: stock.key, material, holding, quantity, spendable }] : [];
  });
  return withMixed(s.materials, there);
}
