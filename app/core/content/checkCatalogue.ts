import { bareRung, missingNeeds, type Stock } from "../materials";
import type { Activity, Catalogue, Guide, Issue, Material, Rung, Skill, SkillId } from "../model";
import { isSmallByName } from "../safety";
import { faultsOfActivity, knownOf } from "./checkActivity";
import { wrongAxes } from "./checkAxes";
import { missingColours } from "./checkColours";
import { wrongCredits } from "./checkCredits";
import { withoutRoom } from "./checkLayout";
import { mixturesNamingTooFew } from "./checkMixtures";
import { faultsOfScript, faultsOfTitle } from "./checkScript";
import { soakedThings } from "./checkWater";
import { unsaidMeeting } from "./meetingsOfForm";

const fault = (code: string, path: string, message: string): Issue => ({ code, path, message });

const repeated = (rows: readonly { id: string }[], what: string): Issue[] => {
  const ids = rows.map((row) => row.id);
  return ids
    .filter((id, i) => ids.indexOf(id) !== i)
    .map((id) => fault("repeated-id", `${what}/${id}`, "This id stands twice."));
};

/** Prerequisites that lead back to their own skill, or come later than it, or are nowhere among all skills. */
export function skillFaults(skills: readonly Skill[], all: readonly Skill[] = skills): Issue[] {
  const byId = new Map(all.map((skill) => [skill.id, skill]));
  const leadsTo = (from: SkillId, goal: SkillId, seen: Set<SkillId>): boolean => {
    if (seen.has(from)) return false;
    seen.add(from);
    return (byId.get(from)?.after ?? []).some((id) => id === goal || leadsTo(id, goal, seen));
  };
  return skills.flatMap((skill) => [
    ...skill.after
      .filter((id) => !byId.has(id))
      .map((id) => fault("unknown-skill", `skills/${skill.id}/after`, `There is no skill "${id}".`)),
    ...skill.after
      .filter((id) => (byId.get(id)?.window.median ?? 0) > skill.window.median)
      .map((id) => fault("out-of-line", `skills/${skill.id}/after`, `"${id}" comes later than this skill.`)),
    ...(leadsTo(skill.id, skill.id, new Set())
      ? [fault("cycle", `skills/${skill.id}/after`, "Its prerequisites lead back to itself.")]
      : []),
  ]);
}

/** Stand-ins that are nowhere among all materials, and loose things of which the size is not told. */
export function materialFaults(
  materials: readonly Material[],
  all: readonly Material[] = materials,
): Issue[] {
  const ids = new Set(all.map((one) => one.id));
  return materials.flatMap((one) => [
    ...one.standIns
      .filter((standIn) => !ids.has(standIn.material))
      .map((standIn) =>
        fault("unknown-material", `materials/${one.id}/standIns`, `There is no "${standIn.material}".`),
      ),
    ...(isSmallByName(one) && !one.hazards.some((hazard) => hazard.kind === "choking-food")
      ? [
          fault(
            "no-size",
            `materials/${one.id}/piece`,
            `${one.name}: whether it can be swallowed hangs on its size. Give one.`,
          ),
        ]
      : []),
  ]);
}

/** What a usual home has, nothing bought. */
const usualStock = (materials: readonly Material[]): Stock[] =>
  materials
    .filter((material) => material.usual > 0)
    .map((material) => ({ key: material.id, material, quantity: material.usual }));

/** Rungs that a usual home can't set out even with one small purchase. */
function unmakeable(activities: readonly Activity[], materials: readonly Material[]): Issue[] {
  const index = new Map(materials.map((one) => [one.id, one]));
  const stock = usualStock(materials);
  return activities.flatMap((activity) =>
    activity.rungs.flatMap((rung) => {
      const missing = missingNeeds(rung.materials, index, stock, 0);
      const kinds = new Set(missing.map((need) => need.material));
      const buyable = missing.every((need) => {
        const material = index.get(need.material);
        return material?.pack !== undefined && need.quantity <= material.usual + material.pack.quantity;
      });
      return kinds.size <= 1 && buyable
        ? []
        : [
            fault(
              "unmakeable",
              `${activity.id}/${rung.id}/use`,
              `A usual home lacks ${[...kinds].join(", ")}; at most one small purchase may be needed.`,
            ),
          ];
    }),
  );
}

type Said = { text: string; path: string };

/** What rungs say otherwise, each sentence once: within one activity a sentence may stand at several rungs. */
function rungTextsOf(guide: Guide): string[] {
  const common = new Set([...guide.quiet, ...guide.talk, ...guide.explore, ...guide.watchFor]);
  const all = Object.values(guide.rungs ?? {}).flatMap(({ quiet, talk, explore, watchFor, mistake }) =>
    [quiet, talk, explore, watchFor, mistake].flatMap((some) => some ?? []),
  );
  return [...new Set(all)].filter((text) => !common.has(text));
}

