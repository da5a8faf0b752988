import type { Drawing } from "../../core/draw";
import {
  type ActivityId,
  type AreaId,
  activityOf,
  type Catalogue,
  type Child,
  type ChildId,
  type Filling,
  type Place,
  type PlaceId,
  type RungId,
} from "../../core/model";
import { fillingText } from "../../words/fillings";

/** `Id` is what its tray is known by: the id of a tray that stands, or the key of one in a plan. */
export interface DrawnTray<Id extends string = string> {
  id: Id;
  place: string;
  name: string;
  title: string;
  area: AreaId;
  glyph: string;
  /** Its things from the front; absent where it has none. */
  front?: Drawing | undefined;
  /** The number of rungs of the ladder, and the index of the one that is set out (from 0). */
  rungs: number;
  rung: number;
  /** One short word at the right: days out, or what matters. */
  word: string;
  /** The names of the children who use the tray, where there are several children. */
  childName?: string;
  selected: boolean;
  pinned?: boolean;
}

export interface DrawnPlace {
  id: string;
  name: string;
  board?: number;
  /** The words that stand in the place while it is empty. */
  emptyText: string;
}

interface Known<Id extends string> {
  id: Id;
  activity: ActivityId;
  rung: RungId;
  child: ChildId;
  also?: readonly string[];
  place: PlaceId;
  filling?: Filling | undefined;
}

const namesOf = (children: readonly Child[], tray: Known<string>): string =>
  children
    .filter((child) => child.id === tray.child || tray.also?.includes(child.id))
    .map((child) => child.name)
    .join(" + ");

/** A tray as it is drawn; undefined where its activity is no longer known. */
export function drawnTray<Id extends string>(
  catalogue: Catalogue,
  children: readonly Child[],
  tray: Known<Id>,
  more: { word: string; selected: boolean; pinned?: boolean; front?: Drawing | undefined },
): DrawnTray<Id> | undefined {
  const activity = activityOf(catalogue, tray.activity);
  if (!activity) return undefined;
  const rung = activity.rungs.findIndex((one) => one.id === tray.rung);
  const several = children.filter((child) => child.planFor || child.id === tray.child).length > 1;
  return {
    id: tray.id,
    place: tray.place,
    name: activity.name,
    title: activity.rungs[rung]?.title ?? "",
    area: activity.area,
    glyph: activity.glyph,
    rungs: activity.rungs.length,
    rung,
    ...(several ? { childName: namesOf(children, tray) } : {}),
    ...more,
    word: tray.filling ? `${fillingText(tray.filling)} · ${more.word}` : more.word,
  };
}

export const drawnPlaces = (
  places: readonly Place[],
  emptyTexts: ReadonlyMap<string, string>,
): DrawnPlace[] =>
  [...places]
    .sort((a, b) => (a.board ?? 99) - (b.board ?? 99) || a.order - b.order)
    .map((place) => ({
      id: place.id,
      name: place.name,
      // For quiet hours only: it is no bay of its own, so it is drawn beside the shelf.
      board: place.because === "asleep" && place.outOfReachOf.length > 0 ? undefined : place.board,
      emptyText: emptyTexts.get(place.id) ?? "Nothing here",
    }));
