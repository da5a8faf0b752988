import { z } from "zod";
import { loadGuideAt } from "../../catalogue";
import { trayView } from "../../core/household";
import { activityOf } from "../../core/model";
import { WAYS, wayOf } from "../../words/ways";
import { maybe, maybeText } from "./parameters";
import { query } from "./query";

const Parameters = z.object({
  tray: maybeText,
  /** The way of showing; the household's own where none is named. */
  way: maybe(z.enum(WAYS)),
});

/** A tray as it is shown to a child, page by page; undefined where there is no such tray. */
export const show = query(Parameters, async (home, { tray: id, way }) => {
  const { tables, situation, household, on } = home;
  const tray = tables.trays.find((one) => one.id === id);
  const activity = tray && activityOf(situation.catalogue, tray.activity);
  const guide = activity && (await loadGuideAt(activity, tray.rung));
  const view = tray && trayView(home, situation, tray, guide?.inserts);
  return view && { view, guide, way: way ?? wayOf(household.approach), units: household.units, on };
});
