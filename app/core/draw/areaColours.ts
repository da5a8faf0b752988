import type { AreaId } from "../model";

/** One colour an area, the same on the screen and on paper. */
export const AREA_COLOURS: Readonly<Record<AreaId, `#${string}`>> = {
  hands: "#b4472f",
  body: "#7a5c12",
  senses: "#2f6f8f",
  home: "#8a3a6b",
  words: "#4b5fa8",
  numbers: "#2e6b3f",
  thinking: "#6b4fa0",
  making: "#b0336a",
  world: "#3f7f73",
  together: "#a3622a",
};
