import { addTo, countOf } from "../collections";
import {
  allotmentOf,
  drawnFrom,
  howUsed,
  type Served,
  type Stock,
  type Supply,
  waysFor,
  without,
} from "../materials";
import {
  type Allotment,
  activityOf,
  type Child,
  type ChildId,
  type HoldingId,
  type MaterialId,
  type NeedId,
  type PlaceId,
  type Rung,
  type RungId,
  type Tables,
  type Tray,
} from "../model";
import { besides, freeStock, isPrepared, NOTHING_RESERVED, type Reserved, takenFromNow } from "./freeStock";
import { childrenAt } from "./moments";
import type { Situation } from "./situation";
import { explainMove, type PlacementFault, stateWhileStanding } from "./standing";

/** How a tray that stands is to be: another rung, another child, another place; what is not named stays. */
export interface Wanted {
  rung?: RungId;
  child?: ChildId;
  place?: PlaceId;
  /** The others who use it; nobody else where the child changes. */
  also?: Tray["also"];
  /** The needs that stay away, of those that may; those that are not safe there where nothing is said. */
  without?: readonly NeedId[];
}

/** What goes on a tray or off it: a material with how much of it, and where it is kept. */
export interface Change {
  material: MaterialId;
  quantity: number;
  where?: string;
}

/** A tray as it would be, with what that puts on it and takes off it. */
export interface TrayChange {
  tray: Tray;
  rung: Rung;
  more: Change[];
  less: Change[];
  /** What it takes from the cupboard that is counted down already; less than nothing goes back to it. */
  takes: { holding: HoldingId; quantity: number }[];
}

/** Why a tray can't be set out otherwise now; all by name. */
export type TrayChangeFault =
  | PlacementFault
  | { code: "missing"; materials: readonly string[] }
  | { code: "wrong-pair"; a: string; b: string }
  /** A skill that safety hangs on is not there yet. */
  | { code: "barred" }
  | { code: "not-planned" }
  /** The child is not there, or asleep, at the moment by which it comes. */
  | { code: "away-then"; child: string }
  | { code: "has-it"; child: string };

export type TrayChangeResult = { change: TrayChange } | { fault: TrayChangeFault };

/** So many ways of serving the needs are tried before it is said why the first of them does not do. */
const MOST_TRIES = 60;

/** Every way to serve the needs with what is there, those first that serve best and change least on the tray. */
function* allotmentsOf(
  s: Situation,
  tray: Tray,
  ways: readonly Served[],
  byKey: ReadonlyMap<string, Stock>,
  on: ReadonlySet<string>,
): Generator<Allotment[]> {
  let used = new Map<string, number>();
  const there = new Map(
    [...byKey.values()].flatMap(({ holding, quantity }) => (holding ? [[holding.id, quantity]] : [])),
  );
  function* from(i: number, chosen: Allotment[]): Generator<Allotment[]> {
    const way = ways[i];
    if (!way) {
      yield chosen;
      return;
    }
    const { need, options } = way;
    const ordered = [...options].sort(
      (a, b) => b.serves - a.serves || Number(on.has(b.stock)) - Number(on.has(a.stock)),
    );
    for (const option of ordered) {
      const one = allotmentOf(need, option, byKey);
      const material = s.materials.get(one.material);
      // On the spot nothing is bought.
      if (!material || !(one.holding || one.mixed)) continue;
      const before = new Map(used);
      for (const { holding, quantity } of drawnFrom(one))
        addTo(used, holding, takenFromNow(tray, { ...one, quantity }, material, s.on));
      if (drawnFrom(one).every(({ holding }) => countOf(used, holding) <= countOf(there, holding) + 1e-9))
        yield* from(i + 1, [...chosen, one]);
      used = before;
    }
  }
  yield* from(0, []);
}

/** Why a rung is not for a child at this tray's time, whatever it is made from. */
function faultFor(
  s: Situation,
  tables: Tables,
  tray: Tray,
  child: Child,
  rung: Rung,
): TrayChangeFault | undefined {
  const ready = s.readiness.get(child.id);
  if (!ready) return { code: "not-planned" };
  if (ready.barred(rung)) return { code: "barred" };
  const moment = tables.moments.find((one) => one.id === tray.when?.moment);
  const place = s.places.find((one) => one.id === tray.place);
  const there = moment && place ? childrenAt(moment, place, s.planned) : s.planned;
  return there.includes(child) ? undefined : { code: "away-then", child: child.name };
}

/** Has the child the same activity on another tray? */
const hasIt = (tables: Tables, tray: Tray, child: Child): boolean =>
  besides(tables, tray).some(
    (one) => one.activity === tray.activity && (one.child === child.id || one.also.includes(child.id)),
  );

const nameOf = (s: Situation, id: string) => s.materials.get(id)?.name ?? id;

/** How much more of each material there is in one list than in the other. */
function moreIn(a: readonly Allotment[], b: readonly Allotment[], tables: Tables): Change[] {
  const sum = (of: readonly Allotment[], material: MaterialId) =>
    of.reduce((total, one) => total + (one.material === material ? one.quantity : 0), 0);
  return [...new Set(a.map((one) => one.material))].flatMap((material): Change[] => {
    const quantity = sum(a, material) - sum(b, material);
    if (quantity <= 0) return [];
    const from = a.find((one) => one.material === material)?.holding;
    const where = tables.holdings.find((one) => one.id === from)?.where?.trim();
    return [{ material, quantity, ...(where ? { where } : {}) }];
  });
}

