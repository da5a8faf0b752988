import { redirect } from "react-router";
import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { dueDateOf } from "../../core/age";
import {
  Approach,
  addDays,
  Id,
  Mouthing,
  Place,
  PlaceKind,
  PlainDate,
  Planning,
  type Problem,
  problemsOf,
  Rhythm,
  readBackupText,
} from "../../core/model";
import { APPROACH_DEFAULTS } from "../../core/planner";
import { DOES_SO_FAR, type DoesSoFar, ticksFor } from "../../core/safety";
import { newestSafetyCopy, restoreBackup } from "../../data/backup";
import { database } from "../../data/db";
import { jsonList, mayBeEmpty } from "../../data/forms";
import { deviceDate, openDemo } from "../../data/household";
import { setLimits } from "../../data/limits";
import { addRow, changeRow, newId, removeRow, restoreRow } from "../../data/rows";

export interface HouseholdAnswer {
  problems: Problem[];
  /** Which part answered, so that a message stands where it belongs. */
  part: string;
  done?: string;
}

const words = z
  .string()
  .transform((text) =>
    text
      .split(",")
      .map((one) => one.trim())
      .filter(Boolean),
  )
  .pipe(z.array(z.string().max(40, "At most 40 characters each.")).max(20, "At most 20."));

const today = () => deviceDate();

const ChildForm = z.object({
  name: z.string().trim().min(1, "Give a name or an initial.").max(40, "At most 40 characters."),
  birth: PlainDate.refine((date) => date <= today(), "The birth date lies in the future. Check the year."),
  earlyWeeks: z.coerce
    .number("Weeks: 0 to 17.")
    .int("Whole weeks.")
    .min(0, "Weeks: 0 to 17.")
    .max(17, "Weeks: 0 to 17."),
  mouths: Mouthing,
  planFor: z.enum(["yes", "no"]).transform((text) => text === "yes"),
  interests: words,
  allergies: jsonList(z.string().trim().min(1).max(40, "At most 40 characters each.")),
});

const PlaceForm = z.object({
  name: z.string().trim().min(1, "Give the place a name.").max(60, "At most 60 characters."),
  kind: PlaceKind,
  board: mayBeEmpty(
    z.coerce
      .number("Board: a number, 1 to 10.")
      .int("Board: a whole number.")
      .min(1, "Board: 1 to 10.")
      .max(10, "Board: 1 to 10."),
  ),
  site: Id.optional(),
  because: Place.shape.because,
  heightCm: mayBeEmpty(
    z.coerce
      .number("Height: a number of cm.")
      .min(0, "Height: 0 cm or more.")
      .max(300, "Height: at most 300 cm."),
  ),
  cue: z.string().trim().max(80, "At most 80 characters.").default(""),
});

/** What is said of one child at one place with a tap. */
const ReachForm = z.object({
  place: Id,
  child: Id,
  says: z.enum(["worked-out", "reaches", "kept"]),
});

const DoesForm = z.object({
  child: Id,
  does: z.enum(DOES_SO_FAR as [DoesSoFar, ...DoesSoFar[]]),
  on: PlainDate,
});

const SiteForm = z.object({
  id: mayBeEmpty(Id),
  name: z.string().trim().min(1, "Give the home a name.").max(60, "At most 60 characters."),
});

const SettingsForm = z.object({
  name: z.string().trim().min(1, "Give the household a name.").max(60, "At most 60 characters."),
  approach: Approach,
  units: z.enum(["metric", "us"]),
  rotationDays: z.coerce
    .number("Days: a number.")
    .int("Whole days.")
    .min(1, "Days: 1 to 60.")
    .max(60, "Days: 1 to 60."),
  anchors: z.coerce.number("A number.").int().min(0, "0 to 10.").max(10, "0 to 10."),
  stretches: z.coerce.number("A number.").int().min(0, "0 to 10.").max(10, "0 to 10."),
  openEnded: z.coerce.number("A number.").int().min(0, "0 to 10.").max(10, "0 to 10."),
  rhythm: Rhythm,
  newAtOnce: z.coerce.number("A number.").int().min(0, "0 to 20.").max(20, "0 to 20."),
  stay: Planning.shape.stay.unwrap(),
  theme: Planning.shape.theme.unwrap(),
  hemisphere: z.enum(["north", "south"]),
});

