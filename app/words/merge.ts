import type { Clash, MergedRow } from "../core/merge";
import type { Row, TableName } from "../core/model";
import { shortDate } from "./dates";

/** What the rows of a table are called, one and several; those that nobody wants to read about have none. */
const NAMES: Partial<Record<TableName, readonly [string, string]>> = {
  household: ["setting of the household", "settings of the household"],
  children: ["child", "children"],
  places: ["place", "places"],
  holdings: ["thing in the cupboard", "things in the cupboard"],
  ownMaterials: ["thing of our own", "things of our own"],
  ownActivities: ["activity of our own", "activities of our own"],
  wishes: ["wish about the plan", "wishes about the plan"],
  rotations: ["shelf", "shelves"],
  trays: ["tray", "trays"],
  observations: ["note", "notes"],
  skillNotes: ["skill seen, or not yet", "skills seen, or not yet"],
  decisions: ["decision about a tray", "decisions about trays"],
  inserts: ["piece of the day", "pieces of the day"],
  photos: ["picture", "pictures"],
  worries: ["question of yours", "questions of yours"],
  nextTimes: ["word for next time", "words for next time"],
  moments: ["moment of the day", "moments of the day"],
  anecdotes: ["thing seen", "things seen"],
  sittings: ["sitting", "sittings"],
  pieceLists: ["list of pieces", "lists of pieces"],
  madeSheets: ["sheet made", "sheets made"],
};

const DONE: Record<MergedRow["what"], string> = {
  new: "new",
  changed: "changed",
  gone: "taken away",
  back: "back",
};

/** "12 notes, new", "1 tray, changed": what came, by table and kind. */
export function cameTexts(came: readonly MergedRow[]): string[] {
  const counts = new Map<string, { table: TableName; what: MergedRow["what"]; count: number }>();
  for (const { table, what } of came) {
    const key = `${table} ${what}`;
    counts.set(key, { table, what, count: (counts.get(key)?.count ?? 0) + 1 });
  }
  return [...counts.values()].flatMap(({ table, what, count }) => {
    const name = NAMES[table];
    return name ? [`${count} ${count === 1 ? name[0] : name[1]}, ${DONE[what]}`] : [];
  });
}

/** A row in a few words, by what names it best. */
function rowText(table: TableName, row: Row, nameOf: (activity: string) => string): string {
  const of = row as Row & Partial<Record<"name" | "activity" | "on" | "material" | "words", string>>;
  const about = of.name ?? (of.activity ? nameOf(of.activity) : (of.material ?? of.words ?? ""));
  const day = of.on ? shortDate(of.on as never) : "";
  return [NAMES[table]?.[0] ?? table, about, day].filter(Boolean).join(", ");
}

/** A row that both have changed: which fields, what stands and what does not. */
export function clashText(clash: Clash, nameOf: (activity: string) => string): string {
  const value = (row: Row, field: string) => {
    const of = (row as unknown as Record<string, unknown>)[field];
    return of === undefined ? "nothing" : typeof of === "string" ? `“${of}”` : JSON.stringify(of);
  };
  const fields = clash.fields
    .slice(0, 3)
    .map((field) => `${field}: ${value(clash.stands, field)} stands, not ${value(clash.other, field)}`);
  return `${rowText(clash.table, clash.stands, nameOf)}. ${fields.join("; ")}`;
}
