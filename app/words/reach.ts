import {
  type Ability,
  DOES_SO_FAR,
  type DoesSoFar,
  type ReachAnswer,
  type ReachChange,
} from "../core/safety";
import { namesText } from "./names";

/** What a child may be able to do, in words. */
export const ABILITY_WORDS: Record<Ability, string> = {
  rolls: "roll over",
  sits: "sit",
  crawls: "crawl",
  "pulls-up": "pull up to stand",
  climbs: "climb",
};

const KEPT_WORDS = {
  high: "too high",
  asleep: "asleep then",
  door: "behind a door",
  gate: "behind a gate",
  lock: "locked away",
} as const;

/** Whether a child gets at a place, in two or three words. */
export function reachText(answer: ReachAnswer): string {
  if (!answer.reaches) return KEPT_WORDS[answer.because];
  if (answer.because === "said") return "reaches it, you say";
  return answer.by === "climbs" ? "climbs to it" : "reaches it";
}

/** "Pim may pull up to stand": what changes, without its day. */
export const changeText = ({ child, by }: ReachChange): string =>
  by ? `${child.name} may ${ABILITY_WORDS[by]}` : `${child.name} has grown`;

/** "Ida and Bo may climb already; Pim lies still": children who may do the same are named together. */
export function abilitiesText(children: readonly { name: string; by?: Ability }[]): string {
  const names = new Map<Ability | undefined, string[]>();
  for (const { name, by } of children) names.set(by, [...(names.get(by) ?? []), name]);
  return [...names]
    .map(([by, named]) =>
      by
        ? `${namesText(named)} may ${ABILITY_WORDS[by]} already`
        : `${namesText(named)} ${named.length === 1 ? "lies" : "lie"} still`,
    )
    .join("; ");
}

const SO_FAR: Record<DoesSoFar, string> = {
  lies: "lies, at most rolls",
  rolls: "rolls over",
  sits: "sits",
  crawls: "crawls",
  "pulls-up": "pulls up, stands or walks",
  climbs: "climbs",
};

/** "By age" is the careful answer: the earliest at which children do. */
export const SO_FAR_OPTIONS: readonly { value: DoesSoFar | ""; label: string }[] = [
  { value: "", label: "by age" },
  ...DOES_SO_FAR.map((value) => ({ value, label: SO_FAR[value] })),
];
