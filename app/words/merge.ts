import type { MergedRow } from "../core/merge";
import type { PlainDate, Row, TableName } from "../core/model";
import { shortDate } from "./dates";
import { changedFields } from "./fields";

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
  ownSkills: ["skill of our own", "skills of our own"],
  ownThemes: ["theme of our own", "themes of our own"],
};

const DONE: Record<MergedRow["what"], string> = {
  new: "new",
  changed: "changed",
  gone: "taken away",
  back: "back",
};

/** What rows are called by: activities, things, places, children, skills, by id. */
export type NamesById = ReadonlyMap<string, string>;

/** A row in a few words, by what names it best. */
export function rowText(table: TableName, row: Row, names: NamesById): string {
  const of = row as Row & Partial<Record<(typeof NAMING)[number] | "name" | "child" | "on", string>>;
  const named = of.name ?? NAMING.map((field) => of[field]).find((one) => one !== undefined);
  const about = named && (names.get(named) ?? shortened(named));
  const child = of.child && names.get(of.child);
  const day = of.on && shortDate(of.on as PlainDate);
  return [NAMES[table]?.[0] ?? "row", about, child, day].filter(Boolean).join(", ");
}

/** What names a row that has no name, the best first. */
const NAMING = ["activity", "material", "skill", "routine", "words", "label"] as const;
const LONGEST = 60;
const shortened = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text);

/** Rows of one table to which the same happened. */
export interface CameGroup {
  /** "12 notes, new" */
  title: string;
  /** Each row in words; of very many the first. */
  rows: string[];
  /** How many more there are. */
  more: number;
}

/** So many rows of a kind are told one by one. */
const TOLD = 100;

/** A row that came, with what is otherwise on it than before. */
function cameText({ table, what, before, after }: MergedRow, names: NamesById): string {
  const text = rowText(table, after, names);
  return what === "changed" && before ? `${text}: ${changedFields(before, after).join(", ")}` : text;
}

/** What came, by table and kind, and within it row by row. */
export function cameGroups(came: readonly MergedRow[], names: NamesById): CameGroup[] {
  const groups = new Map<string, MergedRow[]>();
  for (const row of came) {
    const key = `${row.table} ${row.what}`;
    const rows = groups.get(key);
    if (rows) rows.push(row);
    else groups.set(key, [row]);
  }
  return [...groups.values()].flatMap((rows) => {
    const [{ table, what }] = rows as [MergedRow];
    const name = NAMES[table];
    if (!name) return [];
    return [
      {
        title: `${rows.length} ${rows.length === 1 ? name[0] : name[1]}, ${DONE[what]}`,
        rows: rows.slice(0, TOLD).map((one) => cameText(one, names)),
        more: Math.max(rows.length - TOLD, 0),
      },
    ];
  });
}
