import { readdirSync } from "node:fs";
import { join } from "node:path";
import type { ZodType } from "zod";
import {
  Activity,
  Area,
  Danger,
  Guide,
  type Hazard,
  type Makings,
  type Material,
  PACK_FORMAT,
  type Pack,
  type Rung,
  Skill,
  Theme,
} from "../../app/core/model";
import { dressedIn } from "../../app/core/themes";
import { type HazardWords, hazardWordsOf } from "./checkHazards";
import { makingsOf } from "./readMakings";
import { materialsOf } from "./readMaterials";
import { printingOf } from "./readPrinting";
import {
  axesOf,
  ContentFault,
  fitsOf,
  floorOf,
  hazardsOf,
  listOf,
  needsOf,
  prepOf,
  sentencesOf,
  usesOf,
  windowOf,
} from "./short";
import { onlyKnown, parsed, type Row, yamlOf } from "./yaml";

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
  /** Words that call for a hazard. */
  hazardWords: HazardWords[];
  /** Where each activity is written: its file. */
  fileOf: ReadonlyMap<string, string>;
}

const KNOWN_RUNG =
  "id title age axes needs grows use twin fits floor prep makes sheet hazards held adult places prepMinutes";
const KNOWN_ACTIVITY =
  "id name say area form glyph interests hazards places when kind adult seasons minutes dry rungs quiet talk explore watch mistake words wonder guess becomes fill stories variant dress trouble inserts fresh at";

function rungOf(row: Row, at: string) {
  onlyKnown(row, KNOWN_RUNG, at);
  const materials = usesOf(row.use, `${at}/use`);
  return {
    id: row.id,
    title: row.title,
    window: windowOf(row.age as string, `${at}/age`),
    axes: axesOf(row.axes, `${at}/axes`),
    needs: needsOf(row.needs, `${at}/needs`),
    grows: listOf(row.grows),
    materials,
    largePieceTwin: row.twin,
    fits: fitsOf(row.fits, `${at}/fits`),
    floor: floorOf(row.floor, materials, `${at}/floor`),
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

/** What the rungs say otherwise: "held, where-is: {quiet: …}" → by the id of each. */
function rungScriptsOf(row: Row, at: string) {
  if (row.at === undefined) return undefined;
  const ids = new Set((row.rungs as Row[]).map((rung) => rung.id));
  const scripts = Object.entries(row.at as Record<string, Row>).flatMap(([names, script]) => {
    onlyKnown(script, "quiet talk explore watch mistake", `${at}/at/${names}`);
    const strange = listOf(names).find((name) => !ids.has(name));
    if (strange) throw new ContentFault(`${at}/at`, `there is no rung "${strange}"`);
    const sentences = (text: unknown) => (text === undefined ? undefined : sentencesOf(text));
    const said = {
      quiet: sentences(script.quiet),
      talk: sentences(script.talk),
      explore: sentences(script.explore),
      watchFor: sentences(script.watch),
      mistake: script.mistake,
    };
    const given = Object.fromEntries(Object.entries(said).filter(([, one]) => one !== undefined));
    return listOf(names).map((name) => [name, given] as const);
  });
  const merged: Record<string, object> = {};
  for (const [name, given] of scripts) merged[name] = { ...merged[name], ...given };
  return merged;
}

function guideOf(row: Row, at: string) {
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
    rungs: rungScriptsOf(row, at),
  };
}

function activityOf(row: Row, family: string, at: string): Activity {
  onlyKnown(row, KNOWN_ACTIVITY, at);
  const kinds = listOf(row.kind);
  const strange = kinds.find((kind) => !["wet", "messy", "loud"].includes(kind));
  if (strange) throw new ContentFault(`${at}/kind`, `"${strange}" is not wet, messy or loud`);
  const [prepMinutes, clearMinutes, playMinutes] = String(row.minutes).split(/\s+/).map(Number);
  const common = hazardsOf(row.hazards, `${at}/hazards`);
  const rungs = (row.rungs as Row[])
    .map((rung, i) => rungOf(rung, `${at}/rungs/${rung.id ?? i}`))
    .map((rung) => ({ ...rung, hazards: [...rung.hazards, ...common] }));
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
    ...(row.when ? { routines: listOf(row.when) } : {}),
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
    guide: parsed(Guide as ZodType<Guide>, guideOf(row, at), at),
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

/** Adds a hazard for each piece that is torn, cut or broken off on a rung, at its own size. */
function withMadePieces(rung: Rung, materials: ReadonlyMap<string, Material>): Rung {
  const made = rung.makes.flatMap(({ material }): Hazard[] => {
    const { piece, name } = materials.get(material) ?? {};
    return piece && name ? [{ kind: "made-piece", name, piece }] : [];
  });
  return made.length === 0 ? rung : { ...rung, hazards: [...rung.hazards, ...made] };
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
  const materials = materialsOf(folder);
  const materialsById = new Map<string, Material>(materials.map((one) => [one.id, one]));
  const activities = families.flatMap((one) =>
    one.activities.map((row) =>
      dressedIn(
        {
          ...row,
          rungs: row.rungs.map((rung) => withMadePieces(withNeeds(rung, skillsById), materialsById)),
        },
        themes,
      ),
    ),
  );
  return {
    pack: {
      format: PACK_FORMAT,
      version: 1,
      areas,
      skills,
      materials,
      activities,
      themes: [],
      pictures: [],
      dangers: dangersOf(folder),
      printing: printingOf(folder),
    },
    makings: makingsOf(folder),
    hazardWords: hazardWordsOf(folder),
    themes,
    families: families.map((one) => one.family),
    fileOf: new Map(
      families.flatMap(({ family, activities }) => activities.map((one) => [one.id, family.file] as const)),
    ),
  };
}
