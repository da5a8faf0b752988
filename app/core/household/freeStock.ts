import { countOf } from "../collections";
import {
  type Demand,
  demandOf,
  drawnFrom,
  howUsed,
  neededFor,
  type Stock,
  type Tracks,
  withMixed,
} from "../materials";
import type { Allotment, HoldingId, Material, PlainDate, Tables, Tray } from "../model";
import { lanesOfMoments } from "./moments";
import { standingRotation } from "./rotations";
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
const takenBy = (s: Situation, tray: Tray, holding: HoldingId): { one: Allotment; material: Material }[] =>
  tray.allotted.flatMap((one) => {
    const material = s.materials.get(one.material);
    return drawnFrom(one).flatMap(({ holding: from, quantity }) =>
      material && from === holding ? [{ one: { ...one, quantity }, material }] : [],
    );
  });

/** The trays whose needs are added up, and how uses at different times count. */
interface TrayUses {
  trays: readonly Tray[];
  tracks: Tracks;
  /** Uses in the hours of this track take turns with the one that is asked about. */
  ownTrack?: number;
  /** Things that trays use up were counted down in the cupboard when their rotation was prepared. */
  isPrepared: boolean;
}

const isCountedDown = ({ one, material }: { one: Allotment; material: Material }, isPrepared: boolean) =>
  isPrepared && howUsed(one, material) !== "kept";

/** The quantity of a holding that the trays need together, without the uses that the cupboard has counted down already. */
function neededOf(
  s: Situation,
  holding: HoldingId,
  { trays, tracks, ownTrack, isPrepared }: TrayUses,
): number {
  const demands = trays.flatMap((tray): Demand[] =>
    takenBy(s, tray, holding).flatMap((taken) =>
      isCountedDown(taken, isPrepared) ? [] : demandOf(tray, taken.one, taken.material),
    ),
  );
  const atOnce = demands.filter(({ moment }) => moment === undefined || tracks.get(moment) !== ownTrack);
  return neededFor(atOnce, tracks);
}

/** The stock of a home less everything that the trays of the rotation of that day need, mixed into something or as it is. */
export function stockBesideTrays(s: Situation, tables: Tables, on: PlainDate): readonly Stock[] {
  const rotation = standingRotation(tables, s.site, on);
  const trays = tables.trays.filter((tray) => tray.rotation === rotation?.id && tray.downOn === undefined);
  const [first] = trays;
  const uses: TrayUses = {
    trays,
    tracks: lanesOfMoments(tables.moments),
    isPrepared: first !== undefined && isPrepared(tables, first),
  };
  return s.stock.flatMap((stock) => {
    if (!stock.holding) return [];
    const quantity = stock.quantity - neededOf(s, stock.holding.id, uses);
    return quantity > 0 ? [{ ...stock, quantity }] : [];
  });
}

/**
 * The stock that one tray can be set out from: the cupboard less everything that other trays use in the same hours or will
 * use up, together with the mixtures that can be made from the rest.
 */
export function freeStock(s: Situation, tables: Tables, tray: Tray, reserved: Reserved): readonly Stock[] {
  const tracks = lanesOfMoments(tables.moments);
  const prepared = isPrepared(tables, tray);
  const uses: TrayUses = {
    trays: besides(tables, tray),
    tracks,
    ownTrack: tray.when && tracks.get(tray.when.moment),
    isPrepared: prepared,
  };
  const there = s.stock.flatMap((stock): Stock[] => {
    const { holding, material } = stock;
    if (!holding) return [];
    // The cupboard no longer holds a quantity that was counted down; this tray gets back the quantity that it took itself.
    const returned = takenBy(s, tray, holding.id)
      .filter((taken) => isCountedDown(taken, prepared))
      .reduce((sum, taken) => sum + takenFromNow(tray, taken.one, taken.material, s.on), 0);
    const quantity =
      holding.quantity + returned - neededOf(s, holding.id, uses) - countOf(reserved, holding.id);
    const spendable = quantity / takenFromNow(tray, { quantity: 1 }, material, s.on);
    return quantity > 0 ? [{ key: stock.key, material, holding, quantity, spendable }] : [];
  });
  return withMixed(s.materials, there);
}
