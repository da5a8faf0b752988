import { measuredPiece, type Stock, type Supply, waysFor, withUsual } from "../materials";
import type { Activity, Child, Need, Place, PlainDate, Rung } from "../model";
import type { TrayThing } from "./assess";
import { type Judgement, judge } from "./judge";
import type { People } from "./people";
import { fetchesFrom } from "./reach";

/** For whom and when something is offered, and out of what it can be made. */
export interface OfferContext {
  users: readonly Child[];
  people: People;
  supply: Supply;
  /** The days it stands: from the first to the day before the last. */
  from: PlainDate;
  to: PlainDate;
}

/** A thing that would be set out, with the need that it serves. */
export interface OfferedThing extends TrayThing {
  need: Need;
}

/** What would be set out, as this home has it, and how it is judged: what stays away is not among the things. */
export interface Offer {
  things: OfferedThing[];
  judgement: Judgement;
}

const thingOf = (stock: Stock, need: Need): OfferedThing => ({
  need,
  material: stock.material,
  loose: need.loose,
  measured: measuredPiece(stock),
});

/** Is it a place of the right kind, and for these children? */
export const suitsPlace = (
  activity: Activity,
  rung: Rung,
  place: Place,
  users: readonly Pick<Child, "id">[],
): boolean =>
  (rung.places ?? activity.places).includes(place.kind) &&
  (place.servesOnly.length === 0 || users.every((user) => place.servesOnly.includes(user.id)));

/** A place as it is where the adult is there and brings what is used: whose place it is does not matter. */
export const broughtTo = (place: Place): Place => ({ ...place, servesOnly: [] });

/** A child fetches its tray by itself, unless it is an adult-held one: that is brought. */
export const isBroughtOrFetched = (
  state: Judgement["state"],
  place: Place,
  { users, people, from }: Pick<OfferContext, "users" | "people" | "from">,
): boolean => state === "adult-held" || users.every((user) => fetchesFrom(place, people, user, from));

/**
 * What this home would set out for a rung at a place, judged for every day it may stand: of the things that serve, those
 * that are not blocked before others, and without what may stay away where that is blocked or alone makes it adult-held. Undefined where it can't be set out there at all: things missing or not fitting,
 * another kind of place, another child's, or out of the child's own reach.
 */
export function offerAt(
  activity: Activity,
  rung: Rung,
  place: Place,
  context: OfferContext,
): Offer | undefined {
  const { users, people, supply, from, to } = context;
  if (!suitsPlace(activity, rung, place, users)) return undefined;
  const stock = new Map(supply.stock.map((one) => [one.key, one]));
  const found = waysFor(supply, stock, rung);
  if (!("ways" in found)) return undefined;
  const judged = (things: readonly TrayThing[]) =>
    judge({ activity, rung, things, place, users, people }, from, to);
  const all = found.ways.flatMap(({ need, options }): OfferedThing[] => {
    const could = options.flatMap((option) => {
      const one = stock.get(option.stock);
      return one ? [thingOf(one, need)] : [];
    });
    const safe = could.find((one) => judged([one]).state !== "blocked");
    return [safe ?? could[0]].flatMap((thing) => thing ?? []);
  });
  const needed = judged(all.filter(({ need }) => !need.spare));
  const isFreed = needed.state === "free" && isBroughtOrFetched("free", place, context);
  const things = all.filter((thing) => {
    if (!thing.need.spare) return true;
    const { state } = judged([thing]);
    return state !== "blocked" && !(isFreed && state === "adult-held");
  });
  const judgement = judged(things);
  return isBroughtOrFetched(judgement.state, place, context) || judgement.state === "blocked"
    ? { things, judgement }
    : undefined;
}

/** What could stand at one of several places. */
export interface PlaceOffer extends Offer {
  place: Place;
}

/**
 * What this home would set out for a rung at each of the places where it could stand, blocked or not. What is missing is
 * taken as the usual thing, so that one sees beforehand what it would do.
 */
export function offersAt(
  activity: Activity,
  rung: Rung,
  places: readonly Place[],
  context: OfferContext,
): PlaceOffer[] {
  const whole = { ...context, supply: withUsual(context.supply, rung) };
  return places.flatMap((place): PlaceOffer[] => {
    const offer = offerAt(activity, rung, place, whole);
    return offer ? [{ place, ...offer }] : [];
  });
}

/** Where a rung stands in a home: safe at some place, blocked wherever it could be set out, or without a place at all. */
export type HomeState = "safe" | "blocked" | "no-place";

/** Can it stand safely somewhere in this home, for the whole of a rotation? The places are tried until one is found. */
export function stateInHome(
  activity: Activity,
  rung: Rung,
  places: readonly Place[],
  context: OfferContext,
): HomeState {
  let so: HomeState = "no-place";
  for (const place of places) {
    const [offer] = offersAt(activity, rung, [place], context);
    if (offer && offer.judgement.state !== "blocked") return "safe";
    if (offer) so = "blocked";
  }
  return so;
}

export const isSafeSomewhere = (
  activity: Activity,
  rung: Rung,
  places: readonly Place[],
  context: OfferContext,
): boolean => stateInHome(activity, rung, places, context) === "safe";
