import { type Activity, type Child, type Rung, suitsRoutine } from "../../model";
import type { PlaceClass } from "./problem";

/** A child whom a tray is for, and the places that a lock asks for. */
interface Turn {
  child: Child;
  lockedTo: readonly string[];
}

const servesAll = ({ places: [place], opening }: PlaceClass, users: readonly Turn[]) =>
  place !== undefined &&
  (!opening || users.every(({ child }) => opening.children.some((one) => one.id === child.id))) &&
  (place.servesOnly.length === 0 || users.every(({ child }) => place.servesOnly.includes(child.id)));

const asked = (placeClass: PlaceClass, { lockedTo }: Turn) =>
  lockedTo.length === 0 || placeClass.places.some((place) => lockedTo.includes(place.id));

const suitsOpening = ({ places: [place], opening }: PlaceClass, activity: Activity) =>
  !place || !opening || suitsRoutine(activity, place.kind, opening.moment.routine);

/** The place classes at which a rung can be set out for its users. */
export const fittingClasses = (
  classes: readonly PlaceClass[],
  activity: Activity,
  rung: Rung,
  users: readonly Turn[],
): PlaceClass[] => {
  const kinds = rung.places ?? activity.places;
  return classes.filter(
    (one) =>
      one.places[0] !== undefined &&
      kinds.includes(one.places[0].kind) &&
      suitsOpening(one, activity) &&
      servesAll(one, users) &&
      users.every((turn) => asked(one, turn)),
  );
};

/** What stands is there all day; a moment has to be as long as the activity usually takes. */
export const isLongEnough = ({ opening }: PlaceClass, activity: Activity): boolean =>
  !opening || activity.playMinutes <= opening.moment.minutes;
