import { monthsFromBirth } from "../age";
import { elementAt } from "../collections";
import { addDays, type Child, type ChildId, type Place, type PlaceKind, type PlainDate } from "../model";
import { ABILITIES, type Ability, likelyDoes, mayDo } from "./abilities";
import type { People } from "./people";
import { type Reacher, reacherOf } from "./reacher";

/**
 * Length of tall children (two standard deviations above the median, boys, who are the taller), in cm by months from
 * birth: WHO Child Growth Standards, length/height-for-age.
 */
const TALL_CM: readonly (readonly [months: number, cm: number])[] = [
  [0, 53.7],
  [3, 65.5],
  [6, 71.9],
  [9, 76.5],
  [12, 80.5],
  [18, 87.7],
  [24, 93.9],
  [36, 103.5],
  [48, 111.7],
  [60, 119.2],
];

/** So much shorter than the tall is a child in the middle. */
const MIDDLE_SHARE = 0.94;

/** Length of a tall child of that age in cm, between the table's ages by a straight line. */
export function tallCm(months: number): number {
  const after = TALL_CM.findIndex(([at]) => at >= months);
  if (after < 0) return elementAt(TALL_CM, TALL_CM.length - 1)[1];
  const [m1, c1] = elementAt(TALL_CM, after);
  const [m0, c0] = elementAt(TALL_CM, Math.max(0, after - 1));
  return m1 === m0 ? c1 : c0 + ((c1 - c0) * (months - m0)) / (m1 - m0);
}

/**
 * How high a hand gets, as a share of the body's length: our judgement from published body sizes of children (a standing
 * child reaches about 1.2 times its height), rounded up. Climbing knows no height.
 */
const REACH_SHARE: Record<Ability, number> = {
  rolls: 0.3,
  sits: 0.75,
  crawls: 0.95,
  "pulls-up": 1.25,
  climbs: Number.POSITIVE_INFINITY,
};
/** What lies flat gets at what lies beside it, in cm above the floor. */
const LYING_CM = 10;

export interface HowHigh {
  /** In cm above the floor; Infinity for a child who may climb. */
  cm: number;
  /** The ability that gives it; undefined for a child who only lies. */
  by?: Ability;
}

const highest = (
  child: Child,
  on: PlainDate,
  share: number,
  does: (ability: Ability) => boolean,
): HowHigh => {
  const by = ABILITIES.findLast(does);
  if (!by) return { cm: LYING_CM };
  return { cm: tallCm(monthsFromBirth(child, on)) * share * REACH_SHARE[by], by };
};

/** How high the child may get on a day: the most that a child of that age may, unless a tick says otherwise. */
export const mayReachCm = (people: People, child: Child, on: PlainDate): HowHigh =>
  highest(child, on, 1, (ability) => mayDo(people, child, ability, on).may);

/** How high the child gets with ease: what half of that age do, a child of middle height. No climbing. */
export const easyReachCm = (people: People, child: Child, on: PlainDate): number => {
  const { cm } = highest(
    child,
    on,
    MIDDLE_SHARE,
    (ability) => ability !== "climbs" && likelyDoes(people, child, ability, on),
  );
  return cm;
};

/** What a place is taken to stand at where nobody said, in cm: low, so that nothing counts as high by mistake. */
const USUAL_CM: Record<PlaceKind, number> = {
  bay: 0,
  table: 40,
  mat: 0,
  floor: 0,
  "high-chair": 50,
  tower: 40,
  window: 50,
  "wet-spot": 40,
  outdoors: 0,
  line: 120,
  routine: 0,
};

export const heightOf = (place: Place): number => place.heightCm ?? USUAL_CM[place.kind];

/** Why a child gets at a place, or does not. */
export type ReachAnswer =
  /** The adult says so. */
  | { reaches: true; because: "said" }
  /** By height, and what gives it; or nothing stands in the way. */
  | { reaches: true; because: "height"; by?: Ability }
  | { reaches: false; because: "high"; by?: Ability }
  | { reaches: false; because: "asleep" | "door" | "gate" | "lock" };

