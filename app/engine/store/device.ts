import { formatISO } from "date-fns";
import Dexie, { type Table } from "dexie";
import { PlainDate, type SiteId } from "../../core/model";

/** Our own household, or the demo, which is kept apart. */
export type Which = "ours" | "demo";

/** What this device remembers of itself, whichever household it shows: written to the disk before it counts as done. */
class DeviceDb extends Dexie {
  readonly choices!: Table<{ id: string; value: string }, string>;

  constructor() {
    super("orto-device", { chromeTransactionDurability: "strict" });
    this.version(1).stores({ choices: "id" });
  }
}

let opened: DeviceDb | undefined;

const choices = () => {
  opened ??= new DeviceDb();
  return opened.choices;
};

/** Opens what the device remembers, anew where that was tried before. */
export async function openDevice(): Promise<void> {
  opened = new DeviceDb();
  await opened.open();
}

/** A small note of the browser's, or undefined where it denies that, too. */
function noteIn(store: "localStorage" | "sessionStorage", key: string): string | undefined {
  try {
    return globalThis[store].getItem(key) ?? undefined;
  } catch {
    return undefined;
  }
}

/** What this tab shows, where the browser keeps no note of it. */
let tabShows: string | undefined;

function keepInTab(which: Which): void {
  try {
    sessionStorage.setItem(TAB_KEY, which);
  } catch {
    tabShows = which;
  }
}

const HOUSEHOLD = "household";
/** Where earlier versions kept the choices. */
const FORMER_KEYS: Readonly<Record<string, string>> = {
  [HOUSEHOLD]: "orto.household",
  "site-ours": "orto.site",
  "site-demo": "orto.site",
};

async function chosen(id: string): Promise<string | undefined> {
  return (await choices().get(id))?.value ?? noteIn("localStorage", FORMER_KEYS[id] ?? id);
}

/** The tab's own choice: it stays with what it shows, so that nothing tapped in it is written to another household. */
const TAB_KEY = "orto.household";

/** Which household this tab shows: the one it was opened with, and a new tab the one that was opened last. */
export async function whichHousehold(): Promise<Which> {
  const which = noteIn("sessionStorage", TAB_KEY) ?? tabShows ?? (await chosen(HOUSEHOLD));
  const known: Which = which === "demo" ? "demo" : "ours";
  keepInTab(known);
  return known;
}

/** Shows a household in this tab from now on, and in tabs that are opened later. */
export async function showHousehold(which: Which): Promise<void> {
  await choices().put({ id: HOUSEHOLD, value: which });
  keepInTab(which);
}

/** The home that this device is at, by its id; undefined where none was chosen. */
export const chosenSite = (which: Which): Promise<string | undefined> => chosen(`site-${which}`);

/** Remembers which home this device is at. */
export async function goToSite(which: Which, site: SiteId): Promise<void> {
  await choices().put({ id: `site-${which}`, value: site });
}

/** For tests: forgets every choice. */
export const forgetChoices = (): Promise<void> => choices().clear();

const savedKey = (which: Which) => `saved-${which}`;

/** A backup file was saved today. */
export async function rememberSaved(which: Which): Promise<void> {
  await choices().put({ id: savedKey(which), value: formatISO(new Date(), { representation: "date" }) });
}

/** The day on which a backup file was saved last; undefined where none was on this device. */
export async function savedOn(which: Which): Promise<PlainDate | undefined> {
  const day = PlainDate.safeParse(await chosen(savedKey(which)));
  return day.success ? day.data : undefined;
}

const KEYS = "keys";

/** Do single keys do something on this device? They do, until they are switched off. */
export const keysAreOn = async (): Promise<boolean> => (await chosen(KEYS)) !== "off";

/** Switches single keys on or off for this device. */
export async function switchKeys(on: boolean): Promise<void> {
  await choices().put({ id: KEYS, value: on ? "on" : "off" });
}

/** How much of this browser's storage is used, in bytes, and whether the browser has promised to keep it. */
export interface StorageUse {
  bytes: number;
  isLasting: boolean;
}

/** Undefined where the browser does not say. */
export async function storageUse(): Promise<StorageUse | undefined> {
  try {
    const { storage } = navigator;
    const [{ usage }, isLasting] = await Promise.all([storage.estimate(), storage.persisted()]);
    return usage === undefined ? undefined : { bytes: usage, isLasting };
  } catch {
    return undefined;
  }
}
