import type { NightTask, PutAway } from "../core/day";
import type { DayKind } from "../core/model";
import { namesText } from "./names";

/** What a made day is called. */
export const DAY_NAMES: Record<DayKind, string> = {
  ill: "A quiet day for somebody ill",
  indoors: "A day indoors",
  short: "Ten minutes",
  elsewhere: "A day of what is here",
};

/** By what it is asked for. */
export const DAY_ASKED: Record<DayKind, string> = {
  ill: "Somebody is ill",
  indoors: "It rains",
  short: "Ten minutes only",
  elsewhere: "Of what is here",
};

/** How its things were chosen, in a sentence. */
export const DAY_CHOICE: Record<DayKind, string> = {
  ill: "Easy and quiet things that make no mess and hardly any work. Stop at once where it is too much.",
  indoors: "Things for inside, with much to move.",
  short: "Nothing takes more than ten minutes, setting out and clearing up included.",
  elsewhere: "What this home has for these children, without much to prepare.",
};

const NIGHT_TEXTS: Record<NightTask, (things: string) => string> = {
  "pour-away": (things) => `Pour away: ${things}.`,
  "throw-away": (things) => `Throw away, it does not keep: ${things}.`,
  shut: (things) => `Shut into its pot, cool: ${things}.`,
  "up-high": () => "Counted, and back up high.",
};

/** What is to be done with something before the night. */
export const nightText = ({ task, materials }: Pick<PutAway, "task" | "materials">): string =>
  NIGHT_TEXTS[task](namesText([...new Set(materials.map((one) => one.name))]));
