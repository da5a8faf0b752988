import { z } from "zod";
import { loadGuideAt } from "../../catalogue";
import { nextStart, plannedOn, type TrayView, trayView, upcomingRotation } from "../../core/household";
import { activityOf, addDays, ObservationId, type Photo } from "../../core/model";
import { backupDue } from "../../core/report/backupDue";
import { plannedForView } from "../../words/plannedFor";
import { wayOf } from "../../words/ways";
import { savedOn } from "../store/device";
import type { Home } from "../store/home";
import { pause } from "../store/pause";
import { notesWithPhotos, photosOf } from "../store/photos";
import { maybe, maybeText } from "./parameters";
import { query } from "./query";
import { shelfView, suggestionSteps } from "./shelfView";

const Parameters = z.object({
  /** The tray that is open. */
  tray: maybeText,
  /** The note that is open. */
  note: maybe(ObservationId),
});

/** So many shelves to come are named by their first days. */
const SHELVES_AHEAD = [0, 1, 2];

/** The newest picture that goes with a note of what stands on the tray. */
async function newestPhoto(db: Home["db"], { notes, rung }: TrayView): Promise<Photo | undefined> {
  const pictured = await notesWithPhotos(db);
  const note = notes.find((one) => one.rung === rung.id && pictured.has(one.id));
  return note && (await photosOf(db, note.id)).at(-1);
}

/** The name of the youngest who puts things into the mouth. */
const youngestMouthing = (home: Home): string | undefined =>
  home.children.filter((child) => child.mouths !== "no").at(-1)?.name;

/** The shelf as it stands, and the tray and the note that are open. */
export const shelf = query(Parameters, async (home, { tray: openId, note: noteId }) => {
  const { situation, household, tables, today } = home;
  for (const _ of suggestionSteps(home, situation)) await pause();
  const view = shelfView(home, situation, openId ?? null, Date.now());
  const selected = view.trays.find((tray) => tray.id === openId);
  const activity = selected && activityOf(situation.catalogue, selected.activity);
  const guide = activity && (await loadGuideAt(activity, selected.rung));
  const open = selected && trayView(home, situation, selected, guide?.inserts);
  const next = nextStart(tables, situation.site, today, household);
  return {
    ...view,
    guide,
    open,
    photos: noteId ? await photosOf(home.db, noteId) : [],
    trayPhoto: open && (await newestPhoto(home.db, open)),
    way: wayOf(household.approach),
    smallest: youngestMouthing(home),
    on: home.on,
    today,
    preview: home.ahead > 0,
    rotationDays: household.rotationDays,
    units: household.units,
    materials: situation.materials,
    rhythm: household.planning.rhythm,
    shelvesAhead: SHELVES_AHEAD.map((n) => addDays(next, n * household.rotationDays)),
    upcoming: upcomingRotation(tables, situation.site, today)?.from,
    unsaved: home.which === "ours" ? backupDue(tables, await savedOn(home.which), today) : undefined,
    planned: plannedOn(home.children, home.on).map((child) => child.name),
    plannedFor: plannedForView(home.children, home.on),
  };
});
