import type { Activity, Catalogue, Material, OwnActivity, OwnMaterial, Tables } from "../model";
import { dangerHazard, dangersOfActivity, dangersOfThing, isSmallByName } from "../safety";
import { dressedIn } from "../themes";

type BuiltIn = Catalogue;

/**
 * A thing of one's own as it is judged: with what its name says of danger, and as small where the name says so and no
 * size is given. What the adult said it is not, is left out.
 */
function judgedThing(own: OwnMaterial, { dangers }: BuiltIn): Material {
  const found = dangersOfThing(own, dangers, own.notDangers).map(dangerHazard);
  const unsized = isSmallByName(own) ? [{ kind: "unsized" as const }] : [];
  return found.length + unsized.length === 0
    ? own
    : { ...own, hazards: [...own.hazards, ...found, ...unsized] };
}

/** An activity of one's own as it is judged: with the dangers that its words name. */
function judgedActivity(own: OwnActivity, { dangers }: BuiltIn): Activity {
  const { common, rungs } = dangersOfActivity(own, dangers, own.notDangers);
  if (common.length === 0 && rungs.every((one) => one.length === 0)) return own;
  return {
    ...own,
    rungs: own.rungs.map((rung, i) => ({
      ...rung,
      hazards: [...rung.hazards, ...[...new Set([...common, ...(rungs[i] ?? [])])].map(dangerHazard)],
    })),
  };
}

const OWN_TABLES = ["ownSkills", "ownMaterials", "ownActivities", "ownThemes"] as const;
type Own = Pick<Tables, (typeof OWN_TABLES)[number]>;

const known = new WeakMap<BuiltIn, { of: Own; made: Catalogue }>();

/**
 * The built-in catalogue with the household's own skills, things and activities, and dressed in its themes; a built-in id stays
 * what is built in.
 */
export function catalogueOf(builtIn: BuiltIn, tables: Own): Catalogue {
  const before = known.get(builtIn);
  if (before && OWN_TABLES.every((table) => before.of[table] === tables[table])) return before.made;
  const skills = new Set(builtIn.skills.map((one) => one.id));
  const things = new Set(builtIn.materials.map((one) => one.id));
  const activities = new Set(builtIn.activities.map((one) => one.id));
  const made: Catalogue = {
    skills: [...builtIn.skills, ...tables.ownSkills.filter((one) => !skills.has(one.id))],
    dangers: builtIn.dangers,
    printing: builtIn.printing,
    materials: [
      ...builtIn.materials,
      ...tables.ownMaterials.filter((one) => !things.has(one.id)).map((one) => judgedThing(one, builtIn)),
    ],
    activities: [
      ...builtIn.activities,
      ...tables.ownActivities
        .filter((one) => !activities.has(one.id))
        .map((one) => judgedActivity(one, builtIn)),
    ].map((one) => dressedIn(one, tables.ownThemes)),
  };
  known.set(builtIn, { of: tables, made });
  return made;
}
