import { layoutOf } from "../draw";
import {
  laidReady,
  lanesOfMoments,
  rungOfTray,
  type Situation,
  setOutOn,
  standingRotation,
  upcomingRotation,
} from "../household";
import { materialIndex, runsOut, takesDaily } from "../materials";
import { activityOf, addDays, daysBetween, type PlainDate, type Tables } from "../model";

import {
  asPrepared,
  comingBack,
  madeBy,
  missingParts,
  type PrepTray,
  prepSheet,
  prepStateOf,
  shoppingFor,
} from "../prep";
import { printedThings } from "../print";
import { meetingsHere } from "../setup";

/** What there is to prepare at a home: the sheet of the next accepted rotation, or of the one that stands; none without either. */
export function prepareView(tables: Tables, s: Situation, today: PlainDate) {
  const { catalogue, site } = s;
  const now = standingRotation(tables, site, today);
  const rotation = upcomingRotation(tables, site, today) ?? now;
  if (!rotation) return undefined;
  const before = tables.rotations.find(
    (one) => one.site === site && one.id !== rotation.id && (one.to === rotation.from || one.id === now?.id),
  );
  const traysOf = (id: string | undefined) => tables.trays.filter((tray) => tray.rotation === id);
  const places = tables.places.filter((one) => one.site === site);
  const trays = traysOf(rotation.id);
  const old = traysOf(before?.id);
  const same = (a: (typeof trays)[number], b: (typeof trays)[number]) =>
    a.child === b.child && a.activity === b.activity && a.rung === b.rung;
  const here = tables.holdings.filter((one) => one.site === site);
  const known = {
    materials: materialIndex(catalogue),
    holdings: new Map(here.map((one) => [one.id, one])),
    from: rotation.from > today ? rotation.from : today,
    places,
    moments: tables.moments.filter((one) => places.some((place) => place.id === one.place)),
  };
  // Of two side by side one may stay while the other is set out anew.
  const stays = (tray: (typeof trays)[number], i: number) =>
    old.filter((one) => same(one, tray)).length > trays.slice(0, i).filter((one) => same(one, tray)).length;
  const toPrepare = trays.flatMap((tray, i): PrepTray[] => {
    const opened = rungOfTray(catalogue, tray);
    if (!opened) return [];
    const placeName = tables.places.find((place) => place.id === tray.place)?.name ?? "";
    return [{ tray, ...opened, placeName, stays: stays(tray, i) }];
  });
  const counted = trays.map((tray, i) => asPrepared(tray, stays(tray, i), known.materials));
  const state = prepStateOf(tables.prepStates, rotation.id);
  const { rotationDays } = s.household;
  // What is prepared is counted down already: the next to take something is then the rotation after it.
  const next = state.before ? addDays(rotation.from, rotationDays) : rotation.from;
  const isOut = daysBetween(rotation.from, today) > 0;
  const taking = {
    since: !state.before ? addDays(next, -1) : isOut ? today : rotation.from,
    next,
    rotationDays,
    daily: takesDaily(catalogue),
  };
  const gone = old.filter((tray) => !trays.some((one) => same(one, tray)));
  const standing = toPrepare.flatMap((one) => {
    const things = setOutOn(tables, s, one.tray);
    const kind = places.find((place) => place.id === one.tray.place)?.kind ?? "bay";
    const layout = layoutOf(one.rung, things, kind);
    return layout ? [{ ...one, things, layout, meetings: meetingsHere(one.rung, things) }] : [];
  });
  const sheet = prepSheet(toPrepare, known);
  return {
    rotation,
    /** Each tray as it will stand, to scale. */
    standing,
    trays,
    /** The trays with what is counted down for them when they are prepared. */
    counted,
    sheet,
    state,
    back: comingBack(gone, known.holdings, known.materials, lanesOfMoments(known.moments)),
    goneNames: [...new Set(gone.flatMap((tray) => activityOf(catalogue, tray.activity)?.name ?? []))],
    made: madeBy(
      gone.flatMap((tray) => {
        const opened = rungOfTray(catalogue, tray);
        return opened ? [{ tray, rung: opened.rung }] : [];
      }),
      known.materials,
    ),
    low: runsOut(trays, here, known.materials, taking).filter(
      (one) => one.on < addDays(next, 2 * rotationDays),
    ),
    /** The things that could be printed at home instead of bought. */
    printed: printedThings(catalogue.printing),
    shopping: shoppingFor(
      toPrepare.map((one) => ({
        tray: one.tray,
        name: one.activity.name,
        asked: new Map(one.rung.materials.map((need) => [need.id, need.material])),
      })),
      here,
      known.materials,
      lanesOfMoments(known.moments),
    ),
    /** What is needed to mix what is mixed at home, beside what is there; none of it once all is mixed and counted down. */
    parts: state.before ? [] : missingParts(sheet.lines, here, known.materials),
    site,
    /** What can lie ready behind the trays for a step down or up. */
    ready: laidReady(s, tables, rotation.id),
    /** What was noted for the next time with the activities that are set out anew. */
    nextTimes: toPrepare
      .filter((one) => !one.stays)
      .map(({ activity }) => ({
        name: activity.name,
        notes: tables.nextTimes.filter((note) => note.activity === activity.id),
      }))
      .filter((one) => one.notes.length > 0),
    known,
  };
}
export type PrepareView = NonNullable<ReturnType<typeof prepareView>>;
