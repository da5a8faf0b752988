import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { LineCounter, parseDocument } from "yaml";
import type { ZodType } from "zod";
import {
  Activity,
  Area,
  Danger,
  Guide,
  Making,
  type Makings,
  Material,
  PACK_FORMAT,
  type Pack,
  type Rung,
  Skill,
  Theme,
} from "../../app/core/model";
import { wordsOf } from "../../app/core/themes";
import {
  axesOf,
  ContentFault,
  type FormRow,
  fitsOf,
  hazardsOf,
  listOf,
  lookOf,
  needsOf,
  pieceOf,
  prepOf,
  sentencesOf,
  standInsOf,
  usesOf,
  wellsOf,
  windowOf,
} from "./short";

type Row = Record<string, unknown>;

/** What one family of activities leads through, from easy to hard, and the rungs that carry each arrow. */
export interface Family {
  name: string;
  file: string;
  arrows: { text: string; rungs: string[] }[];
}

/** The content as it is written, checked by the schemas. */
export interface Content {
  /** The whole pack, guides included. */
  pack: Pack;
  makings: Makings;
  themes: Theme[];
  families: Family[];
  /** Where each activity is written: its file. */
  fileOf: ReadonlyMap<string, string>;
}

function yamlOf(file: string, folder: string): unknown {
  const lines = new LineCounter();
  const document = parseDocument(readFileSync(join(folder, file), "utf8"), { lineCounter: lines });
  const [error] = document.errors;
  if (error) throw new ContentFault(`${file}:${error.linePos?.[0].line ?? 1}`, error.message);
  return document.toJS();
}

function parsed<T>(schema: ZodType<T>, value: unknown, at: string): T {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const [issue] = result.error.issues;
  throw new ContentFault(
    `${at}/${issue?.path.join("/") ?? ""}`,
    issue?.message ?? "does not suit its schema",
  );
}

const KNOWN_RUNG =
  "id title age axes needs grows use twin fits prep makes sheet hazards held adult places prepMinutes";
const KNOWN_ACTIVITY =
  "id name say area form glyph interests places kind adult seasons minutes dry rungs quiet talk explore watch mistake words wonder guess becomes fill stories variant dress trouble inserts fresh";

function onlyKnown(row: Row, known: string, at: string) {
  const names = known.split(" ");
  const strange = Object.keys(row).find((key) => !names.includes(key));
  if (strange) throw new ContentFault(at, `"${strange}" is not a word that is known here: ${known}`);
}

function rungOf(row: Row, at: string) {
  onlyKnown(row, KNOWN_RUNG, at);
  return {
    id: row.id,
    title: row.title,
    window: windowOf(row.age as string, `${at}/age`),
    axes: axesOf(row.axes, `${at}/axes`),
    needs: needsOf(row.needs, `${at}/needs`),
    grows: listOf(row.grows),
    materials: usesOf(row.use, `${at}/use`),
    largePieceTwin: row.twin,
    fits: fitsOf(row.fits, `${at}/fits`),
    prep: prepOf(row.prep, `${at}/prep`),
    makes: usesOf(row.makes, `${at}/makes`).map(({ material, quantity }) => ({ material, quantity })),
    sheet: row.sheet,
    hazards: hazardsOf(row.hazards, `${at}/hazards`),
    held: row.held,
    adult: row.adult,
    places: row.places === undefined ? undefined : listOf(row.places),
    prepMinutes: row.prepMinutes,
  };
}

function guideOf(row: Row) {
  return {
    quiet: sentencesOf(row.quiet),
    talk: sentencesOf(row.talk),
    explore: sentencesOf(row.explore),
    watchFor: sentencesOf(row.watch),
    mistake: row.mistake,
    words: listOf(row.words),
    wonder: row.wonder,
    guess: row.guess,
    turnsInto: sentencesOf(row.becomes),
    fillings: row.fill ?? {},
    stories: sentencesOf(row.stories),
    variant: row.variant,
    dress: row.dress,
    troubles: Object.entries((row.trouble ?? {}) as Record<string, string>).map(([wrong, fix]) => ({
      wrong,
      fix,
    })),
    inserts: listOf(row.inserts),
  };
}

