import type { StandInChange } from "../core/materials";
import { HAZARD_WORDS } from "./hazards";
import { percentText } from "./numbers";

const WORDS = {
  larger: "larger",
  smaller: "smaller",
  wider: "a wider opening",
  narrower: "a narrower opening",
  "holds-more": "holds more",
  "holds-less": "holds less",
  "used-up": "is used up",
  kept: "can be kept",
} as const;

/** "smaller (62 %), bits come off": what is otherwise with a stand-in, in a few words. */
export const changesText = (changes: readonly StandInChange[]): string =>
  changes
    .map((one) => {
      if (one.what === "hazard") return `mind: ${HAZARD_WORDS[one.hazard]}`;
      if (one.what === "hazard-gone") return one.hazard ? `not any more: ${HAZARD_WORDS[one.hazard]}` : "";
      return one.share === undefined ? WORDS[one.what] : `${WORDS[one.what]} (${percentText(one.share)})`;
    })
    .filter(Boolean)
    .join(", ");
