import type { Activity, Hazard, Material, MaterialId, Rung } from "../../app/core/model";
import { hazardsOfPlace } from "../../app/core/safety";
import { phraseAt, phrasesOf, tokensOf } from "../../app/core/text";
import { listOf } from "./short";
import { onlyKnown, type Row, yamlOf } from "./yaml";

/** Words that call for a hazard where a rung says them. */
export interface HazardWords {
  name: string;
  words: string[][];
  not: string[][];
  needs: ReadonlySet<string>;
  /** Only for rungs whose median age in months lies below. */
  untilMonths: number;
  /** Activities and rungs that speak of it and do not do it. */
  except: ReadonlySet<string>;
}

/** Reads the words that call for a hazard. */
export function hazardWordsOf(folder: string): HazardWords[] {
  const rows = yamlOf("hazardWords.yaml", folder) as Record<string, Row>;
  return Object.entries(rows).map(([name, row]) => {
    onlyKnown(row, "words not needs until except", `hazardWords.yaml: ${name}`);
    return {
      name,
      words: phrasesOf(listOf(row.words)),
      not: phrasesOf(listOf(row.not)),
      needs: new Set(listOf(row.needs)),
      untilMonths: row.until === undefined ? Number.POSITIVE_INFINITY : Number(row.until),
      except: new Set(Object.keys((row.except ?? {}) as Row)),
    };
  });
}

/** All that a rung says: its own words where it has some, the ladder's where it has none. */
function sentencesOf({ guide }: Activity, rung: Rung): string[] {
  const own = guide?.rungs?.[rung.id];
  const said = (["quiet", "talk", "explore", "watchFor"] as const).flatMap(
    (part) => own?.[part] ?? guide?.[part] ?? [],
  );
  return [rung.title, ...said, own?.mistake ?? guide?.mistake ?? ""];
}

/** The hazards that are told wherever the rung stands: its own, those of its things, and those of all of its places. */
function hazardsTold(
  activity: Activity,
  rung: Rung,
  materials: ReadonlyMap<string, Material>,
): Set<Hazard["kind"]> {
  const things = rung.materials.flatMap((need) => materials.get(need.material)?.hazards ?? []);
  const [first = [], ...others] = (rung.places ?? activity.places).map((place) =>
    hazardsOfPlace(place).map(({ kind }) => kind),
  );
  const everywhere = first.filter((kind) => others.every((kinds) => kinds.includes(kind)));
  return new Set([...[...rung.hazards, ...things].map(({ kind }) => kind), ...everywhere]);
}

/** The phrase that a sentence says of those that call for a hazard, if it says one. */
function saidIn(sentence: string, { words, not }: HazardWords): string | undefined {
  const tokens = tokensOf(sentence);
  for (const phrase of not) {
    for (let at = phraseAt(tokens, phrase); at >= 0; at = phraseAt(tokens, phrase))
      tokens.fill("", at, at + phrase.length);
  }
  return words.find((phrase) => phraseAt(tokens, phrase) >= 0)?.join(" ");
}

/** Rungs that speak of something that can hurt, and of which nobody would be cautioned. */
export function untoldHazards(
  activities: readonly Activity[],
  materials: ReadonlyMap<string, Material>,
  rules: readonly HazardWords[],
): string[] {
  return activities.flatMap((activity) =>
    activity.rungs.flatMap((rung) => {
      const told = hazardsTold(activity, rung, materials);
      return rules.flatMap((rule) => {
        const isExcepted = rule.except.has(activity.id) || rule.except.has(`${activity.id}/${rung.id}`);
        const isTold = [...rule.needs].some((kind) => told.has(kind as Hazard["kind"]));
        if (isExcepted || isTold || rung.window.median >= rule.untilMonths) return [];
        for (const sentence of sentencesOf(activity, rung)) {
          const said = saidIn(sentence, rule);
          if (said)
            return [
              `${activity.id}/${rung.id}: "${sentence}" says "${said}" and carries none of: ${[...rule.needs].join(", ")} [${rule.name}]`,
            ];
        }
        return [];
      });
    }),
  );
}

/** Rungs on which a head that is not steady could be hurt, and which do not wait for it. */
export const withoutSteadyHead = (activities: readonly Activity[]): string[] =>
  activities.flatMap(({ id, rungs }) =>
    rungs
      .filter(
        (rung) =>
          rung.hazards.some(({ kind }) => kind === "head-control") &&
          !rung.needs.some(({ skill, forSafety }) => skill === "holds-head-upright" && forSafety),
      )
      .map((rung) => `${id}/${rung.id}: head-control asks for "holds-head-upright … safety" among its needs`),
  );

/** A loose strip of tape longer than this, in cm, counts as a cord: EN 71-1 (220 mm). */
const LONG_STRIP_CM = 22;

/** Rungs on which a child has more loose tape than makes a short strip, and on which nobody counts the strips. */
export const uncountedStrips = (
  activities: readonly Activity[],
  materials: ReadonlyMap<string, Material>,
): string[] =>
  activities.flatMap(({ id, rungs }) =>
    rungs
      .filter((rung) =>
        rung.materials.some(
          ({ material, loose, quantity }) =>
            loose && quantity > LONG_STRIP_CM && materials.get(material)?.unit === "cm" && isTape(material),
        ),
      )
      .filter((rung) => !rung.hazards.some(({ kind }) => kind === "strips" || kind === "string"))
      .map((rung) => `${id}/${rung.id}: loose tape over ${LONG_STRIP_CM} cm asks for the hazard "strips"`),
  );

const isTape = (material: MaterialId) => material === "tape" || material === "tape-double";
