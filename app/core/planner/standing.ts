import { activityOf, type Tables, type Tray } from "../model";
import { type Assessment, assess, type TrayThing } from "../safety";
import type { Situation } from "./situation";

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

const rungOf = (s: Situation, tray: Tray) =>
  activityOf(s.catalogue, tray.activity)?.rungs.find((one) => one.id === tray.rung);

/** The children a tray is for. */
export const usersOf = (tables: Tables, tray: Tray) =>
  tables.children.filter((one) => one.id === tray.child || tray.also.includes(one.id));

/** A tray judged for the day at a place: who can reach, who mouths and what is measured may have changed. */
export function standingSafety(
  s: Situation,
  tables: Tables,
  tray: Tray,
  placeId: string = tray.place,
): Assessment | undefined {
  const activity = activityOf(s.catalogue, tray.activity);
  const rung = rungOf(s, tray);
  const users = usersOf(tables, tray);
  const place = s.places.find((one) => one.id === placeId);
  if (!activity || !rung || users.length === 0 || !place) return undefined;
  return assess(activity, rung, thingsOn(s, tables, tray), place, users, tables.children, s.on);
}

/** Why a tray that stands can't be put at another place; undefined where it can. */
export function whyNotThere(s: Situation, tables: Tables, tray: Tray, placeId: string): string | undefined {
  const place = s.places.find((one) => one.id === placeId);
  const activity = activityOf(s.catalogue, tray.activity);
  const rung = rungOf(s, tray);
  if (!place || !activity || !rung) return "That place is no longer there.";
  if (!(rung.places ?? activity.places).includes(place.kind)) {
    return `${activity.name} needs a place of another kind than ${place.name}.`;
  }
  const strange = usersOf(tables, tray).find(
    (one) => place.servesOnly.length > 0 && !place.servesOnly.includes(one.id),
  );
  if (strange) return `${place.name} is another child’s.`;
  const safety = standingSafety(s, tables, tray, placeId);
  if (safety?.state === "blocked") {
    const finding = safety.findings.find((one) => one.effect === "block");
    return `Not safe at ${place.name}: ${finding?.reason ?? "somebody who must not can reach it."}`;
  }
  return undefined;
}
