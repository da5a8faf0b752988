import { countOf } from "../collections";
import { type Demand, demandOf, howUsed, neededFor, type Stock, waysFor } from "../materials";
import {
  type Allotment,
  activityOf,
  type Child,
  type Material,
  type Rung,
  type Tables,
  type Tray,
} from "../model";
import { childrenAt, tracksOfMoments } from "./moments";
import type { Situation } from "./situation";
import { explainMove, type PlacementFault, standingSafety } from "./standing";

/** How a tray that stands is to be: another rung, another child, another place; what is not named stays. */
export interface Wanted {
  rung?: string;
  child?: string;
  place?: string;
  /** The others who use it; nobody else where the child changes. */
  also?: Tray["also"];
}

/** What goes on a tray or off it: a material with how much of it, and where it is kept. */
export interface Change {
  material: string;
  quantity: number;
  where?: string;
}

/** A tray as it would be, with what that puts on it and takes off it. */
export interface Otherwise {
  tray: Tray;
  rung: Rung;
  more: Change[];
  less: Change[];
  /** What it takes from the cupboard that is counted down already; less than nothing goes back to it. */
  takes: { holding: string; quantity: number }[];
}

/** Why a tray can't be set out otherwise now; all by name. */
export type OtherwiseFault =
  | PlacementFault
  | { code: "missing"; materials: readonly string[] }
  | { code: "wrong-pair"; a: string; b: string }
  /** A skill that safety hangs on is not there yet. */
  | { code: "barred" }
  | { code: "not-planned" }
  /** The child is not there, or asleep, at the moment by which it comes. */
  | { code: "away-then"; child: string }
  | { code: "has-it"; child: string };

export type OtherwiseResult = { otherwise: Otherwise } | { fault: OtherwiseFault };

/** So many ways of serving the needs are tried before it is said why the first of them does not do. */
const MOST_TRIES = 60;

/** How much of each holding another use has laid aside already. */
export type Reserved = ReadonlyMap<string, number>;
const NOTHING_RESERVED: Reserved = new Map();

/** The trays that stand beside one, in the same rotation. */
export const besides = (tables: Tables, tray: Tray): Tray[] =>
  tables.trays.filter(
    (one) => one.rotation === tray.rotation && one.id !== tray.id && one.downOn === undefined,
  );

/** Are the things that its rotation uses up counted down in the cupboard already? */
const isPrepared = (tables: Tables, tray: Tray): boolean =>
  tables.prepStates.some((row) => row.rotation === tray.rotation && row.before !== undefined);

/** For so many times yet a tray takes what is used up each time. */
const timesLeft = (tray: Pick<Tray, "when">, on: string): number =>
  tray.when ? Math.max(1, tray.when.days.filter((day) => day >= on).length) : 1;

/** How much of a holding the tray takes from now on for what is allotted to it, or for a need. */
const takenFromNow = (
  tray: Tray,
  one: Pick<Allotment, "quantity" | "stays">,
  material: Material,
  on: string,
): number => one.quantity * (howUsed(one, material) === "each-time" ? timesLeft(tray, on) : 1);

/** What is there for one tray: less what the others have in use in the same hours, or will use up. */
function freeStock(s: Situation, tables: Tables, tray: Tray, reserved: Reserved): Stock[] {
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

/** Every way to serve the needs with what is there, those first that serve best and change least on the tray. */
function* allotmentsOf(
  s: Situation,
  tray: Tray,
  rung: Rung,
  ways: Extract<ReturnType<typeof waysFor>, { ways: unknown }>["ways"],
  byKey: ReadonlyMap<string, Stock>,
  on: ReadonlySet<string>,
): Generator<Allotment[]> {
  const used = new Map<string, number>();
  function* from(i: number, chosen: Allotment[]): Generator<Allotment[]> {
    const need = rung.materials[i];
    if (!need) {
      yield chosen;
      return;
    }
    const options = ways.find((one) => one.need.id === need.id)?.options ?? [];
    const ordered = [...options].sort(
      (a, b) => b.serves - a.serves || Number(on.has(b.stock)) - Number(on.has(a.stock)),
    );
    for (const { stock: key, quantity } of ordered) {
      const stock = byKey.get(key);
      const before = countOf(used, key);
      if (!stock?.holding) continue;
      const together = before + takenFromNow(tray, need, stock.material, s.on);
      if (together > stock.quantity + 1e-9) continue;
      used.set(key, together);
      const { material, holding } = stock;
      const one: Allotment = { need: need.id, material: material.id, holding: holding.id, quantity };
      if (need.stays) one.stays = true;
      yield* from(i + 1, [...chosen, one]);
      used.set(key, before);
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
): OtherwiseFault | undefined {
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
  const sum = (of: readonly Allotment[], material: string) =>
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
export function otherwise(
  s: Situation,
  tables: Tables,
  tray: Tray,
  wanted: Wanted,
  reserved: Reserved = NOTHING_RESERVED,
): OtherwiseResult {
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
  const stock = freeStock(s, tables, asked, reserved);
  const byKey = new Map(stock.map((one) => [one.key, one]));
  const found = waysFor({ materials: s.materials, stock, cents: 0 }, byKey, rung);
  if ("missing" in found) {
    return { fault: { code: "missing", materials: found.missing.map((id) => nameOf(s, id)) } };
  }
  if ("unfit" in found) return { fault: { code: "wrong-pair", ...found.unfit } };
  let first: OtherwiseFault | undefined;
  let tries = 0;
  const on = new Set(tray.allotted.flatMap((one) => one.holding ?? []));
  for (const allotted of allotmentsOf(s, asked, rung, found.ways, byKey, on)) {
    const made = { ...asked, allotted };
    const fault = explainMove(s, tables, made, placeId);
    if (!fault) return { otherwise: changed(s, tables, tray, made, rung) };
    first ??= fault;
    tries += 1;
    if (tries >= MOST_TRIES) break;
  }
  return { fault: first ?? { code: "missing", materials: shortOf(s, asked, rung, stock) } };
}

/** Each need could be served by itself, but not all at once: the things of which several needs ask for more than is there. */
function shortOf(s: Situation, tray: Tray, rung: Rung, stock: readonly Stock[]): string[] {
  const asked = [...new Set(rung.materials.map((need) => need.material))];
  const short = asked.filter((id) => {
    const material = s.materials.get(id);
    const there = stock.filter((one) => one.material.id === id);
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
function takenOf(s: Situation, tray: Tray, made: Tray): Otherwise["takes"] {
  const of = (one: Tray, holding: string) =>
    one.allotted.reduce((sum, allotted) => {
      const material = s.materials.get(allotted.material);
      if (allotted.holding !== holding || !material || howUsed(allotted, material) === "kept") return sum;
      return sum + takenFromNow(one, allotted, material, s.on);
    }, 0);
  const holdings = new Set([...tray.allotted, ...made.allotted].flatMap((one) => one.holding ?? []));
  return [...holdings].flatMap((holding) => {
    const quantity = of(made, holding) - of(tray, holding);
    return quantity === 0 ? [] : [{ holding, quantity }];
  });
}

function changed(s: Situation, tables: Tables, tray: Tray, made: Tray, rung: Rung): Otherwise {
  const held = standingSafety(s, tables, made)?.state === "adult-held";
  return {
    tray: { ...made, state: held ? "adult-held" : "free" },
    rung,
    more: moreIn(made.allotted, tray.allotted, tables),
    less: moreIn(tray.allotted, made.allotted, tables),
    takes: isPrepared(tables, tray) ? takenOf(s, tray, made) : [],
  };
}