async function household() {
  return (await database().rows("household").toArray()).find((row) => !row.deletedAt);
}

async function saveChild(data: FormData, part: string): Promise<HouseholdAnswer> {
  const parsed = ChildForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error), part };
  const { earlyWeeks, ...child } = parsed.data;
  const row = { ...child, due: earlyWeeks > 0 ? dueDateOf(child.birth, earlyWeeks) : undefined };
  const id = String(data.get("id") ?? "");
  if (id) await changeRow("children", id, row);
  else await addRow("children", row);
  return { problems: [], part, done: `${child.name} is saved.` };
}

async function savePlace(data: FormData, part: string): Promise<HouseholdAnswer> {
  const parsed = PlaceForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error), part };
  const { name, kind, board, site, because, heightCm, cue } = parsed.data;
  const keptFrom = data.getAll("outOfReachOf").map(String);
  const row = {
    name,
    kind,
    outOfReachOf: keptFrom,
    heightCm,
    ...(keptFrom.length > 0 ? { saidOn: today() } : {}),
    board: kind === "bay" ? (board ?? 1) - 1 : undefined,
    because,
    cue: cue === "" ? undefined : cue,
    exclusiveWith: data.getAll("exclusiveWith").map(String),
    ...(site ? { site } : {}),
    ...(data.has("asksServes") ? { servesOnly: data.getAll("servesOnly").map(String) } : {}),
  };
  const id = String(data.get("id") ?? "");
  if (id) {
    await changeRow("places", id, row);
  } else {
    const home = site ?? (await household())?.sites[0]?.id ?? "home";
    const order = (await database().rows("places").count()) + 1;
    await addRow("places", { ...row, site: home, order });
  }
  return { problems: [], part, done: `${name} is saved.` };
}

/** Notes that a child does get at a place, or is kept from it by a lock; or leaves it to be worked out. */
async function sayReach(data: FormData): Promise<HouseholdAnswer> {
  const parsed = ReachForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error), part: "reach" };
  const { place, child, says } = parsed.data;
  await changeRow("places", place, (row) => {
    const without = (ids: readonly string[]) => ids.filter((id) => id !== child);
    const kept = without(row.outOfReachOf);
    return {
      reachedBy: says === "reaches" ? [...without(row.reachedBy), child] : without(row.reachedBy),
      outOfReachOf: says === "kept" ? [...kept, child] : kept,
      // A lock keeps a child away, height does not by itself.
      because: says === "kept" && row.because === "high" ? "lock" : row.because,
      saidOn: today(),
    };
  });
  return { problems: [], part: "reach", done: "Noted." };
}

/** Notes what a child does so far: that, and nothing of what is more. It holds for two weeks, then it is asked again. */
async function sayDoes(data: FormData): Promise<HouseholdAnswer> {
  const parsed = DoesForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error), part: "reach" };
  const { child, does, on } = parsed.data;
  const notes = database().rows("skillNotes");
  await database().transaction("rw", notes, async () => {
    for (const tick of ticksFor(does)) await addRow("skillNotes", { ...tick, child, on });
  });
  return { problems: [], part: "reach", done: "Noted." };
}

/** Adds a home, or gives one another name. */
async function saveSite(data: FormData): Promise<HouseholdAnswer> {
  const parsed = SiteForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error), part: "sites" };
  const { id, name } = parsed.data;
  const row = await household();
  if (!row) return { problems: [], part: "sites" };
  await changeRow("household", row.id, ({ sites }) => ({
    sites: id ? sites.map((one) => (one.id === id ? { id, name } : one)) : [...sites, { id: newId(), name }],
  }));
  const done = id ? "Saved." : `${name} is added. Give it a place or two below, and fill its cupboard.`;
  return { problems: [], part: "sites", done };
}

async function saveSettings(data: FormData): Promise<HouseholdAnswer> {
  const parsed = SettingsForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error), part: "settings" };
  const { anchors, stretches, openEnded, rhythm, newAtOnce, stay, theme, ...rest } = parsed.data;
  const row = await household();
  const mix = { anchors, stretches, openEnded };
  const planning = { rhythm, newAtOnce, stay, theme };
  if (row) await changeRow("household", row.id, { ...rest, mix, planning });
  return { problems: [], part: "settings", done: "Saved." };
}