function activityOf(row: Row, family: string, at: string): Activity {
  onlyKnown(row, KNOWN_ACTIVITY, at);
  const kinds = listOf(row.kind);
  const strange = kinds.find((kind) => !["wet", "messy", "loud"].includes(kind));
  if (strange) throw new ContentFault(`${at}/kind`, `"${strange}" is not wet, messy or loud`);
  const [prepMinutes, clearMinutes, playMinutes] = String(row.minutes).split(/\s+/).map(Number);
  const rungs = (row.rungs as Row[]).map((rung, i) => rungOf(rung, `${at}/rungs/${rung.id ?? i}`));
  const activity = {
    id: row.id,
    name: row.name,
    invitation: row.say,
    area: row.area,
    family,
    form: row.form,
    glyph: row.glyph,
    interests: listOf(row.interests),
    places: listOf(row.places),
    wet: kinds.includes("wet"),
    messy: kinds.includes("messy"),
    loud: kinds.includes("loud"),
    adult: row.adult,
    seasons: listOf(row.seasons),
    prepMinutes,
    clearMinutes,
    playMinutes,
    dryHours: row.dry,
    insertsUseUp: row.fresh,
    ...(row.fill ? { fills: Object.keys(row.fill as object) } : {}),
    rungs,
  };
  return {
    ...parsed(Activity as ZodType<Activity>, activity, at),
    guide: parsed(Guide as ZodType<Guide>, guideOf(row), at),
  };
}

interface FamilyFile {
  family: string;
  arrows: Record<string, string>;
  activities: Row[];
}

function familyOf(file: string, folder: string) {
  const { family, arrows, activities } = yamlOf(file, folder) as FamilyFile;
  return {
    family: {
      name: family,
      file,
      arrows: Object.entries(arrows ?? {}).map(([text, rungs]) => ({ text, rungs: listOf(rungs) })),
    },
    activities: activities.map((row) => activityOf(row, family, `${file}: ${row.id}`)),
  };
}

/** "250 g" → quantity and unit; "1" → pieces. */
function partOf([name, text]: [string, unknown], at: string) {
  const [, quantity, unit = "piece"] = /^([\d.]+)(?: (g|ml))?$/.exec(String(text)) ?? [];
  if (!quantity) throw new ContentFault(at, `"${text}" is not an amount in g, ml or pieces`);
  return { name, quantity: Number(quantity), unit };
}

/** How things are mixed at home, by the material they make. */
function recipesOf(folder: string): Map<string, object> {
  const rows = yamlOf("recipes.yaml", folder) as Record<string, Row>;
  return new Map(
    Object.entries(rows).map(([id, row]) => {
      const at = `recipes.yaml: ${id}`;
      onlyKnown(row, "makes parts how minutes stands keeps bought", at);
      const parts = Object.entries(row.parts as Row).map((part) => partOf(part, `${at}/parts`));
      const { makes, how, minutes, stands, keeps } = row;
      const orBought = row.bought === true || undefined;
      return [id, { makes, parts, how, minutes, standsHours: stands ?? 0, keepsDays: keeps, orBought }];
    }),
  );
}

/** "slot in the lid" → what is cut, for which thing, by which of its measures. */
function cutsOf(row: unknown, at: string) {
  return Object.entries((row ?? {}) as Record<string, Row>).map(([what, { for: piece, ...sizes }]) => ({
    what,
    for: piece,
    sizes: Object.entries(sizes).map(([is, text]) => {
      const [of, plusMm] = String(text).split(/\s+/);
      if (!of || !Number.isFinite(Number(plusMm)))
        throw new ContentFault(at, `"${text}" is not a measure and what it is larger by, as "thick 10"`);
      return { is, of, plusMm: Number(plusMm) };
    }),
  }));
}

