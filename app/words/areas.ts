import type { AreaId } from "../core/model";

/** What the areas are called. */
export const AREA_NAMES: Record<AreaId, string> = {
  hands: "Hands",
  body: "Body",
  senses: "Senses",
  home: "Home",
  words: "Words",
  numbers: "Numbers",
  thinking: "Thinking",
  making: "Making",
  world: "World",
  together: "Together",
};
