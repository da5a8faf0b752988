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
  unknownKeys,
} from "../model";
import { faultsOfActivity, knownOf } from "./checkActivity";
import { materialFaults } from "./checkCatalogue";

/** What a pack brings that is not here yet. */
export interface PackContent {
  materials: Material[];
  activities: Activity[];
  /** How many of its materials and activities are here already; ours count, so that a pack can't change them. */
  known: number;
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

/** Reads a pack of activities from the text of a file; all faults are listed, and a faulty pack brings nothing. */
export function readPackText(text: string, catalogue: Catalogue): Result<PackContent> {
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
  const strange = unknownKeys(input, parsed.value);
  if (strange.length > 0) return { ok: false, issues: strange };
  const here = new Set([...catalogue.materials, ...catalogue.activities].map((one) => one.id));
  const materials = parsed.value.materials.filter((one) => !here.has(one.id));
  const activities = parsed.value.activities.filter((one) => !here.has(one.id));
  const everything = { skills: catalogue.skills, materials: [...catalogue.materials, ...materials] };
  const known = knownOf(everything);
  const issues = [
    ...repeatedIn(parsed.value.materials, "materials"),
    ...repeatedIn(parsed.value.activities, "activities"),
    ...materialFaults(materials, everything.materials),
    ...activities.flatMap((activity) =>
      faultsOfActivity(activity, known).map((fault) => ({
        ...fault,
        path: `activities/${activity.id}/${fault.path}`,
        message: `${activity.name}: ${fault.message}`,
      })),
    ),
  ];
  if (issues.length > 0) return { ok: false, issues };
  const all = parsed.value.materials.length + parsed.value.activities.length;
  return { ok: true, value: { materials, activities, known: all - materials.length - activities.length } };
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
    materials: ownMaterials
      .filter((one) => named.has(one.id))
      .map((one) => Pack.shape.materials.element.parse(one)),
    activities: activities.map((one) => Pack.shape.activities.element.parse(one)),
  };
}