/** How things are made at home, by the material. */
function makingsOf(folder: string): Makings {
  const rows = yamlOf("makings.yaml", folder) as Record<string, Row>;
  return Object.fromEntries(
    Object.entries(rows).map(([id, row]) => {
      const at = `makings.yaml: ${id}`;
      onlyKnown(row, "from tools cuts steps test minutes dry near keeps", at);
      const { from, tools, test, minutes, near, keeps } = row;
      const making = {
        from,
        tools,
        cuts: cutsOf(row.cuts, `${at}/cuts`),
        steps: sentencesOf(row.steps),
        test,
        minutes,
        dryHours: row.dry ?? 0,
        near,
        keeps: String(keeps),
      };
      return [id, parsed(Making as ZodType<Making>, making, at)];
    }),
  );
}

/** Themes by their names, with the activities that each dresses. */
function themesOf(folder: string): Theme[] {
  const rows = yamlOf("themes.yaml", folder) as Record<string, Row>;
  return Object.entries(rows).map(([name, row]) => {
    const at = `themes.yaml: ${name}`;
    onlyKnown(row, "also dress words print find", at);
    const dress = Object.entries(row.dress as Record<string, string>).map(([activity, how]) => ({
      activity,
      how,
    }));
    const theme = { name, also: listOf(row.also), dress, words: row.words, print: row.print, find: row.find };
    return parsed(Theme as ZodType<Theme>, theme, at);
  });
}

/** An activity can be dressed in the themes that name it: their words are interests that it serves. */
const withThemes = (activity: Activity, themes: readonly Theme[]): Activity => {
  const words = themes
    .filter((theme) => theme.dress.some((one) => one.activity === activity.id))
    .flatMap(wordsOf);
  return { ...activity, interests: [...new Set([...activity.interests, ...words])] };
};

/** Groups of forms that a layout tells apart. */
const FORM_KINDS: Readonly<Record<string, FormRow["as"]>> = { vessels: "vessel", tools: "tool" };

/** How things are drawn, by form. */
function formsOf(folder: string): Map<string, FormRow> {
  const groups = yamlOf("forms.yaml", folder) as Record<string, Record<string, Row>>;
  return new Map(
    Object.entries(groups).flatMap(([group, rows]) =>
      Object.entries(rows).map(([name, row]): [string, FormRow] => {
        onlyKnown(row, "top front stands", `forms.yaml: ${name}`);
        const top = String(row.top);
        const front = row.front === "same" ? top : row.front;
        const as = FORM_KINDS[group];
        return [
          name,
          {
            top,
            ...(as ? { as } : {}),
            ...(front === undefined ? {} : { front: String(front) }),
            ...(row.stands ? { stands: true as const } : {}),
          },
        ];
      }),
    ),
  );
}

function materialsOf(folder: string): Material[] {
  const recipes = recipesOf(folder);
  const forms = formsOf(folder);
  const byPlace = yamlOf("materials.yaml", folder) as Record<string, Row[]>;
  return Object.entries(byPlace).flatMap(([found, rows]) =>
    rows.map((row) => {
      const at = `materials.yaml: ${row.id}`;
      onlyKnown(
        row,
        "id name also has piece opening wells holds stem bulk hazards standIns uses pack seasons keeps look",
        at,
      );
      const [quantity, cents] = row.pack === undefined ? [] : String(row.pack).split(/\s+/).map(Number);
      const material = {
        id: row.id,
        name: row.name,
        also: listOf(row.also),
        found,
        usual: row.has ?? 0,
        use: row.uses === undefined ? "reusable" : "consumable",
        unit: row.uses ?? "piece",
        piece: pieceOf(row.piece, `${at}/piece`),
        openingMm: row.opening,
        wells: wellsOf(row.wells, `${at}/wells`),
        holdsMl: row.holds,
        stemMm: row.stem,
        bulkMl: row.bulk,
        hazards: hazardsOf(row.hazards, `${at}/hazards`),
        standIns: standInsOf(row.standIns),
        seasons: listOf(row.seasons),
        keepsDays: row.keeps,
        recipe: recipes.get(String(row.id)),
        pack: quantity === undefined ? undefined : { quantity, cents },
        look: lookOf(row.look, forms, `${at}/look`),
      };
      return parsed(Material as ZodType<Material>, material, at);
    }),
  );
}

