import { addTo, countOf } from "../collections";
import {
  childrenAt,
  inOrderOfTheDay,
  placeDuring,
  refusalOf,
  type Situation,
  stockBesideTrays,
} from "../household";
import {
  type Activity,
  addDays,
  type Child,
  type DayKind,
  type Moment,
  type Place,
  type PlainDate,
  type Rung,
  type Tables,
  weekdayOf,
} from "../model";
import {
  broughtTo,
  type Judgement,
  type Offer,
  type OfferContext,
  type OfferedThing,
  offerAt,
} from "../safety";

/** So many times others can be asked for than those that were suggested. */
export const MOST_TURNS = 20;

/** Something for a made day. */
export interface SuggestedUse {
  activity: Activity;
  rung: Rung;
  /** Whom it suits. */
  children: readonly Child[];
  /** Where it can be; the adult brings it. */
  place: Place;
  /** What is fetched for it: what was judged, and nothing else. */
  things: readonly OfferedThing[];
  /** What to mind there, with all who are about. */
  judgement: Judgement;
  /** The moment of the day that it goes into; whenever it suits without one. */
  moment?: Moment;
}

/** What suits a day of a kind, by what it is and takes; all limits in minutes. Our judgement. */
interface Asked {
  count: number;
  /** Chances of doing it alone: what is looked for, and from where on it counts. */
  aim: number;
  from: number;
  suits(activity: Activity, rung: Rung): boolean;
  /** Worth more, on the scale on which the best fit is 1. */
  bonus(activity: Activity): number;
  isPlace(place: Place): boolean;
}

const prepOf = (activity: Activity, rung: Rung) => rung.prepMinutes ?? activity.prepMinutes;
const NOTHING = () => 0;
const ANYWHERE = () => true;
const TEN_MINUTES = 10;
const QUIET_AREAS: ReadonlySet<string> = new Set(["words", "senses", "together"]);

const ASKED: Record<DayKind, Asked> = {
  ill: {
    ...{ count: 4, aim: 0.85, from: 0.55, isPlace: ({ kind }) => kind !== "outdoors" },
    suits: (activity, rung) =>
      !activity.wet &&
      !activity.messy &&
      !activity.loud &&
      activity.area !== "body" &&
      prepOf(activity, rung) <= 3 &&
      activity.playMinutes <= 12,
    bonus: ({ area }) => (QUIET_AREAS.has(area) ? 0.4 : 0),
  },
  indoors: {
    ...{ count: 4, aim: 0.7, from: 0.35, isPlace: ({ kind }) => kind !== "outdoors" },
    suits: (activity, rung) => prepOf(activity, rung) <= TEN_MINUTES,
    bonus: ({ area }) => (area === "body" ? 0.6 : 0),
  },
  short: {
    ...{ count: 3, aim: 0.75, from: 0.4, isPlace: ANYWHERE, bonus: NOTHING },
    suits: (activity, rung) =>
      prepOf(activity, rung) + activity.playMinutes + activity.clearMinutes <= TEN_MINUTES,
  },
  elsewhere: {
    ...{ count: 4, aim: 0.7, from: 0.35, isPlace: ANYWHERE, bonus: NOTHING },
    suits: (activity, rung) => prepOf(activity, rung) <= TEN_MINUTES,
  },
};

/** Above this there is nothing left to find out in it. */
const OUTGROWN_FROM = 0.97;
/** So far from the chance that is looked for the fit is nothing. */
const FIT_WIDTH = 0.45;
const SECOND_CHILD = 0.3;
const INTEREST = 0.4;
/** Each further one of an area counts so much less. */
const SAME_AREA = 0.45;

interface Ranked {
  activity: Activity;
  rung: Rung;
  children: readonly Child[];
  worth: number;
}

/** What the children could do with a rung on such a day; undefined where it is for none of them, or was refused for one. */
function ranked(s: Situation, asked: Asked, activity: Activity, rung: Rung): Ranked[] {
  if (!asked.suits(activity, rung)) return [];
  const wishes = s.wishes.filter((wish) => wish.activity === activity.id);
  const refused = refusalOf(wishes, rung, s.on) !== undefined;
  if (refused || s.planned.some((child) => s.readiness.get(child.id)?.barred(rung))) return [];
  const fits = s.planned.flatMap((child) => {
    const chance = s.readiness.get(child.id)?.rung(activity, rung).chance ?? 0;
    const { tray, putAway, interest = 0 } = s.history(child.id, activity);
    // What stands is there anyway, and what was put away has its reason.
    if (tray || putAway || chance < asked.from || chance > OUTGROWN_FROM) return [];
    const off = (chance - asked.aim) / FIT_WIDTH;
    return [{ child, worth: 1 - off * off + INTEREST * interest }];
  });
  if (fits.length === 0) return [];
  const best = Math.max(...fits.map((one) => one.worth));
  const worth = best + SECOND_CHILD * (fits.length - 1) + asked.bonus(activity);
  return [{ activity, rung, children: fits.map((one) => one.child), worth }];
}

