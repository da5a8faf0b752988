import { countOf } from "../collections";
import { type Demand, demandOf, howUsed, neededFor, type Stock } from "../materials";
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
  one: Pick<Allotment, "quantity" | "stays">,
  material: Material,
  on: string,
): number => one.quantity * (howUsed(one, material) === "each-time" ? timesLeft(tray, on) : 1);

/** What is there for one tray: less what the others have in use in the same hours, or will use up. */
export function freeStock(s: Situation, tables: Tables, tray: Tray, reserved: Reserved): Stock[] {
  const tracks = tracksOfMoments(tables.moments);
  const own = tray.when && tracks.get(tray.when.moment);
  const prepared = isPrepared(tables, tray);
  const others = besides(tables, tray);
  return s.stock.flatMap((stock): Stock[] => {
    const { holding, material } = stock;
    if (!holding) return [];
    const taken = (one: Tray) => one.allotted.filter((allotted) => allotted.holding === holding.id);
    // What is counted down is not in the cupboard any more; what this tray took is there for it.
    const isCounted = (allotted: Allotment) => prepared && howUsed(allotted, material) !== "kept";
    const demands = others.flatMap((one): Demand[] =>
      taken(one).flatMap((allotted) => (isCounted(allotted) ? [] : demandOf(one, allotted, material))),
    );
    const beside = demands.filter(({ moment }) => moment === undefined || tracks.get(moment) !== own);
    const back = taken(tray).filter(isCounted);
    const returned = back.reduce((sum, one) => sum + takenFromNow(tray, one, material, s.on), 0);
    const quantity = holding.quantity + returned - neededFor(beside, tracks) - countOf(reserved, holding.id);
    const spendable = quantity / takenFromNow(tray, { quantity: 1 }, material, s.on);
    return quantity > 0 ? [{ key: stock.key, material, holding, quantity, spendable }] : [];
  });
}
