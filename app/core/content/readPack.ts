import {
  Activity,
  type Catalogue,
  type Danger,
  failed,
  type Issue,
  Material,
  PACK_FORMAT,
  PACK_KINDS,
  PACK_TABLES,
  Pack,
  type PackKind,
  type PackPicture,
  type PackRows,
  type PackTable,
  PackTheme,
  parseJson,
  parseWith,
  type Result,
  Skill,
  type Tables,
  type Theme,
  unknownKeys,
} from "../model";
import { dangersIn } from "../safety";
import { canonical, sameWord } from "../text";
import { packFaults } from "./packFaults";

/** What a pack brings, beside what is here. */
export interface PackContent {
  /** What is not here yet. */
  fresh: PackRows;
  /** What bears the id of one of our own and is otherwise. */
  changed: PackRows;
  /** How many of our own are in it as they are here. */
  same: number;
  /** What bears the id, or a theme the name, of something built in: that was reviewed, and stays. */
  builtIn: string[];
  /** What is not taken, since its words name something dangerous that no tray would be judged by. */
  refused: { name: string; danger: Danger }[];
  /** Pictures of activities that are here or come. */
  pictures: PackPicture[];
}

/** What a household has of its own. */
export type OwnRows = Pick<Tables, PackTable>;

/** What a pack is held against. */
export interface Here {
  /** What is built in, and what the household has of its own. */
  catalogue: Catalogue;
  own: OwnRows;
  /** The built-in themes. */
  themes: readonly Pick<Theme, "name">[];
}

type PackRow = PackRows[PackKind][number];

const ROWS = { skills: Skill, materials: Material, activities: Activity, themes: PackTheme };

/** A row as a pack has it: without what only the household's own row holds. */
const asInPack = (kind: PackKind, row: unknown): PackRow => ROWS[kind].parse(row);

const NO_ROWS: PackRows = { skills: [], materials: [], activities: [], themes: [] };

/** Rows of a pack beside those of the same kind that are here. */
function sorted(
  kind: PackKind,
  rows: readonly PackRow[],
  own: readonly { id: string }[],
  isBuiltIn: (row: PackRow) => boolean,
) {
  const ours = new Map<string, { id: string }>(own.map((row) => [row.id, row]));
  const rest = rows.filter((row) => ours.has(row.id) || !isBuiltIn(row));
  const isAsHere = (row: PackRow) => {
    const here = ours.get(row.id);
    return here !== undefined && canonical(asInPack(kind, here)) === canonical(row);
  };
  return {
    fresh: rest.filter((row) => !ours.has(row.id)),
    changed: rest.filter((row) => ours.has(row.id) && !isAsHere(row)),
    same: rest.filter(isAsHere).length,
    builtIn: rows.filter((row) => !rest.includes(row)).map((row) => row.name),
  };
}

/** The words of a row by which no tray is judged, but which somebody reads as advice. */
function adviceIn(row: PackRow): string[] {
  if ("after" in row) return [row.name, row.look];
  if ("dress" in row)
    return [row.name, ...row.words, ...row.print, ...row.find, ...row.dress.map((one) => one.how)];
  return [];
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

const idsOf = (rows: readonly { id: string }[]): ReadonlySet<string> => new Set(rows.map((row) => row.id));

/** What in a pack is new here, otherwise than ours, the same, built in, or refused. */
function comparedTo(pack: Pack, { catalogue, own, themes }: Here): PackContent {
  const content: PackContent = {
    ...{ fresh: { ...NO_ROWS }, changed: { ...NO_ROWS } },
    ...{ same: 0, builtIn: [], refused: [], pictures: pack.pictures },
  };
  for (const kind of PACK_KINDS) {
    const ids = kind === "themes" ? undefined : idsOf(catalogue[kind]);
    const isBuiltIn = ({ id, name }: PackRow) =>
      ids ? ids.has(id) : themes.some((theme) => sameWord(theme.name, name));
    const found = sorted(kind, pack[kind], own[PACK_TABLES[kind]], isBuiltIn);
    const dangersOf = (row: PackRow) =>
      adviceIn(row).flatMap((text) => dangersIn(text, catalogue.dangers, "prose"));
    const safe = (rows: PackRow[]) => rows.filter((row) => dangersOf(row).length === 0) as never;
    content.refused.push(
      ...[...found.fresh, ...found.changed].flatMap((row) =>
        dangersOf(row)
          .slice(0, 1)
          .map(({ danger }) => ({ name: row.name, danger })),
      ),
    );
    content.fresh[kind] = safe(found.fresh);
    content.changed[kind] = safe(found.changed);
    content.same += found.same;
    content.builtIn.push(...found.builtIn);
  }
  return content;
}

/**
 * Reads a pack from the text of a file, beside what is here. All faults are listed, and a faulty pack brings nothing.
 */
export function readPackText(text: string, here: Here): Result<PackContent> {
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
  const content = comparedTo(pack, here);
  const issues = [
    ...[...PACK_KINDS, "pictures" as const].flatMap((list) => repeatedIn(pack[list], list)),
    ...packFaults(content, pack, here.catalogue),
  ];
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: content };
}

/** What activities of one's own may hang on. */
interface OwnLists {
  ownSkills?: readonly Skill[];
  ownMaterials?: readonly Material[];
  ownThemes?: readonly PackTheme[];
}

/** The ids of everything that some activities and themes hang on. */
function namedBy(activities: readonly Activity[]) {
  const rungs = activities.flatMap((one) => one.rungs);
  return {
    materials: new Set(rungs.flatMap((rung) => rung.materials.map((need) => need.material))),
    skills: new Set(rungs.flatMap((rung) => [...rung.grows, ...rung.needs.map((need) => need.skill)])),
  };
}

/**
 * Activities with the things and skills of one's own that they hang on, and the themes and pictures that go with them, as a
 * pack for somebody else.
 */
export function packOf(
  activities: readonly Activity[],
  { ownSkills = [], ownMaterials = [], ownThemes = [] }: OwnLists = {},
  pictures: readonly PackPicture[] = [],
): Pack {
  const named = namedBy(activities);
  const rows = {
    // A skill hangs on those that come before it.
    skills: ownSkills.filter(
      ({ id }) => named.skills.has(id) || ownSkills.some((one) => one.after.includes(id)),
    ),
    materials: ownMaterials.filter(({ id }) => named.materials.has(id)),
    activities,
    themes: ownThemes,
  };
  return Pack.parse({
    format: PACK_FORMAT,
    version: 1,
    ...Object.fromEntries(PACK_KINDS.map((kind) => [kind, rows[kind].map((row) => asInPack(kind, row))])),
    pictures: pictures.filter(({ activity }) => activities.some(({ id }) => id === activity)),
  });
}
