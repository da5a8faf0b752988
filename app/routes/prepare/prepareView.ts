import { materialIndex } from "../../core/materials";
import type { Catalogue } from "../../core/model";
import { standingRotation, upcomingRotation } from "../../core/planner";
import { comingBack, type PrepTray, prepSheet, runningLow } from "../../core/prep";
import type { Home } from "../../data/household";
import { prepStateOf } from "../../data/prep";
import { activityOf } from "../../ui/drawnTrays";

/** Everything the Prepare screen shows: the sheet of the next accepted rotation, or of the one that stands. */
export function prepareView(home: Home, catalogue: Catalogue) {
  const { tables, today } = home;
  const site = home.site.id;
  const standing = standingRotation(tables, site, today);
  const rotation = upcomingRotation(tables, site, today) ?? standing;
  if (!rotation) return undefined;
  const before = tables.rotations.find(
    (one) =>
      one.site === site && one.id !== rotation.id && (one.to === rotation.from || one.id === standing?.id),
  );
  const traysOf = (id: string | undefined) => tables.trays.filter((tray) => tray.rotation === id);
  const trays = traysOf(rotation.id);
  const old = traysOf(before?.id);
  const same = (a: (typeof trays)[number], b: (typeof trays)[number]) =>
    a.child === b.child && a.activity === b.activity && a.rung === b.rung;
  const known = {
    materials: materialIndex(catalogue),
    holdings: new Map(tables.holdings.map((one) => [one.id, one])),
  };
  const toPrepare = trays.flatMap((tray): PrepTray[] => {
    const activity = activityOf(catalogue, tray.activity);
    const rung = activity?.rungs.find((one) => one.id === tray.rung);
    if (!activity || !rung) return [];
    const placeName = tables.places.find((place) => place.id === tray.place)?.name ?? "";
    return [{ tray, activity, rung, placeName, stays: old.some((one) => same(one, tray)) }];
  });
  const gone = old.filter((tray) => !trays.some((one) => same(one, tray)));
  return {
    rotation,
    trays,
    sheet: prepSheet(toPrepare, known),
    state: prepStateOf(tables.prepStates, rotation.id),
    back: comingBack(gone, known.holdings, known.materials),
    goneNames: [...new Set(gone.flatMap((tray) => activityOf(catalogue, tray.activity)?.name ?? []))],
    low: runningLow(trays, known.holdings, known.materials),
    known,
  };
}
export type PrepareView = NonNullable<ReturnType<typeof prepareView>>;
