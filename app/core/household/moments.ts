import type { Tracks } from "../materials";
import {
  addDays,
  type Child,
  type Moment,
  type MomentId,
  minuteOf,
  type Place,
  type PlainDate,
  weekdayOf,
} from "../model";
import { whileAsleep } from "../safety";

/** The days from `from` to the day before `to` on which a moment comes. */
export function daysOf(moment: Pick<Moment, "weekdays">, from: PlainDate, to: PlainDate): PlainDate[] {
  const days: PlainDate[] = [];
  for (let day = from; day < to; day = addDays(day, 1)) {
    if (moment.weekdays.includes(weekdayOf(day))) days.push(day);
  }
  return days;
}

/** In the order of the day; moments that begin together by their ids, so that the order is always the same. */
export const inOrderOfTheDay = (a: Pick<Moment, "at" | "id">, b: Pick<Moment, "at" | "id">): number =>
  minuteOf(a.at) - minuteOf(b.at) || (a.id < b.id ? -1 : 1);

/** Do two moments share a day and an hour? One that ends as the other begins does not. */
export const overlap = (a: Moment, b: Moment): boolean =>
  minuteOf(a.at) < minuteOf(b.at) + b.minutes &&
  minuteOf(b.at) < minuteOf(a.at) + a.minutes &&
  a.weekdays.some((day) => b.weekdays.includes(day));

/** The children whom something can be set out for at a moment: who is there and awake, and whom the place is for. */
export const childrenAt = (
  moment: Moment,
  place: Pick<Place, "servesOnly">,
  planned: readonly Child[],
): Child[] =>
  planned.filter(
    ({ id }) =>
      (moment.children.length === 0 || moment.children.includes(id)) &&
      (place.servesOnly.length === 0 || place.servesOnly.includes(id)) &&
      !moment.asleep.includes(id),
  );

/** The place as it is in the hours of a moment: whoever is asleep then does not get at it. */
export const placeDuring = (place: Place, { asleep }: Moment): Place =>
  asleep.length > 0 ? whileAsleep(place, asleep) : place;

/** A moment with what the plan has to know of it. */
export interface Opening {
  moment: Moment;
  place: Place;
  /** Who can be there. */
  children: readonly Child[];
  /** The days of the rotation on which it comes. */
  days: readonly PlainDate[];
}

/** Can only one of two moments be used on a day? They share an hour, and a child, the place, or what the place is made from. */
export const excludeEachOther = (a: Opening, b: Opening): boolean =>
  overlap(a.moment, b.moment) &&
  (a.place.id === b.place.id ||
    a.place.exclusiveWith.includes(b.place.id) ||
    b.place.exclusiveWith.includes(a.place.id) ||
    a.children.some((child) => b.children.some((other) => other.id === child.id)));

/** How the moments of a rotation stand to each other: for each what comes before it in the order of the day. */
export interface Neighbours {
  opening: Opening;
  /** Earlier ones of which only it or they can be used on one day. */
  rivals: readonly Opening[];
  /** Earlier ones in the same hour that can be used beside it: what is in use at one is not there for the other. */
  beside: readonly Opening[];
}

/** All of them in the order of the day, each with its earlier neighbours. */
export function neighboursOf(openings: readonly Opening[]): Neighbours[] {
  const ordered = [...openings].sort((a, b) => inOrderOfTheDay(a.moment, b.moment));
  return ordered.map((opening, i) => {
    const near = ordered.slice(0, i).filter((other) => overlap(other.moment, opening.moment));
    return {
      opening,
      rivals: near.filter((other) => excludeEachOther(other, opening)),
      beside: near.filter((other) => !excludeEachOther(other, opening)),
    };
  });
}

/** The track of each moment by its id, the fewest tracks: no two moments of one track share an hour. */
export function lanesOfMoments(moments: readonly Moment[]): Tracks {
  const tracks: Moment[][] = [];
  for (const moment of [...moments].sort(inOrderOfTheDay)) {
    const free = tracks.find((track) => !track.some((other) => overlap(other, moment)));
    if (free) free.push(moment);
    else tracks.push([moment]);
  }
  return new Map(tracks.flatMap((track, i) => track.map((one) => [one.id, i] as const)));
}

/** An invitation that is to be given days: how often, and whether the adult has to sit beside. */
export interface Visit {
  /** The moment it is for. */
  moment: MomentId;
  times: number;
  close: boolean;
}

/** So many things, one after the other, spread as evenly over the days as they can be: the i-th's day. */
const spreadOver = (count: number, days: readonly PlainDate[]): PlainDate[] =>
  Array.from({ length: count }, (_, i) => {
    const day = days[Math.floor(((i + 0.5) * days.length) / count)];
    if (day === undefined) throw new Error("More was planned for a moment than it has days.");
    return day;
  });

/** Visits of a moment in turn: what comes more than once comes apart. Gives each turn's index among the visits. */
function inTurns(visits: readonly Visit[]): number[] {
  const turns = visits.flatMap(({ times }, index) =>
    Array.from({ length: times }, (_, i) => ({ index, at: (i + 0.5) / times })),
  );
  return turns.sort((a, b) => a.at - b.at || a.index - b.index).map((turn) => turn.index);
}

/**
 * Gives every visit its days, as many as it is to come. Moments are taken in the order of the day. That there are days
 * for all is promised by the plan's rules (docs/planner.md): what is planned for a moment and its earlier rivals together
 * is no more than the moment has days, and likewise for what needs the adult beside, so that the days that were given
 * before leave enough.
 */
export function daysFor(openings: readonly Opening[], visits: readonly Visit[]): PlainDate[][] {
  const given = visits.map((): PlainDate[] => []);
  const usedAt = (moment: MomentId, only: (visit: Visit) => boolean = () => true) =>
    visits.flatMap((visit, i) => (visit.moment === moment && only(visit) ? (given[i] ?? []) : []));
  for (const { opening, rivals, beside } of neighboursOf(openings)) {
    const own = visits.flatMap((visit, i) => (visit.moment === opening.moment.id ? [i] : []));
    const taken = new Set(rivals.flatMap((rival) => usedAt(rival.moment.id)));
    const away = new Set(beside.flatMap((other) => usedAt(other.moment.id, (visit) => visit.close)));
    const give = (indices: readonly number[], days: readonly PlainDate[]) => {
      const turns = inTurns(indices.map((i) => visits[i] as Visit));
      const spread = spreadOver(turns.length, days);
      turns.forEach((turn, n) => {
        const day = spread[n];
        if (day) given[indices[turn] as number]?.push(day);
      });
    };
    const free = opening.days.filter((day) => !taken.has(day));
    // Where the adult is needed elsewhere on some days, what needs the adult is given its days first.
    if (free.every((day) => !away.has(day))) {
      give(own, free);
      continue;
    }
    const close = own.filter((i) => visits[i]?.close);
    give(
      close,
      free.filter((day) => !away.has(day)),
    );
    const left = new Set(close.flatMap((i) => given[i] ?? []));
    give(
      own.filter((i) => !visits[i]?.close),
      free.filter((day) => !left.has(day)),
    );
  }
  return given.map((days) => days.sort());
}
