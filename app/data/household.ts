import { format } from "date-fns";
import { loadCatalogue } from "../catalogue";
import {
  addMonths,
  type Child,
  type Household,
  type PlainDate,
  plainDate,
  type Site,
  type Tables,
} from "../core/model";
import { restoreBackup } from "./backup";
import { database, showHousehold, type Which, whichHousehold } from "./db";
import { readLivingTables } from "./readings";

/** What nearly every screen starts from. */
export interface Home {
  which: Which;
  tables: Tables;
  household: Household;
  children: Child[];
  /** The household's day: the device's, or the demo's. */
  today: PlainDate;
  /** The day shown: later than today in a preview. */
  on: PlainDate;
  /** Months looked ahead; 0 for no preview. */
  ahead: number;
  /** The home this device is at: ours, or the grandmother's flat. */
  site: Site;
}

export const MOST_MONTHS_AHEAD = 48;

/** Months of preview named in the address: `?ahead=6`. Anything odd counts as none. */
export function aheadOf(request: Request): number {
  const text = new URL(request.url).searchParams.get("ahead") ?? "0";
  const months = Number(text);
  return Number.isInteger(months) && months > 0 && months <= MOST_MONTHS_AHEAD ? months : 0;
}

const SITE_KEY = "orto.site";

/** Remembers which home this device is at. */
export const goToSite = (id: string): void => localStorage.setItem(SITE_KEY, id);

const siteOf = ({ sites }: Household): Site =>
  sites.find((one) => one.id === localStorage.getItem(SITE_KEY)) ?? sites[0] ?? { id: "home", name: "Home" };

export const deviceDate = (): PlainDate => plainDate(format(new Date(), "yyyy-MM-dd"));

/** The household as it stands; undefined before the first start. Deleted rows are left out. */
export async function readHome(request: Request): Promise<Home | undefined> {
  const tables = await readLivingTables(database());
  const household = tables.household[0];
  if (!household) return undefined;
  const today = household.demoDate ?? deviceDate();
  const ahead = aheadOf(request);
  const children = [...tables.children].sort((a, b) => (a.birth < b.birth ? -1 : 1));
  return {
    which: whichHousehold(),
    tables,
    household,
    children,
    today,
    on: addMonths(today, ahead),
    ahead,
    site: siteOf(household),
  };
}

/** Opens the demo, filled afresh where it is empty or `fresh` is wanted. Our own household stays untouched. */
export async function openDemo(fresh = false): Promise<void> {
  const db = database("demo");
  const rows = await db.rows("household").count();
  if (rows === 0 || fresh) {
    const [{ demoBackup }, catalogue] = await Promise.all([import("../demo"), loadCatalogue()]);
    const restored = await restoreBackup(demoBackup(catalogue), db);
    if (!restored.ok) throw new Error(restored.problems[0]?.message);
  }
  showHousehold("demo");
}
