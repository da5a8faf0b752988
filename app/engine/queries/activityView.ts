import { layoutOf, sameNeeds, smallFront, usualThings } from "../../core/draw";
import { offerContext, type Situation, wouldSetOut } from "../../core/household";
import { changesBetween, placeOnLadder, stepsFrom } from "../../core/ladder";
import { needStates } from "../../core/materials";
import type { Activity, Child, Place, Rung, RungId } from "../../core/model";
import { sheetsFor } from "../../core/print";
import { type Judgement, offersAt, type PlaceOffer, STATE_ORDER, safeWays } from "../../core/safety";
import { handDemandOf, meetingsHere } from "../../core/setup";
import type { Home } from "../store/home";

/** A place of the home, and how the rung would be judged there as this home would set it out. */
export interface PlaceSafety {
  place: Place;
  safety: Judgement;
}

/** At each place of the home where it could stand, how it is judged for the whole rotation; the safest first. */
const placesFor = (s: Situation, child: Child, activity: Activity, rung: Rung): PlaceOffer[] =>
  offersAt(activity, rung, s.places, offerContext(s, [child])).sort(
    (a, b) => STATE_ORDER.indexOf(a.judgement.state) - STATE_ORDER.indexOf(b.judgement.state),
  );

/** One activity opened for a child: its ladder, one rung of it, and what was noted before. */
export function activityView(
  home: Home,
  s: Situation,
  child: Child,
  activity: Activity,
  rungId: RungId | undefined,
) {
  const ready = s.readiness.get(child.id);
  if (!ready) return undefined;
  const ladder = placeOnLadder(activity, ready);
  const index = Math.max(0, rungId ? activity.rungs.findIndex((one) => one.id === rungId) : ladder.at);
  const rung = activity.rungs[index];
  const placed = ladder.rungs[index];
  if (!rung || !placed) return undefined;
  const before = activity.rungs[index - 1];
  const places = placesFor(s, child, activity, rung);
  const [best] = places;
  const mine = { child: child.id, activity: activity.id };
  const isMine = (row: typeof mine) => row.child === mine.child && row.activity === mine.activity;
  const wishes = s.wishes.filter(isMine);
  const needs = needStates(rung, s.materials, s.stock);
  // What may stay away and is not safe at the best place is not set out there.
  const leftOut = new Set(
    rung.materials
      .filter((need) => need.spare && best && !best.things.some((thing) => thing.need.id === need.id))
      .map((need): string => need.id),
  );
  const things = wouldSetOut(s, rung, needs).filter((one) => !leftOut.has(one.need));
  const drawnAt = best?.place.kind ?? (rung.places ?? activity.places)[0] ?? "bay";
  return {
    activity,
    ladder,
    index,
    /** Where the other children stand on the same ladder: one ladder with all of them. */
    others: s.planned.flatMap((one) => {
      const known = one.id === child.id ? undefined : s.readiness.get(one.id);
      return known ? [{ name: one.name, at: placeOnLadder(activity, known).at }] : [];
    }),
    rung,
    chance: placed.chance,
    barred: ready.barred(rung),
    needs,
    leftOut,
    meetings: meetingsHere(rung, things),
    /** The things of the rung laid out as this home would set them out. */
    layout: layoutOf(rung, things, drawnAt),
    things,
    /** What of it can be printed, at the size of its pieces and of what the child loves. */
    sheets: sheetsFor(
      { activity, rung, things: usualThings(rung, s.materials), child },
      s.catalogue.printing,
    ),
    /** The things of the rung from the front, as they stand here. */
    front: smallFront(rung, wouldSetOut(s, rung), drawnAt),
    /** The same for each rung of the ladder; the things that the rung below has as well are pale. */
    fronts: activity.rungs.map((one, i) => {
      const own = wouldSetOut(s, one);
      const below = activity.rungs[i - 1];
      return smallFront(one, own, drawnAt, below && sameNeeds(own, wouldSetOut(s, below)));
    }),
    demand: handDemandOf(rung, (need) => things.find((one) => one.need === need.id)?.material),
    changes: before ? changesBetween(before, rung) : [],
    easier: stepsFrom(activity, rung, -1),
    harder: stepsFrom(activity, rung, 1),
    places: places.map(({ place, judgement }): PlaceSafety => ({ place, safety: judgement })),
    /** Where it is safe at no place: what would make it safe at the first. */
    ways:
      best?.judgement.state === "blocked"
        ? safeWays({
            ...offerContext(s, [child]),
            activity,
            rung,
            place: best.place,
            places: s.places,
            things: best.things,
          })
        : [],
    read: new Set(home.tables.cautionsRead.map((one) => one.rule)),
    twin: activity.rungs.find((one) => one.id === rung.largePieceTwin),
    grows: rung.grows.flatMap((id) => s.catalogue.skills.find((skill) => skill.id === id) ?? []),
    needed: rung.needs.flatMap((need) => {
      const skill = s.catalogue.skills.find((one) => one.id === need.skill);
      return skill
        ? [{ skill, word: ready.skill(skill.id)?.word ?? "coming", forSafety: need.forSafety }]
        : [];
    }),
    notes: home.tables.observations
      .filter((seen) => isMine(seen) && seen.on <= home.on)
      .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.createdAt < b.createdAt ? 1 : -1)),
    history: s.history(child.id, activity),
    nextTimes: home.tables.nextTimes.filter((one) => one.activity === activity.id),
    onPlan: wishes.find((wish) => wish.kind === "lock"),
    soon: wishes.find((wish) => wish.kind === "soon"),
    refused: wishes.find(
      (wish) => wish.kind === "never" || (wish.kind === "not-until" && (wish.until ?? home.on) >= home.on),
    ),
  };
}
export type ActivityView = NonNullable<ReturnType<typeof activityView>>;
