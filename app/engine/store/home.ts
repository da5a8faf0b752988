import { formatISO } from "date-fns";
import { loadCatalogue } from "../../catalogue";
import { catalogueOf, readinessSteps, type Situation, situationOf } from "../../core/household";
import {
  addMonths,
  type Catalogue,
  type Child,
  type Household,
  type PlainDate,
  plainDate,
  type Site,
  type SiteId,
  type Tables,
} from "../../core/model";
import { database, type OrtoDb } from "./db";
import { chosenSite, type Which, whichHousehold } from "./device";
import { pause } from "./pause";
import { storageReady } from "./storage";
import { readLivingTables } from "./tableCache";

/** The household as it stands: read once for a navigation, and all that screens and commands start from. */
export interface Home {
  which: Which;
  /** Where it is written to. */
  db: OrtoDb;
  /** The living rows. */
  tables: Tables;
  /** What is built in, and the household's own things and activities. */
  catalogue: Catalogue;
  household: Household;
  /** The eldest first. */
  children: Child[];
  /** The household's day: the device's, or the demo's. */
  today: PlainDate;
  /** The day shown: later than today in a preview. */
  on: PlainDate;
  /** Months looked ahead; 0 for no preview. */
  ahead: number;
  /** The home this device is at: ours, or the grandmother's flat. */
  site: Site;
  /** The situation there on the day shown; worked out when it is first asked for. */
  readonly situation: Situation;
}

export const deviceDate = (): PlainDate => plainDate(formatISO(new Date(), { representation: "date" }));

const known = new WeakMap<Tables, { key: string; catalogue: Catalogue; situation: Situation }>();

/** What a situation hangs on. */
interface At {
  tables: Tables;
  catalogue: Catalogue;
  on: PlainDate;
  site: SiteId;
}

const keyOf = ({ on, site }: At) => `${on} ${site}`;

function knownSituation(at: At): Situation | undefined {
  const before = known.get(at.tables);
  return before?.key === keyOf(at) && before.catalogue === at.catalogue ? before.situation : undefined;
}

/** The situation at a home on a day, worked out once for as long as nothing has changed. */
function situationAt(builtIn: Catalogue, at: At): Situation {
  const before = knownSituation(at);
  if (before) return before;
  const situation = situationOf(builtIn, at.tables, at.on, at.site);
  known.set(at.tables, { key: keyOf(at), catalogue: at.catalogue, situation });
  return situation;
}

function siteOf({ sites }: Household, chosen: string | undefined): Site {
  const site = sites.find((one) => one.id === chosen) ?? sites[0];
  if (!site) throw new Error("The household has no home, though its schema asks for one.");
  return site;
}

/** Is there a household to show? */
export async function hasHousehold(which: Which): Promise<boolean> {
  await storageReady();
  return (await readLivingTables(database(which))).household.length > 0;
}

/** What the browser keeps of the household that this tab shows. */
async function readKept() {
  await storageReady();
  const which = await whichHousehold();
  const db = database(which);
  const [tables, chosen] = await Promise.all([readLivingTables(db), chosenSite(which)]);
  return { which, db, tables, chosen };
}

/** The household that this tab shows, `ahead` months ahead; undefined before the first start. */
export async function readHome(ahead = 0): Promise<Home | undefined> {
  const [{ which, db, tables, chosen }, builtIn] = await Promise.all([readKept(), loadCatalogue()]);
  const household = tables.household[0];
  if (!household) return undefined;
  const today = household.demoDate ?? deviceDate();
  const on = addMonths(today, ahead);
  const site = siteOf(household, chosen);
  const catalogue = catalogueOf(builtIn, tables);
  const at = { tables, catalogue, on, site: site.id };
  if (!knownSituation(at)) for (const _ of readinessSteps(catalogue, tables, on)) await pause();
  return {
    which,
    db,
    tables,
    catalogue,
    household,
    children: [...tables.children].sort((a, b) => (a.birth < b.birth ? -1 : 1)),
    today,
    on,
    ahead,
    site,
    get situation() {
      return situationAt(builtIn, at);
    },
  };
}
