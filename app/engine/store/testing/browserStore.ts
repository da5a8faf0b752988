import { plainDate } from "../../../core/model";
import { database } from "../db";
import { forgetChoices } from "../device";
import { type Home, readHome } from "../home";
import { updateRow } from "../rows";

/** Empties both households and forgets which one is shown. */
export async function emptyBrowser(): Promise<void> {
  localStorage.clear();
  sessionStorage.clear();
  await forgetChoices();
  for (const which of ["ours", "demo"] as const) {
    const db = database(which);
    await db.transaction("rw", db.tables, () => Promise.all(db.tables.map((table) => table.clear())));
  }
}

/** The household that is shown; fails where there is none. */
export async function shownHome(ahead = 0): Promise<Home> {
  const home = await readHome(ahead);
  if (!home) throw new Error("no household");
  return home;
}

/** Sets the demo's day, which its notes and decisions are dated by. */
export async function setDemoDay(day: string): Promise<void> {
  const { db, household } = await shownHome();
  await updateRow(db, "household", household.id, { demoDate: plainDate(day) });
}
