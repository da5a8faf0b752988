import { standsInBay } from "../draw";
import {
  activityOf,
  addDays,
  type PlaceId,
  type PlaceKind,
  type PlainDate,
  type Routine,
  type Tables,
  type Tray,
} from "../model";
import {
  type Assessment,
  assess,
  blockReasonOf,
  isBroughtOrFetched,
  judge,
  type SafeWay,
  safeWays,
  suitsPlace,
  type TrayCase,
  type TrayThing,
} from "../safety";
import { placeDuring } from "./moments";
import { rungOfTray, setOutOn } from "./setOut";
import { type Situation, supplyOf } from "./situation";

/** The things that are on a tray in truth, as measured here. */
export function thingsOn(s: Situation, tables: Tables, tray: Tray): TrayThing[] {
  const rung = rungOf(s, tray);
  return tray.allotted.flatMap((one) => {
    const material = s.materials.get(one.material);
    const need = rung?.materials.find((other) => other.id === one.need);
    const holding = tables.holdings.find((other) => other.id === one.holding);
    return material ? [{ material, loose: need?.loose ?? true, measured: holding?.measured }] : [];
  });
}

const rungOf = (s: Situation, tray: Tray) => rungOfTray(s.catalogue, tray)?.rung;

/** The children a tray is for. */
export const usersOf = (tables: Tables, tray: Tray) =>
  tables.children.filter((one) => one.id === tray.child || tray.also.includes(one.id));

/** The place as it is when the tray is out: where it comes by a moment at which somebody is asleep, for those hours. */
function placeOf(s: Situation, tables: Tables, tray: Tray, placeId: PlaceId) {
  const place = s.places.find((one) => one.id === placeId);
  const moment = tables.moments.find((one) => one.id === tray.when?.moment && one.place === placeId);
  return place && moment ? placeDuring(place, moment) : place;
}

/** A tray that stands, as it is judged at a place; undefined where its activity, rung or place is no longer there. */
function caseOf(s: Situation, tables: Tables, tray: Tray, placeId: PlaceId): TrayCase | undefined {
  const activity = activityOf(s.catalogue, tray.activity);
  const rung = rungOf(s, tray);
  const users = usersOf(tables, tray);
  const place = placeOf(s, tables, tray, placeId);
  if (!activity || !rung || users.length === 0 || !place) return undefined;
  return { activity, rung, things: thingsOn(s, tables, tray), place, users, people: s.people };
}

/** A tray judged for the day at a place: who can reach, who mouths and what is measured may have changed. */
export function standingSafety(
  s: Situation,
  tables: Tables,
  tray: Tray,
  placeId: PlaceId = tray.place,
): Assessment | undefined {
  const judged = caseOf(s, tables, tray, placeId);
  return judged && assess(judged, s.on);
}

/** Free or adult-held, by the hardest day on which a tray is to stand at a place, from today to the end of its rotation. */
export function stateWhileStanding(
  s: Situation,
  tables: Tables,
  tray: Tray,
  placeId: PlaceId = tray.place,
): Tray["state"] {
  const judged = caseOf(s, tables, tray, placeId);
  return judged && judge(judged, s.on, endOf(s, tables, tray)).state === "adult-held" ? "adult-held" : "free";
}

/** What comes of a tray that stands: the first day on which it is judged harder than today, and why. */
export interface TurnsUnsafe {
  tray: Tray;
  on: PlainDate;
  becomes: Assessment;
}

/** The trays that will be judged harder within so many days, the soonest first: each with its day, for the reminder. */
export const turningUnsafe = (
  s: Situation,
  tables: Tables,
  trays: readonly Tray[],
  days: number,
): TurnsUnsafe[] =>
  trays
    .flatMap((tray): TurnsUnsafe[] => {
      const judged = caseOf(s, tables, tray, tray.place);
      if (!judged || assess(judged, s.on).state === "blocked") return [];
      const { changesOn, becomes } = judge(judged, s.on, s.on, days);
      return changesOn && becomes ? [{ tray, on: changesOn, becomes }] : [];
    })
    .sort((a, b) => (a.on < b.on ? -1 : 1));

/** What would make a tray that stands safe, and what to do about it; its own users may be taken to mouth. */
export function standingSafeWays(
  s: Situation,
  tables: Tables,
  tray: Tray,
  mouthing: readonly string[] = [],
): SafeWay[] {
  const judged = caseOf(s, tables, tray, tray.place);
  if (!judged) return [];
  const users = judged.users.map((one) =>
    mouthing.includes(one.id) ? { ...one, mouths: "yes" as const } : one,
  );
  return safeWays({
    ...judged,
    users,
    places: s.places,
    supply: { ...supplyOf(s), cents: 0 },
    from: s.on,
    to: s.to,
  });
}

/** Why a tray can't be put at a place; all by name. */
export type PlacementFault =
  | { code: "gone" }
  | { code: "other-kind"; activity: string; kinds: readonly PlaceKind[]; place: string }
  | { code: "other-routine"; activity: string; routines: readonly Routine[]; place: string }
  | { code: "another-childs"; place: string }
  | { code: "unsafe"; at: { place: string; reason: string } }
  | { code: "unreached"; children: readonly string[]; place: string }
  /** Its things, as large as they are here, don't stand side by side in a bay. */
  | { code: "no-room"; place: string };

/**
 * Why a tray that stands can't be put at another place; undefined where it can. It is judged for every day until the
 * rotation ends.
 */
export function explainMove(
  s: Situation,
  tables: Tables,
  tray: Tray,
  placeId: PlaceId,
): PlacementFault | undefined {
  const place = s.places.find((one) => one.id === placeId);
  const judged = caseOf(s, tables, tray, placeId);
  if (!place || !judged) return { code: "gone" };
  const { activity, rung, users } = judged;
  const kinds = rung.places ?? activity.places;
  if (!kinds.includes(place.kind)) {
    return { code: "other-kind", activity: activity.name, kinds, place: place.name };
  }
  if (!suitsPlace(activity, rung, place, users)) return { code: "another-childs", place: place.name };
  if (place.kind === "bay" && !standsInBay(rung, setOutOn(tables, s, tray))) {
    return { code: "no-room", place: place.name };
  }
  const safety = judge(judged, s.on, endOf(s, tables, tray));
  if (safety.state === "blocked") {
    return { code: "unsafe", at: { place: place.name, reason: blockReasonOf(safety) } };
  }
  if (!isBroughtOrFetched(safety.state, place, { users, people: s.people, from: s.on })) {
    return { code: "unreached", children: users.map((one) => one.name), place: place.name };
  }
  return undefined;
}

/** The day after the last on which a tray is to stand: its rotation's, or tomorrow where that has passed. */
function endOf(s: Situation, tables: Tables, tray: Tray): PlainDate {
  const rotation = tables.rotations.find((one) => one.id === tray.rotation);
  const end = rotation?.to ?? (rotation ? addDays(rotation.from, s.household.rotationDays) : s.to);
  return end > s.on ? end : addDays(s.on, 1);
}