/** What is set out at a place, and how it is judged; undefined where it can't be there, or is not safe. */
function safeOffer({ activity, rung }: Ranked, place: Place, context: OfferContext): Offer | undefined {
  const offer = offerAt(activity, rung, broughtTo(place), context);
  return offer && offer.judgement.state !== "blocked" ? offer : undefined;
}

type Placed = Ranked & Omit<SuggestedUse, "moment">;

/** The first of the places where it is safe. */
function placed(one: Ranked, places: readonly Place[], context: OfferContext): Placed[] {
  for (const place of places) {
    const offer = safeOffer(one, place, context);
    if (offer) return [{ ...one, place, ...offer }];
  }
  return [];
}

/**
 * A day from what there is, for all children of the home: things of different areas and movements that are there, safe for all
 * who are about and not on a tray already, as many as such a day bears; those that go into a moment of the day with it. `turn`
 * gives others than before. Same input, same day.
 */
export function suggestDay(
  s: Situation,
  tables: Tables,
  on: PlainDate,
  kind: DayKind,
  turn = 0,
): SuggestedUse[] {
  const asked = ASKED[kind];
  const context: OfferContext = {
    users: s.planned,
    people: s.people,
    supply: { materials: s.materials, stock: stockBesideTrays(s, tables, on), cents: 0 },
    from: on,
    to: addDays(on, 1),
  };
  const places = s.places
    .filter((one) => one.kind !== "routine" && asked.isPlace(one))
    .sort((a, b) => Number(a.kind === "bay") - Number(b.kind === "bay"));
  const open = s.catalogue.activities
    .flatMap((activity) => activity.rungs.flatMap((rung) => ranked(s, asked, activity, rung)))
    .sort((a, b) => b.worth - a.worth);
  const chosen: Placed[] = [];
  const areas = new Map<string, number>();
  while (chosen.length < asked.count * (turn + 1) && open.length > 0) {
    const now = ({ activity, worth }: Ranked) => worth - SAME_AREA * countOf(areas, activity.area);
    const best = open.reduce((so, one) => (now(one) > now(so) ? one : so));
    open.splice(open.indexOf(best), 1);
    const isAgain = chosen.some(
      ({ activity }) => activity.id === best.activity.id || activity.form === best.activity.form,
    );
    const [found] = isAgain ? [] : placed(best, places, context);
    if (!found) continue;
    addTo(areas, best.activity.area, 1);
    chosen.push(found);
  }
  return assignMoments(s, tables, on, asked, chosen.slice(asked.count * turn), context);
}

/** Gives the moments of the day what goes into them, the best first; the rest comes whenever it suits. */
function assignMoments(
  s: Situation,
  tables: Tables,
  on: PlainDate,
  asked: Asked,
  chosen: readonly Placed[],
  context: OfferContext,
): SuggestedUse[] {
  const left = new Set(chosen);
  const moments = tables.moments
    .filter((moment) => moment.weekdays.includes(weekdayOf(on)))
    .sort(inOrderOfTheDay);
  const timed = moments.flatMap((moment): SuggestedUse[] => {
    const place = s.places.find((one) => one.id === moment.place);
    if (!place || !asked.isPlace(place)) return [];
    const there = childrenAt(moment, place, s.planned);
    const here = placeDuring(place, moment);
    for (const one of left) {
      if (one.activity.playMinutes > moment.minutes) continue;
      if (!one.children.some((child) => there.includes(child))) continue;
      const offer = safeOffer(one, here, context);
      if (!offer) continue;
      left.delete(one);
      const { activity, rung, children } = one;
      return [{ activity, rung, children, place, ...offer, moment }];
    }
    return [];
  });
  const others = [...left].map(({ worth: _, ...use }): SuggestedUse => use);
  return [...timed, ...others];
}