function skillsOf(folder: string): Skill[] {
  const { sources, skills } = yamlOf("skills.yaml", folder) as {
    sources: Record<string, string>;
    skills: Row[];
  };
  return skills.map((row) => {
    const at = `skills.yaml: ${row.id}`;
    onlyKnown(row, "id name area age basis source look after", at);
    const source = sources[String(row.source)];
    if (!source) throw new ContentFault(`${at}/source`, `"${row.source}" is not one of the sources`);
    return parsed(
      Skill as ZodType<Skill>,
      {
        ...row,
        age: undefined,
        window: windowOf(row.age as string, `${at}/age`),
        source,
        after: listOf(row.after),
      },
      at,
    );
  });
}

function dangersOf(folder: string): Danger[] {
  const { sources, dangers } = yamlOf("dangers.yaml", folder) as {
    sources: Record<string, string>;
    dangers: Row[];
  };
  return dangers.map((row) => {
    const at = `dangers.yaml: ${row.id}`;
    onlyKnown(row, "id name words names not kind effect until bySize why instead source", at);
    const source = sources[String(row.source)];
    if (!source) throw new ContentFault(`${at}/source`, `"${row.source}" is not one of the sources`);
    const { until, words, names, not, ...rest } = row;
    return parsed(
      Danger as ZodType<Danger>,
      { ...rest, source, untilMonths: until, words: listOf(words), names: listOf(names), not: listOf(not) },
      at,
    );
  });
}

/** How much hangs on what usually comes before, where nothing was written of a rung's needs: our judgement. */
const BEFORE_WEIGHT = 0.3;

/** Gives a rung of which nothing else was written the needs of what it grows: the skills that usually come before it. */
function withNeeds(rung: Rung, skills: ReadonlyMap<string, Skill>): Rung {
  if (rung.needs.length > 0) return rung;
  const before = new Set(rung.grows.flatMap((id) => skills.get(id)?.after ?? []));
  const isEarlier = (id: string) => (skills.get(id)?.window.median ?? 0) <= rung.window.median;
  return {
    ...rung,
    needs: [...before]
      .filter((id) => !rung.grows.includes(id) && isEarlier(id))
      .map((skill) => ({ skill, weight: BEFORE_WEIGHT, forSafety: false })),
  };
}

const FAMILIES = "families";

/** Reads every content file of the folder. Throws a ContentFault that names file and place. */
export function readContent(folder: string): Content {
  const families = readdirSync(join(folder, FAMILIES))
    .filter((name) => name.endsWith(".yaml"))
    .sort()
    .map((name) => familyOf(`${FAMILIES}/${name}`, folder));
  const areas = (yamlOf("areas.yaml", folder) as unknown[]).map((row) => parsed(Area, row, "areas.yaml"));
  const skills = skillsOf(folder);
  const skillsById = new Map(skills.map((one) => [one.id, one]));
  const themes = themesOf(folder);
  const activities = families.flatMap((one) =>
    one.activities.map((row) =>
      withThemes({ ...row, rungs: row.rungs.map((rung) => withNeeds(rung, skillsById)) }, themes),
    ),
  );
  return {
    pack: {
      format: PACK_FORMAT,
      version: 1,
      areas,
      skills,
      materials: materialsOf(folder),
      activities,
      dangers: dangersOf(folder),
    },
    makings: makingsOf(folder),
    themes,
    families: families.map((one) => one.family),
    fileOf: new Map(
      families.flatMap(({ family, activities }) => activities.map((one) => [one.id, family.file] as const)),
    ),
  };
}
