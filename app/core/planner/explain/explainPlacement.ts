import { type PlacementFault, type Situation, supplyOf } from "../../household";
import { materialName, waysFor } from "../../materials";
import {
  type ActivityId,
  activityOf,
  type Child,
  type ChildId,
  type PlaceId,
  type RungId,
  suitsRoutine,
  WishId,
} from "../../model";
import { classesOf } from "../candidates/buildProblem";
import { candidatesFor, suitabilityOf } from "../candidates/candidates";
import { fittingClasses } from "../candidates/placeClasses";
import type { PlaceClass } from "../candidates/problem";
import type { Barrier } from "../candidates/reasons";
import { reachOfClass } from "../candidates/trayOptions";

const ASKED = WishId.parse("asked");

/** Why a rung can't be set out for a child at a place in this rotation; undefined where it can. */
export function explainPlacement(
  s: Situation,
  childId: ChildId,
  activityId: ActivityId,
  rungId: RungId,
  placeId: PlaceId,
): PlacementFault | Barrier | undefined {
  const child = s.planned.find((one) => one.id === childId);
  const activity = activityOf(s.catalogue, activityId);
  const rung = activity?.rungs.find((one) => one.id === rungId);
  const place = s.places.find((one) => one.id === placeId);
  if (!child || !activity || !rung || !place) return { code: "gone" };
  // A place with moments is as many as it has.
  const here = classesOf(s).flatMap((one): PlaceClass[] => {
    if (one.opening) return one.opening.place.id === placeId ? [one] : [];
    return one.places.includes(place) ? [{ id: place.id, places: [place] }] : [];
  });
  const kinds = rung.places ?? activity.places;
  if (!kinds.includes(place.kind)) {
    return { code: "other-kind", activity: activity.name, kinds, place: place.name };
  }
  // Locked, so that only what no wish can change stands in the way.
  const on = { child: childId, activity: activityId, kind: "lock" as const, on: s.on, id: ASKED };
  const asked: Situation = {
    ...s,
    first: s.on,
    wishes: [
      ...s.wishes.filter(
        (wish) => wish.child !== childId || wish.activity !== activityId || wish.kind === "never",
      ),
      { ...on, createdAt: "", updatedAt: "" },
    ],
  };
  const turn = suitabilityOf(asked, child, activity, rung);
  if ("barrier" in turn) return turn.barrier;
  const { routines } = activity;
  const isPartOf = ({ opening }: PlaceClass) =>
    !opening || suitsRoutine(activity, place.kind, opening.moment.routine);
  if (routines && here.length > 0 && !here.some(isPartOf)) {
    return { code: "other-routine", activity: activity.name, routines, place: place.name };
  }
  if (fittingClasses(here, activity, rung, [turn]).length === 0) {
    return { code: "another-childs", place: place.name };
  }
  const stock = new Map(s.stock.map((one) => [one.key, one]));
  const ways = waysFor(supplyOf(s), stock, rung);
  if ("unfit" in ways) return { code: "wrong-pair", ...ways.unfit };
  if ("missing" in ways) {
    return { code: "missing", materials: ways.missing.map((id) => materialName(s.materials, id)) };
  }
  const setting = {
    stock,
    classes: here,
    reach: (...of: [readonly Child[], PlaceClass]) => reachOfClass(s, ...of),
  };
  const made = candidatesFor(asked, setting, activity, rung, ways.ways, here, [turn]);
  return "barrier" in made ? made.barrier : undefined;
}