/** Sets the mix, the trays out and how they change to what goes with the approach chosen in the form. */
async function setByApproach(data: FormData): Promise<HouseholdAnswer> {
  const approach = Approach.safeParse(data.get("approach"));
  const row = await household();
  if (!approach.success || !row) return { problems: [], part: "settings" };
  const { traysEach, mix, planning } = APPROACH_DEFAULTS[approach.data];
  const planned = (await database().rows("children").toArray()).filter(
    (child) => !child.deletedAt && child.planFor,
  );
  const trays = Math.min(40, traysEach * Math.max(1, planned.length));
  await changeRow("household", row.id, ({ limits }) => ({
    approach: approach.data,
    mix,
    planning,
    limits: { ...limits, trays },
  }));
  return { problems: [], part: "settings", done: `Set for this approach: ${trays} trays out at once.` };
}

async function remove(data: FormData, part: string): Promise<HouseholdAnswer> {
  const table = data.get("table") === "children" ? ("children" as const) : ("places" as const);
  const id = Id.parse(data.get("id"));
  if (table === "children") {
    const living = (await database().rows("children").toArray()).filter(
      (row) => !row.deletedAt && row.planFor,
    );
    if (living.length === 1 && living[0]?.id === id) {
      const message = "This is the only child the shelf is planned for. Add another before removing it.";
      return { problems: [{ code: "last-child", path: "id", message }], part };
    }
  }
  await removeRow(table, id);
  return { problems: [], part };
}

async function restoreFile(data: FormData): Promise<HouseholdAnswer> {
  const file = data.get("file");
  if (!(file instanceof File) || file.size === 0) {
    const message = 'Choose a backup file first: a file made with "Save a backup file".';
    return { problems: [{ code: "no-file", path: "file", message }], part: "backup" };
  }
  const read = readBackupText(await file.text(), await loadCatalogue());
  if (!read.ok) return { problems: read.problems, part: "backup" };
  const restored = await restoreBackup(read.value);
  return restored.ok
    ? { problems: [], part: "backup", done: "Restored. What was here before is kept as a safety copy." }
    : { problems: restored.problems, part: "backup" };
}

async function restoreSafety(): Promise<HouseholdAnswer> {
  const copy = await newestSafetyCopy();
  if (!copy) return { problems: [], part: "backup", done: "There is no safety copy." };
  const restored = await restoreBackup(JSON.parse(copy.json));
  return { problems: restored.ok ? [] : restored.problems, part: "backup", done: "The safety copy is back." };
}

async function moveClock(days: number): Promise<HouseholdAnswer> {
  const row = await household();
  if (row?.demoDate) await changeRow("household", row.id, { demoDate: addDays(row.demoDate, days) });
  return { problems: [], part: "demo", done: "The demo's day has moved on." };
}

/** Does one change of the Household screen. Faulty input changes nothing. */
export async function changeHousehold(request: Request): Promise<HouseholdAnswer> {
  const data = await request.formData();
  const part = String(data.get("part") ?? "");
  switch (data.get("intent")) {
    case "child":
      return saveChild(data, part);
    case "place":
      return savePlace(data, part);
    case "does":
      return sayDoes(data);
    case "reach":
      return sayReach(data);
    case "site":
      return saveSite(data);
    case "settings":
      return saveSettings(data);
    case "approach":
      return setByApproach(data);
    case "limits": {
      const problems = await setLimits(data);
      return { problems, part, done: problems.length === 0 ? "Saved." : undefined };
    }
    case "remove":
      return remove(data, part);
    case "put-back":
      await restoreRow(data.get("table") === "children" ? "children" : "places", Id.parse(data.get("id")));
      return { problems: [], part, done: "It is back." };
    case "restore":
      return restoreFile(data);
    case "restore-safety":
      return restoreSafety();
    case "demo-day":
      return moveClock(1);
    case "demo-week":
      return moveClock(7);
    case "demo-again":
      await openDemo(true);
      throw redirect("/");
    default:
      return {
        problems: [{ code: "unknown", path: "intent", message: "Orto does not know this change." }],
        part,
      };
  }
}
