import { type Activity, DRYING_KINDS, type Moment, type Observation, type Place, type Tray } from "../model";

/** A tray of which the child's work has to dry. */
export interface Wet {
  tray: Pick<Tray, "id" | "place">;
  activity: Pick<Activity, "dryHours">;
}

export type DryingSpot = { place: string } | "flat";

/**
 * Where each tray's work dries, by the tray's id: each at a place of its own where no tray stands, the best kind
 * first, by name; the last ones ("flat") lie flat somewhere out of reach, for which every home has a spot.
 */
export function dryingPlaces(
  trays: readonly Wet[],
  places: readonly Pick<Place, "id" | "kind" | "name">[],
  moments: readonly Pick<Moment, "place">[],
): ReadonlyMap<string, DryingSpot> {
  // Where something comes by moments there is no hanging for hours.
  const taken = new Set([...trays.map(({ tray }) => tray.place), ...moments.map((one) => one.place)]);
  const free = DRYING_KINDS.flatMap((kind) =>
    places.filter((place) => place.kind === kind && !taken.has(place.id)),
  );
  const drying = trays.filter(({ activity }) => activity.dryHours !== undefined);
  return new Map(drying.map(({ tray }, i) => [tray.id, free[i] ? { place: free[i].name } : "flat"]));
}

const MS_PER_HOUR = 3_600_000;

/**
 * Until when (in ms since 1970) the work of a tray has to dry: so many hours from its latest note on. Undefined once it
 * is dry, and where nothing has to.
 */
export function dryUntil(
  { tray, activity }: Wet,
  notes: readonly Pick<Observation, "tray" | "createdAt">[],
  at: number,
): number | undefined {
  if (activity.dryHours === undefined) return undefined;
  const written = notes.filter((note) => note.tray === tray.id).map((note) => Date.parse(note.createdAt));
  const until = Math.max(...written, 0) + activity.dryHours * MS_PER_HOUR;
  return until > at ? until : undefined;
}