function textsOf(activity: Activity): Said[] {
  const { guide } = activity;
  const at = (path: string) => (text: string) => ({ text, path: `${activity.id}/${path}` });
  return [
    at("name")(activity.name),
    at("say")(activity.invitation),
    ...activity.rungs.map((rung) => ({ text: rung.title, path: `${activity.id}/${rung.id}/title` })),
    ...(guide
      ? [
          ...guide.quiet.map(at("quiet")),
          ...guide.talk.map(at("talk")),
          ...guide.explore.map(at("explore")),
          ...guide.watchFor.map(at("watch")),
          ...rungTextsOf(guide).map(at("at")),
          at("mistake")(guide.mistake),
          ...guide.turnsInto.map(at("becomes")),
          ...Object.values(guide.fillings).map(at("fill")),
          ...guide.stories.map(at("stories")),
          ...[guide.variant ?? []].flat().map(at("variant")),
          ...[guide.dress ?? []].flat().map(at("dress")),
          at("wonder")(guide.wonder),
          at("guess")(guide.guess),
          ...guide.troubles.flatMap(({ wrong, fix }) => [at("trouble")(wrong), at("trouble")(fix)]),
        ]
      : []),
  ];
}

/** Sentences of so many words and more may not stand twice; "Wait." may. */
const LONG_ENOUGH = 5;

function repeatedTexts(said: readonly Said[]): Issue[] {
  const first = new Map<string, string>();
  return said.flatMap(({ text, path }) => {
    if (text.split(/\s+/).length < LONG_ENOUGH) return [];
    const key = text.toLowerCase().replace(/[^a-z ]/g, "");
    const before = first.get(key);
    if (before === undefined) {
      first.set(key, path);
      return [];
    }
    return before === path ? [] : [fault("repeated-text", path, `"${text}" stands already in ${before}.`)];
  });
}

/** A capital inside a sentence is a name, of a person or of a product, and has no place here. */
const nameIn = (text: string): string | undefined =>
  [...text.matchAll(/(?<=[a-z,;] )([A-Z][a-z]+)/g)].map((match) => match[1]).find(Boolean);

const namesIn = (said: readonly Said[]): Issue[] =>
  said.flatMap(({ text, path }) => {
    const name = nameIn(text);
    return name ? [fault("name", path, `"${name}" looks like a name of a person or product.`)] : [];
  });

const FEWEST_RUNGS = 3;
const MOST_RUNGS = 6;

/** A ladder of one or two rungs leads nowhere; one of seven and more is two activities. */
const wrongLength = (activities: readonly Activity[]): Issue[] =>
  activities
    .filter(({ rungs }) => rungs.length < FEWEST_RUNGS || rungs.length > MOST_RUNGS)
    .map(({ id, rungs }) =>
      fault(
        "ladder-length",
        `${id}/rungs`,
        `It has ${rungs.length} rungs; ${FEWEST_RUNGS} to ${MOST_RUNGS} are wanted.`,
      ),
    );

const withoutGuide = (activities: readonly Activity[]): Issue[] =>
  activities
    .filter((activity) => !activity.guide)
    .map((activity) => fault("no-guide", activity.id, "It has no scripts: quiet, talk and explore."));

/** Something for the hands has to stay where all stays away that may. */
const nothingLeft = (rung: Rung, bare: Rung, path: string): Issue[] =>
  bare === rung || bare.materials.some((need) => need.loose)
    ? []
    : [
        fault(
          "nothing-left",
          `${path}/use`,
          "All that the child handles may stay away; something has to stay.",
        ),
      ];

/** Everything that is wrong with a whole catalogue, guides included; paths begin with the activity's id. */
export function faultsOfCatalogue(catalogue: Catalogue): Issue[] {
  const known = knownOf(catalogue);
  const said = catalogue.activities.flatMap(textsOf);
  return [
    ...repeated(catalogue.skills, "skills"),
    ...repeated(catalogue.materials, "materials"),
    ...repeated(catalogue.activities, "activities"),
    ...skillFaults(catalogue.skills),
    ...materialFaults(catalogue.materials),
    ...mixturesNamingTooFew(catalogue.materials),
    ...catalogue.activities.flatMap((activity) =>
      faultsOfActivity(activity, known).map((one) => {
        const rung = /^rungs\[(\d+)\]/.exec(one.path)?.[1];
        const id = rung === undefined ? "" : `/${activity.rungs[Number(rung)]?.id ?? rung}`;
        return {
          ...one,
          path: `${activity.id}${id}${one.path.replace(/^rungs\[\d+\]/, "").replace(".", "/")}`,
        };
      }),
    ),
    ...catalogue.activities.flatMap((activity) =>
      activity.rungs.flatMap((rung) => {
        const path = `${activity.id}/${rung.id}`;
        const bare = bareRung(rung);
        return [
          ...nothingLeft(rung, bare, path),
          ...unsaidMeeting(activity, bare, path, known),
          ...withoutRoom(activity, rung, path, known),
          ...soakedThings(rung, path, known),
          ...wrongCredits(rung, path, known),
          ...missingColours(rung, path, known),
          ...faultsOfTitle(bare, `${path}/title`, known.materials),
        ];
      }),
    ),
    ...catalogue.activities.flatMap((activity) => wrongAxes(activity, known)),
    ...catalogue.activities.flatMap((activity) => faultsOfScript(activity, known.materials)),
    ...unmakeable(catalogue.activities, catalogue.materials),
    ...wrongLength(catalogue.activities),
    ...withoutGuide(catalogue.activities),
    ...repeatedTexts(said),
    ...namesIn(said),
  ];
}
