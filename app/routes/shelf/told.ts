import { loadGuideAt } from "../../catalogue";
import { planConsumption, type UseUp } from "../../core/day";
import {
  activityOf,
  type Catalogue,
  daysBetween,
  type Guide,
  type Tray,
  type TrayId,
} from "../../core/model";
import { insertOn, insertRows, piecesOf } from "../../core/rotation";
import type { Home } from "../../engine/store/home";
import type { DrawnTray } from "../../ui/ShelfDrawing";
import type { shelfView } from "./shelfView";
import type { InsertLine, WatchLine } from "./todayProps";

/** What is worth a look today: three trays a day, one thing each, so that all are watched in turn. */
function watchFor(day: number, guided: readonly Guided[]): WatchLine[] {
  return [0, 1, 2].slice(0, guided.length).flatMap((i) => {
    const one = guided[(day * 3 + i) % guided.length];
    const text = one?.guide?.watchFor[day % (one.guide.watchFor.length || 1)];
    return one && text ? [{ tray: one.drawn, text }] : [];
  });
}

/** The pieces to lay out today, of trays that have one for each day. */
const insertsFor = (guided: readonly Guided[], home: Home): InsertLine[] =>
  guided.flatMap(({ drawn, tray, guide }) => {
    if (tray.when && !tray.when.days.includes(home.on)) return [];
    const pieces = piecesOf(home.tables, tray, guide?.inserts);
    const insert = insertOn(pieces, insertRows(home.tables, tray), home.on);
    return insert ? [{ tray: drawn, insert }] : [];
  });

interface Guided {
  drawn: DrawnTray<TrayId>;
  tray: Tray;
  guide?: Guide;
}

/** What the guides tell for today: they come in after the shelf is drawn. */
export async function todayFor(catalogue: Catalogue, view: ReturnType<typeof shelfView>, home: Home) {
  const { drawn, trays, rotation } = view;
  const guided = await Promise.all(
    drawn.flatMap((one) => {
      const tray = trays.find((other) => other.id === one.id);
      const activity = tray && activityOf(catalogue, tray.activity);
      return tray && activity
        ? [loadGuideAt(activity, tray.rung).then((guide) => ({ drawn: one, tray, guide }))]
        : [];
    }),
  );
  const day = rotation ? Math.max(0, daysBetween(rotation.from, home.today)) : 0;
  return { watch: watchFor(day, guided), inserts: insertsFor(guided, home) };
}

/** In how many ways what spoils can be used until then, by its holding: worked out while the shelf is drawn. */
export async function waysToUse({ situation: s, tables }: Home, useUp: readonly UseUp[]) {
  const ways = new Map<string, number>();
  for (const { holding, material, by } of useUp) {
    await new Promise((done) => setTimeout(done));
    const { quantity } = holding;
    const { steps } = planConsumption(s, tables, material.id, { quantity, by, children: s.planned });
    ways.set(holding.id, steps.length);
  }
  return ways;
}
