import { loadWardrobe } from "../../catalogue";
import { plannedOn, upcomingRotation } from "../../core/household";
import { wardrobeOf } from "../../core/themes";
import { plannedForView } from "../../words/plannedFor";
import { signatureOf } from "../store/tableCache";
import { PlanParameters } from "./planning";
import { planRequestFor } from "./planRequest";
import { query } from "./query";

/** All that the Plan screen shows beside the proposal, which the planner is still working out. */
export const plan = query(PlanParameters, async (home, { weeks }) => {
  const { household, today, ahead, children, tables, site, catalogue } = home;
  const asked = planRequestFor(home, weeks);
  return {
    /** Tells this state of the data from others: what is accepted is what was shown. */
    shown: signatureOf(tables),
    catalogue,
    places: tables.places.filter((place) => place.site === site.id),
    moments: tables.moments,
    children,
    planned: plannedOn(children, asked.on),
    plannedFor: plannedForView(children, asked.on),
    household,
    wardrobe: household.focuses.some((one) => one.kind === "theme")
      ? wardrobeOf(await loadWardrobe(), tables.ownThemes)
      : undefined,
    from: asked.on,
    weeks: asked.weeks,
    today,
    preview: ahead > 0,
    wishes: tables.wishes,
    nextTimes: tables.nextTimes,
    upcoming: ahead > 0 ? undefined : upcomingRotation(tables, site.id, today),
  };
});
