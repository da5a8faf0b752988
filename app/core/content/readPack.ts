import {
  type Activity,
  type Catalogue,
  failed,
  type Issue,
  type Material,
  PACK_FORMAT,
  Pack,
  parseJson,
  parseWith,
  type Result,
  type Tables,
  unknownKeys,
} from "../model";
import { canonical } from "../text";
import { faultsOfActivity, knownOf } from "./checkActivity";
import { materialFaults } from "./checkCatalogue";

/** Things and activities, as a pack has them. */
export interface PackRows {
  materials: Material[];
  activities: Activity[];
}

/** What a pack brings, beside what is here. */
export interface PackContent {
  /** What is not here yet. */
  fresh: PackRows;
  /** What bears the id of one of our own and is otherwise. */
  changed: PackRows;
  /** How many of our own are in it as they are here. */
  same: number;
  /** What bears the id of something built in: that was reviewed, and stays. */
  builtIn: string[];
}

/** What a household has of its own. */
export type OwnRows = Pick<Tables, "ownMaterials" | "ownActivities">;

/** Rows of a pack beside those of the same kind that are here. */
function sorted<R extends { id: string; name: string }>(
  rows: readonly R[],
  builtIn: ReadonlySet<string>,
  own: readonly { id: string }[],
  asInPack: (row: { id: string }) => R,
) {
  const ours = new Map<string, { id: string }>(own.map((row) => [row.id, row]));
  const rest = rows.filter((row) => ours.has(row.id) || !builtIn.has(row.id));
  const isAsHere = (row: R) => {
    const here = ours.get(row.id);
    return here !== undefined && canonical(asInPack(here)) === canonical(row);
  };
  return {
    fresh: rest.filter((row) => !ours.has(row.id)),
    changed: rest.filter((row) => ours.has(row.id) && !isAsHere(row)),
    same: rest.filter(isAsHere).length,
    builtIn: rows.filter((row) => !rest.includes(row)).map((row) => row.name),
  };
}

const isPack = (value: unknown): boolean =>
  typeof value === "object" && value !== null && "format" in value && value.format === PACK_FORMAT;

const foreign: Issue = {
  code: "foreign-file",
  path: "format",
  message: "This is not a pack of activities. Choose a file whose format is “orto-pack”.",
};

/** Ids that stand more than once: which of them is meant, nobody knows. */
function repeatedIn(rows: readonly { id: string }[], list: string): Issue[] {
  const seen = new Set<string>();
  return rows.flatMap(({ id }, i) => {
    if (!seen.has(id)) {
      seen.add(id);
      return [];
    }
    const message = `the id "${id}" stands twice. Give one of them another.`;
    return [{ code: "repeated-id", path: `${list}[${i}].id`, message }];
  });
}

const asMaterial = (row: unknown): Material => Pack.shape.materials.element.parse(row);
const asActivity = (row: unknown): Activity => Pack.shape.activities.element.parse(row);

const idsOf = (rows: readonly { id: string }[]): ReadonlySet<string> => new Set(rows.map((row) => row.id));

/** What in a pack is new here, otherwise than ours, the same, or built in. */
function comparedTo(pack: Pack, catalogue: Catalogue, own: OwnRows): PackContent {
  const materials = sorted(pack.materials, idsOf(catalogue.materials), own.ownMaterials, asMaterial);
  const activities = sorted(pack.activities, idsOf(catalogue.activities), own.ownActivities, asActivity);
  return {
    fresh: { materials: materials.fresh, activities: activities.fresh },
    changed: { materials: materials.changed, activities: activities.changed },
    same: materials.same + activities.same,
    builtIn: [...materials.builtIn, ...activities.builtIn],
  };
}

/** What is wrong with the rows of a pack that would come, each judged among all that would be here then. */
function faultsOf({ fresh, changed }: PackContent, catalogue: Catalogue): Issue[] {
  const materials = [...fresh.materials, ...changed.materials];
  const coming = idsOf(materials);
  const all = [...catalogue.materials.filter((one) => !coming.has(one.id)), ...materials];
  const known = knownOf({ skills: catalogue.skills, materials: all });
  return [
    ...materialFaults(materials, all),
    ...[...fresh.activities, ...changed.activities].flatMap((activity) =>
      faultsOfActivity(activity, known).map((fault) => ({
        ...fault,
        path: `activities/${activity.id}/${fault.path}`,
        message: `${activity.name}: ${fault.message}`,
      })),
    ),
  ];
}

/**
 * Reads a pack of activities from the text of a file, beside what is here: the catalogue, with what the household has of its own.
 * All faults are listed, and a faulty pack brings nothing.
 */
export function readPackText(text: string, catalogue: Catalogue, own: OwnRows): Result<PackContent> {
  const read = parseJson(text);
  if (!read.ok) {
    const why = read.issues.map((one) => one.message).join(" ");
    const message = `The file is damaged or not a pack: ${why} Choose another copy of it.`;
    return failed({ code: "damaged-file", path: "", message });
  }
  const input = read.value;
  if (!isPack(input)) return failed(foreign);
  const parsed = parseWith(Pack, input);
  if (!parsed.ok) return parsed;
  const pack = parsed.value;
  const strange = unknownKeys(input, pack);
  if (strange.length > 0) return { ok: false, issues: strange };
  const content = comparedTo(pack, catalogue, own);
  const issues = [
    ...repeatedIn(pack.materials, "materials"),
    ...repeatedIn(pack.activities, "activities"),
    ...faultsOf(content, catalogue),
  ];
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: content };
}

/** Activities of one's own with the things they need that are not built in, as a pack for somebody else. */
export function packOf(activities: readonly Activity[], ownMaterials: readonly Material[]): Pack {
  const named = new Set(
    activities.flatMap((one) => one.rungs.flatMap((r) => r.materials.map((n) => n.material))),
  );
  return {
    format: PACK_FORMAT,
    version: 1,
    areas: [],
    skills: [],
    dangers: [],
    materials: ownMaterials.filter((one) => named.has(one.id)).map(asMaterial),
    activities: activities.map(asActivity),
  };
}
