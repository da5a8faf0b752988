import { z } from "zod";
import { present } from "../../core/collections";
import { isLaidDown } from "../../core/household/planned";
import {
  type Child,
  type Moment,
  ok,
  type Place,
  type PlaceId,
  PlaceKind,
  type PlainDate,
  type Result,
  type Routine,
  type SiteId,
} from "../../core/model";
import { USUAL_TIMES } from "../../words/moments";
import type { Home } from "../store/home";
import { inTransaction, newRow, softDelete } from "../store/rows";

/** The places beside the shelf that are offered by name; a changing place and a lap are used in the routines of the day. */
export const UsualPlace = z.enum([
  ...PlaceKind.exclude(["bay", "tower", "line"]).options,
  "changing-place",
  "lap",
]);
export type UsualPlace = z.infer<typeof UsualPlace>;

export const USUAL_PLACE_NAMES: Record<UsualPlace, string> = {
  table: "Low table",
  mat: "Mat",
  floor: "Floor",
  outdoors: "Outdoors",
  "wet-spot": "Wet spot",
  window: "Window",
  "high-chair": "High-chair tray",
  routine: "In the day",
  "changing-place": "Changing place",
  lap: "Lap and arms",
};

/** The hours at which places are mostly used. Places that are used in the day only are nothing but their hours. */
const USUAL_HOURS: Partial<Record<UsualPlace, readonly Routine[]>> = {
  table: ["after-breakfast", "after-nap"],
  mat: ["morning"],
  "wet-spot": ["bath"],
  outdoors: ["walk"],
  routine: ["dressing", "walk", "at-meal", "before-nap", "bath", "evening"],
  "changing-place": ["dressing"],
  lap: ["after-breakfast", "after-nap", "evening"],
};

const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

const kindOf = (place: UsualPlace): PlaceKind =>
  place === "changing-place" || place === "lap" ? "routine" : place;

/** The places where a child who does not sit yet is played with. */
const LAID_DOWN_PLACES: readonly UsualPlace[] = ["mat", "changing-place", "lap", "wet-spot"];

/** The places that a home with these children has as a rule. */
export const usualPlacesFor = (
  children: readonly Pick<Child, "birth" | "due">[],
  today: PlainDate,
): UsualPlace[] => ["floor", ...(children.some((child) => isLaidDown(child, today)) ? LAID_DOWN_PLACES : [])];

/**
 * New places with their moments. A place that is used in the day only always has its moments; another one where the home has
 * hours. The day itself has no moments that one of the other places has.
 */
export function newUsualPlaces(
  places: readonly UsualPlace[],
  site: SiteId,
  hasHours: boolean,
): { places: Place[]; moments: Moment[] } {
  const hoursOf = (place: UsualPlace) =>
    hasHours || kindOf(place) === "routine" ? (USUAL_HOURS[place] ?? []) : [];
  const taken = places.filter((place) => place !== "routine").flatMap(hoursOf);
  const made = places.map((place, i) => ({
    routines: hoursOf(place).filter((routine) => place !== "routine" || !taken.includes(routine)),
    row: newRow("places", { site, name: USUAL_PLACE_NAMES[place], kind: kindOf(place), order: i + 1 }),
  }));
  return {
    places: made.map(({ row }) => row),
    moments: made.flatMap(({ row, routines }) =>
      routines.map((routine) =>
        newRow("moments", { place: row.id, routine, ...USUAL_TIMES[routine], weekdays: EVERY_DAY }),
      ),
    ),
  };
}

/** The usual place of a kind; of places that are used in the day only, by the routine. */
export function usualPlaceOf(kind: PlaceKind, routine?: Routine): UsualPlace | undefined {
  if (kind === "routine" && routine !== undefined) return routine === "dressing" ? "changing-place" : "lap";
  const usual = UsualPlace.safeParse(kind);
  return usual.success ? usual.data : undefined;
}

/** A place that was added. */
export interface AddedPlace {
  id: PlaceId;
  place: UsualPlace;
}

/** Adds one of the usual places to the home that is looked at, with the moments at which it is mostly used; gives its id. */
export async function addUsualPlace({ db, tables, site }: Home, place: UsualPlace): Promise<Result<PlaceId>> {
  const living = new Set(tables.places.filter((row) => row.deletedAt === undefined).map((row) => row.id));
  const hasHours = tables.moments.some(
    (moment) => moment.deletedAt === undefined && living.has(moment.place),
  );
  const made = newUsualPlaces([place], site.id, hasHours);
  const rows = made.places.map((row) => ({ ...row, order: tables.places.length + 1 }));
  await inTransaction(db, ["places", "moments"], async () => {
    await db.rows("places").bulkAdd(rows);
    await db.rows("moments").bulkAdd(made.moments);
  });
  return ok(present(rows[0], "the place that was added").id);
}

/** Takes a place away again together with its moments; the answer is false where the place is no longer there. */
export async function removeUsualPlace({ db, tables }: Home, place: PlaceId): Promise<boolean> {
  const moments = tables.moments.filter((moment) => moment.place === place);
  return inTransaction(db, ["places", "moments"], async () => {
    for (const { id } of moments) await softDelete(db, "moments", id);
    return (await softDelete(db, "places", place)) !== undefined;
  });
}
