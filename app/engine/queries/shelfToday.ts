import { loadGuideAt } from "../../catalogue";
import { standingRotation } from "../../core/household";
import {
  type Activity,
  type AreaId,
  activityOf,
  daysBetween,
  type Guide,
  type Tray,
  type TrayId,
} from "../../core/model";
import { type InsertState, insertOn, insertRows, piecesOf } from "../../core/rotation";
import type { Home } from "../store/home";
import { NoParameters } from "./parameters";
import { query } from "./query";
import { traysInOrder } from "./shelfView";

/** A tray in short: as it is named beside the shelf. */
interface TrayInShort {
  id: TrayId;
  name: string;
  area: AreaId;
}

/** One thing that is worth a look at a tray. */
export interface TrayWatch {
  tray: TrayInShort;
  text: string;
}

/** The piece of the day of a tray. */
export interface TrayInsert {
  tray: TrayInShort;
  insert: InsertState;
}

interface GuidedTray {
  tray: Tray;
  activity: Activity;
  guide: Guide | undefined;
}

const inShort = ({ tray, activity }: GuidedTray): TrayInShort => ({
  id: tray.id,
  name: activity.name,
  area: activity.area,
});

/** So many trays are watched a day. */
const WATCHED_A_DAY = 3;

/** Three trays a day with one thing each to watch for, so that all trays are watched in turn. */
function watchFor(day: number, guided: readonly GuidedTray[]): TrayWatch[] {
  const count = Math.min(WATCHED_A_DAY, guided.length);
  return Array.from({ length: count }, (_, i) => guided[(day * WATCHED_A_DAY + i) % guided.length]).flatMap(
    (one) => {
      const text = one?.guide?.watchFor[day % (one.guide.watchFor.length || 1)];
      return one && text ? [{ tray: inShort(one), text }] : [];
    },
  );
}

/** The pieces to lay out today, of trays that have one for each day. */
const insertsFor = (guided: readonly GuidedTray[], home: Home): TrayInsert[] =>
  guided.flatMap((one) => {
    const { tray, guide } = one;
    if (tray.when && !tray.when.days.includes(home.on)) return [];
    const pieces = piecesOf(home.tables, tray, guide?.inserts);
    const insert = insertOn(pieces, insertRows(home.tables, tray), home.on);
    return insert ? [{ tray: inShort(one), insert }] : [];
  });

/** The advice of the guides for today's shelf: what to watch for, and the pieces of the day. */
export const shelfToday = query(NoParameters, async (home) => {
  const { catalogue } = home.situation;
  const guided = await Promise.all(
    traysInOrder(home).flatMap((tray) => {
      const activity = activityOf(catalogue, tray.activity);
      return activity ? [loadGuideAt(activity, tray.rung).then((guide) => ({ tray, activity, guide }))] : [];
    }),
  );
  const rotation = standingRotation(home.tables, home.situation.site, home.today);
  const day = rotation ? Math.max(0, daysBetween(rotation.from, home.today)) : 0;
  return { watch: watchFor(day, guided), inserts: insertsFor(guided, home) };
});
