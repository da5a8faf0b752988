import type { Activity, Catalogue, Issue, Pack, PackPicture, PackRows, PackTheme } from "../model";
import { faultsOfActivity, knownOf } from "./checkActivity";
import { materialFaults, skillFaults } from "./checkCatalogue";

/** The first letters of a picture of each kind in base64: the marks that its first bytes are. */
const MARKS: Readonly<Record<PackPicture["mime"], string>> = {
  "image/jpeg": "/9j/",
  "image/png": "iVBORw0KGgo",
  "image/webp": "UklGR",
};

const pictureFaults = (pictures: readonly PackPicture[], activities: ReadonlySet<string>): Issue[] =>
  pictures.flatMap(({ activity, mime, base64 }, i): Issue[] => [
    ...(activities.has(activity)
      ? []
      : [
          {
            code: "unknown-activity",
            path: `pictures[${i}].activity`,
            message: `There is no activity "${activity}".`,
          },
        ]),
    ...(base64.startsWith(MARKS[mime])
      ? []
      : [
          {
            code: "no-picture",
            path: `pictures[${i}].base64`,
            message: `This is no picture as ${mime} has it.`,
          },
        ]),
  ]);

const themeFaults = (themes: readonly PackTheme[], activities: ReadonlySet<string>): Issue[] =>
  themes.flatMap((theme) =>
    theme.dress
      .filter(({ activity }) => !activities.has(activity))
      .map(({ activity }) => ({
        code: "unknown-activity",
        path: `themes/${theme.id}/dress`,
        message: `${theme.name}: there is no activity "${activity}".`,
      })),
  );

/** The rows that would be here if some came: those of the same id give way to them. */
function withComing<R extends { id: string }>(here: readonly R[], coming: readonly R[]): R[] {
  const ids = new Set(coming.map((one) => one.id));
  return [...here.filter((one) => !ids.has(one.id)), ...coming];
}

/** What is wrong with the rows of a pack that would come, each judged among all that would be here then. */
export function packFaults(
  { fresh, changed }: { fresh: PackRows; changed: PackRows },
  pack: Pick<Pack, "pictures">,
  catalogue: Catalogue,
): Issue[] {
  const coming = {
    skills: [...fresh.skills, ...changed.skills],
    materials: [...fresh.materials, ...changed.materials],
    activities: [...fresh.activities, ...changed.activities],
    themes: [...fresh.themes, ...changed.themes],
  };
  const skills = withComing(catalogue.skills, coming.skills);
  const materials = withComing(catalogue.materials, coming.materials);
  const activities: ReadonlySet<string> = new Set(
    withComing<Activity>(catalogue.activities, coming.activities).map(({ id }) => id),
  );
  const known = knownOf({ skills, materials });
  return [
    ...skillFaults(coming.skills, skills),
    ...materialFaults(coming.materials, materials),
    ...coming.activities.flatMap((activity) =>
      faultsOfActivity(activity, known).map((fault) => ({
        ...fault,
        path: `activities/${activity.id}/${fault.path}`,
        message: `${activity.name}: ${fault.message}`,
      })),
    ),
    ...themeFaults(coming.themes, activities),
    ...pictureFaults(pack.pictures, activities),
  ];
}
