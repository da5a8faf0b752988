import type { Issue } from "./issue";
import type { BuiltIn, TableName, Tables } from "./tables";

/** What a row can name. */
type Target =
  | "homes"
  | "children"
  | "places"
  | "moments"
  | "rotations"
  | "trays"
  | "holdings"
  | "observations"
  | "sittings"
  | "activities"
  | "materials"
  | "skills";

const NAMES: Readonly<Record<Target, string>> = {
  homes: "home",
  children: "child",
  places: "place",
  moments: "moment of the day",
  rotations: "rotation",
  trays: "tray",
  holdings: "thing of the cupboard",
  observations: "note",
  sittings: "sitting",
  activities: "activity",
  materials: "material",
  skills: "skill",
};

/** For each table the fields that name something: `allotted[].material` is the material of each that is allotted. */
export const LINKS: { readonly [T in TableName]?: Readonly<Record<string, Target>> } = {
  places: {
    site: "homes",
    "outOfReachOf[]": "children",
    "reachedBy[]": "children",
    "servesOnly[]": "children",
    "exclusiveWith[]": "places",
  },
  holdings: { site: "homes", material: "materials" },
  ownSkills: { "after[]": "skills" },
  ownThemes: { "dress[].activity": "activities" },
  ownMaterials: { "standIns[].material": "materials" },
  ownActivities: {
    "rungs[].materials[].material": "materials",
    "rungs[].grows[]": "skills",
    "rungs[].needs[].skill": "skills",
  },
  wishes: { child: "children", activity: "activities", place: "places" },
  rotations: { site: "homes" },
  trays: {
    rotation: "rotations",
    child: "children",
    "also[]": "children",
    activity: "activities",
    place: "places",
    "allotted[].material": "materials",
    "allotted[].holding": "holdings",
    "allotted[].mixed[].holding": "holdings",
    "when.moment": "moments",
  },
  moments: { place: "places", "children[]": "children", "asleep[]": "children" },
  observations: { child: "children", activity: "activities", tray: "trays", sitting: "sittings" },
  skillNotes: { child: "children", skill: "skills" },
  decisions: { tray: "trays", child: "children", activity: "activities", toChild: "children" },
  inserts: {
    tray: "trays",
    child: "children",
    activity: "activities",
    observation: "observations",
    "took[].holding": "holdings",
  },
  photos: { observation: "observations", activity: "activities" },
  prepStates: {
    rotation: "rotations",
    "before[].holding": "holdings",
    "took[].holding": "holdings",
    "back[].holding": "holdings",
    "kept[].tray": "trays",
    "kept[].material": "materials",
    "kept[].holding": "holdings",
  },
  countings: { tray: "trays" },
  watches: { tray: "trays" },
  worries: { child: "children" },
  nextTimes: { activity: "activities" },
  anecdotes: { child: "children", skill: "skills", activity: "activities" },
  sittings: {
    site: "homes",
    material: "materials",
    "children[]": "children",
    "steps[].activity": "activities",
    "steps[].moment": "moments",
    "steps[].took[].holding": "holdings",
  },
  pieceLists: { child: "children", activity: "activities" },
  madeSheets: {},
};

interface Found {
  path: readonly (string | number)[];
  value: unknown;
}

/** The values at a field of a row, each with its path; none where the field is not given. */
function valuesAt(value: unknown, field: string): Found[] {
  let found: Found[] = [{ path: [], value }];
  for (const step of field.split(".")) {
    const key = step.replace("[]", "");
    found = found.flatMap(({ path, value: at }) => {
      const next = (at as Record<string, unknown>)[key];
      if (next === undefined) return [];
      if (!step.endsWith("[]")) return [{ path: [...path, key], value: next }];
      return (next as unknown[]).map((one, i) => ({ path: [...path, key, i], value: one }));
    });
  }
  return found;
}

const pathText = (path: readonly (string | number)[]) =>
  path.map((step) => (typeof step === "number" ? `[${step}]` : `.${step}`)).join("");

/** A row that names something that is nowhere. */
export interface BrokenLink {
  table: TableName;
  /** Which row of the table, from 0, and where in it. */
  row: number;
  path: readonly (string | number)[];
  issue: Issue;
}

const idsOf = (rows: readonly { id: string }[]) => rows.map((row) => row.id);

/** What is named that need not be in the tables: it may be built in. */
export type CatalogueTarget = "activities" | "materials" | "skills";

/** Tells what is built in. */
export function isIn({
  activities,
  materials,
  skills,
}: BuiltIn): (target: CatalogueTarget, id: string) => boolean {
  const ids: Record<CatalogueTarget, ReadonlySet<string>> = {
    activities: new Set(idsOf(activities)),
    materials: new Set(idsOf(materials)),
    skills: new Set(idsOf(skills)),
  };
  return (target, id) => ids[target].has(id);
}

/** Everything that rows may name, deleted rows among it: what is deleted is still known. */
function knownIds(tables: Tables): Record<Target, ReadonlySet<string>> {
  return {
    homes: new Set(tables.household.flatMap((row) => idsOf(row.sites))),
    children: new Set(idsOf(tables.children)),
    places: new Set(idsOf(tables.places)),
    moments: new Set(idsOf(tables.moments)),
    rotations: new Set(idsOf(tables.rotations)),
    trays: new Set(idsOf(tables.trays)),
    holdings: new Set(idsOf(tables.holdings)),
    observations: new Set(idsOf(tables.observations)),
    sittings: new Set(idsOf(tables.sittings)),
    activities: new Set(idsOf(tables.ownActivities)),
    materials: new Set(idsOf(tables.ownMaterials)),
    skills: new Set(idsOf(tables.ownSkills)),
  };
}

/**
 * Rows that name what is neither in the tables nor built in. Rungs are left out: one's own activity may have lost a rung
 * that old notes name.
 */
export function brokenLinks(
  tables: Tables,
  isBuiltIn: (target: CatalogueTarget, id: string) => boolean,
): BrokenLink[] {
  const known = knownIds(tables);
  const isKnown = (target: Target, id: string) =>
    known[target].has(id) ||
    ((target === "activities" || target === "materials" || target === "skills") && isBuiltIn(target, id));
  return (Object.keys(LINKS) as TableName[]).flatMap((table) =>
    Object.entries(LINKS[table] ?? {}).flatMap(([field, target]) =>
      tables[table].flatMap((row, i) =>
        valuesAt(row, field)
          .filter(({ value }) => !isKnown(target, String(value)))
          .map(({ path, value }) => ({
            table,
            row: i,
            path,
            issue: {
              code: "unknown-id",
              path: `tables.${table}[${i}]${pathText(path)}`,
              message: `names the ${NAMES[target]} "${value}", which is neither in the file nor built in`,
            },
          })),
      ),
    ),
  );
}