/**
 * Does the child get at the place on a day? What the adult locks, shuts or says comes first; height keeps a child away
 * only as long as it is above what a child of that age may reach.
 */
export function reachOf(place: Place, people: People, child: Child, on: PlainDate): ReachAnswer {
  if (place.reachedBy.includes(child.id)) return { reaches: true, because: "said" };
  const listed = place.outOfReachOf.includes(child.id);
  if (listed && place.because !== "high") return { reaches: false, because: place.because };
  if (!listed && place.heightCm === undefined) return { reaches: true, because: "height" };
  const height = heightOf(place);
  const { cm, by } = mayReachCm(people, child, on);
  if (height > cm) return { reaches: false, because: "high", by };
  return { reaches: true, because: "height", by: leastFor(height, people, child, on) };
}

/** The least of what the child may do that is enough for a height. */
const leastFor = (heightCm: number, people: People, child: Child, on: PlainDate): Ability | undefined =>
  ABILITIES.find(
    (ability) =>
      mayDo(people, child, ability, on).may &&
      tallCm(monthsFromBirth(child, on)) * REACH_SHARE[ability] >= heightCm,
  );

/**
 * Everyone who can get at a tray at this place on this date, youngest first: the children it is for, and every other
 * child who reaches the place.
 */
export const whoCanReach = (
  place: Place,
  users: readonly Child[],
  people: People,
  on: PlainDate,
): Reacher[] =>
  people.children
    .map((child) => users.find((user) => user.id === child.id) ?? child)
    .filter(
      (child) =>
        users.some((user) => user.id === child.id) ||
        (child.birth <= on && reachOf(place, people, child, on).reaches),
    )
    .map((child) => reacherOf(child, people, on))
    .sort((a, b) => a.months - b.months);

/**
 * The same place for the hours in which some children sleep. Whom height keeps away is not said to sleep: that goes on
 * being worked out from the height.
 */
export const whileAsleep = (place: Place, asleep: readonly ChildId[]): Place => ({
  ...place,
  because: "asleep",
  reachedBy: place.reachedBy.filter((id) => !asleep.includes(id)),
  outOfReachOf: [...new Set([...(place.because === "high" ? [] : place.outOfReachOf), ...asleep])],
});

/** Can the child fetch a tray from the place by itself? Only a shelf has to be reached: elsewhere the adult sets it out. */
export function fetchesFrom(place: Place, people: People, child: Child, on: PlainDate): boolean {
  if (place.kind !== "bay" || place.reachedBy.includes(child.id)) return true;
  if (place.outOfReachOf.includes(child.id) && place.because !== "high") return false;
  return place.heightCm === undefined
    ? !place.outOfReachOf.includes(child.id) || reachOf(place, people, child, on).reaches
    : place.heightCm <= easyReachCm(people, child, on);
}

/** A day from which on a child may get at places it did not reach before. */
export interface ReachChange {
  child: Child;
  on: PlainDate;
  /** What it may be able to do by then; undefined where it has only grown. */
  by?: Ability;
  places: readonly Place[];
}

/** The next change of reach of each child within so many days after `on`, the earliest first. */
export function nextReachChanges(
  places: readonly Place[],
  people: People,
  on: PlainDate,
  days: number,
): ReachChange[] {
  return people.children
    .flatMap((child): ReachChange[] => {
      const kept = places.filter((place) => {
        const now = reachOf(place, people, child, on);
        return !now.reaches && now.because === "high";
      });
      if (kept.length === 0) return [];
      for (let day = 1; day <= days; day++) {
        const then = addDays(on, day);
        const reached = kept.filter((place) => reachOf(place, people, child, then).reaches);
        if (reached.length === 0) continue;
        const [before, after] = [mayReachCm(people, child, on).by, mayReachCm(people, child, then).by];
        return [{ child, on: then, places: reached, ...(after !== before ? { by: after } : {}) }];
      }
      return [];
    })
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