/**
 * A tray that stands, set out otherwise at once with what is there and not in use elsewhere: judged for the child, the
 * place and every day until its rotation ends, as everything is that may stand.
 */
export function rearrangeTray(
  s: Situation,
  tables: Tables,
  tray: Tray,
  wanted: Wanted,
  reserved: Reserved = NOTHING_RESERVED,
): TrayChangeResult {
  const activity = activityOf(s.catalogue, tray.activity);
  const rung = activity?.rungs.find((one) => one.id === (wanted.rung ?? tray.rung));
  const child = s.everyone.find((one) => one.id === (wanted.child ?? tray.child));
  if (!activity || !rung || !child) return { fault: { code: "gone" } };
  const placeId = wanted.place ?? tray.place;
  const asked: Tray = {
    ...tray,
    rung: rung.id,
    child: child.id,
    also: wanted.also ? [...wanted.also] : child.id === tray.child ? tray.also : [],
    ...(placeId === tray.place ? {} : { place: placeId as Tray["place"], when: undefined }),
  };
  const users = [child, ...s.everyone.filter((one) => asked.also.includes(one.id))];
  for (const user of users) {
    const fault = faultFor(s, tables, asked, user, rung);
    if (fault) return { fault };
  }
  if (child.id !== tray.child && hasIt(tables, tray, child)) {
    return { fault: { code: "has-it", child: child.name } };
  }
  const supply = { materials: s.materials, stock: freeStock(s, tables, asked, reserved), cents: 0 };
  let best: TrayChangeResult | undefined;
  for (const away of waysOfSparing(rung, wanted.without)) {
    const result = setOutWith(s, tables, tray, asked, without(rung, away), supply);
    if ("change" in result && result.change.tray.state === "free") return result;
    if (!best || ("fault" in best && "change" in result)) best = result;
  }
  return best ?? { fault: { code: "gone" } };
}

/** Which needs stay away: those that are named, or else none of those that may, one of them, or all. */
function waysOfSparing(rung: Rung, named: readonly string[] | undefined): ReadonlySet<string>[] {
  const spare = rung.materials.filter((need) => need.spare).map((need): string => need.id);
  if (named) return [new Set(named.filter((id) => spare.includes(id)))];
  return [[], ...spare.map((id) => [id]), ...(spare.length > 1 ? [spare] : [])].map((ids) => new Set(ids));
}

/** A rung set out for a tray with what is free, in the first way that may stand there. */
function setOutWith(
  s: Situation,
  tables: Tables,
  tray: Tray,
  asked: Tray,
  rung: Rung,
  supply: Supply,
): TrayChangeResult {
  const byKey = new Map(supply.stock.map((one) => [one.key, one]));
  const found = waysFor(supply, byKey, rung);
  if ("missing" in found) {
    return { fault: { code: "missing", materials: found.missing.map((id) => nameOf(s, id)) } };
  }
  if ("unfit" in found) return { fault: { code: "wrong-pair", ...found.unfit } };
  let first: TrayChangeFault | undefined;
  let tries = 0;
  const on = new Set(tray.allotted.flatMap((one) => one.holding ?? []));
  for (const allotted of allotmentsOf(s, asked, found.ways, byKey, on)) {
    const made = { ...asked, allotted };
    const fault = explainMove(s, tables, made, asked.place);
    if (!fault) return { change: changed(s, tables, tray, made, rung) };
    first ??= fault;
    tries += 1;
    if (tries >= MOST_TRIES) break;
  }
  return { fault: first ?? { code: "missing", materials: shortOf(s, asked, rung, supply.stock) } };
}

/** Each need could be served by itself, but not all at once: the things of which several needs ask for more than is there. */
function shortOf(s: Situation, tray: Tray, rung: Rung, stock: readonly Stock[]): string[] {
  const asked = [...new Set(rung.materials.map((need) => need.material))];
  const short = asked.filter((id) => {
    const material = s.materials.get(id);
    const there = stock.filter((one) => one.material.id === id && !one.mixedFrom);
    const wanted = rung.materials.filter((need) => need.material === id);
    const takes = wanted.reduce(
      (sum, need) => sum + (material ? takenFromNow(tray, need, material, s.on) : 0),
      0,
    );
    return takes > there.reduce((sum, { quantity }) => sum + quantity, 0);
  });
  return (short.length > 0 ? short : asked).map((id) => nameOf(s, id));
}

/** How much more of what is used up the tray takes as it would be than as it is, by holding. */
function takenOf(s: Situation, tray: Tray, made: Tray): TrayChange["takes"] {
  const more = new Map<HoldingId, number>();
  const count = (one: Tray, sign: 1 | -1) => {
    for (const allotted of one.allotted) {
      const material = s.materials.get(allotted.material);
      if (!material || howUsed(allotted, material) === "kept") continue;
      for (const { holding, quantity } of drawnFrom(allotted))
        addTo(more, holding, sign * takenFromNow(one, { ...allotted, quantity }, material, s.on));
    }
  };
  count(made, 1);
  count(tray, -1);
  return [...more].flatMap(([holding, quantity]) => (quantity === 0 ? [] : [{ holding, quantity }]));
}

function changed(s: Situation, tables: Tables, tray: Tray, made: Tray, rung: Rung): TrayChange {
  return {
    tray: { ...made, state: stateWhileStanding(s, tables, made) },
    rung,
    more: moreIn(made.allotted, tray.allotted, tables),
    less: moreIn(tray.allotted, made.allotted, tables),
    takes: isPrepared(tables, tray) ? takenOf(s, tray, made) : [],
  };
}
