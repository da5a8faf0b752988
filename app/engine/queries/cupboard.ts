import { loadMakings } from "../../catalogue";
import { standingRotation, upcomingRotation } from "../../core/household";
import { materialIndex, runsOut, takesDaily } from "../../core/materials";
import { activityOf, addDays, type MaterialId, type PlainDate, seasonOn, type Tray } from "../../core/model";
import type { Home } from "../store/home";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** The present place of a thing: the trays that it stands on or is kept for, and the day on which it runs out. */
export interface InUse {
  out: readonly string[];
  /** Names of trays of the rotation that is accepted for later. */
  keptFor: readonly string[];
  runsOutOn?: PlainDate;
}

/** The things that stand on trays, or are kept for trays to come. */
function inUseOf(home: Home): Map<string, InUse> {
  const { tables, site, today, household, catalogue } = home;
  const standing = standingRotation(tables, site.id, today);
  const upcoming = upcomingRotation(tables, site.id, today);
  const traysOf = (id?: string) => tables.trays.filter((tray) => tray.rotation === id);
  const named = (trays: readonly Tray[], material: MaterialId) => [
    ...new Set(
      trays
        .filter((tray) => tray.allotted.some((one) => one.material === material))
        .map((tray) => activityOf(catalogue, tray.activity)?.name ?? tray.activity),
    ),
  ];
  const [out, later] = [traysOf(standing?.id), traysOf(upcoming?.id)];
  const next = standing ? addDays(standing.from, household.rotationDays) : today;
  const { rotationDays } = household;
  const taking = { since: today, next, rotationDays, daily: takesDaily(catalogue) };
  const ends = new Map(
    runsOut(out, tables.holdings, materialIndex(catalogue), taking).map((one) => [one.material.id, one.on]),
  );
  const materials = new Set([...out, ...later].flatMap((tray) => tray.allotted.map((one) => one.material)));
  return new Map(
    [...materials].map((id): [string, InUse] => [
      id,
      { out: named(out, id), keptFor: named(later, id), runsOutOn: ends.get(id) },
    ]),
  );
}

/** The cupboard of this home: its things, and the trays that some of them stand on. */
export const cupboard = query(NoParameters, async (home) => {
  const { household, tables, today, site, catalogue } = home;
  const here = tables.holdings.filter((one) => one.site === site.id);
  return {
    units: household.units,
    materials: catalogue.materials,
    dangers: catalogue.dangers,
    makings: await loadMakings(),
    holdings: new Map(here.map((one) => [one.material, one] as const)),
    inUse: inUseOf(home),
    site: site.id,
    today,
    season: seasonOn(today, household.hemisphere),
  };
});
