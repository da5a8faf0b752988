import type { StandInChange } from "../core/materials";
import { HAZARD_WORDS } from "./hazards";

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

const PERCENT = new Intl.NumberFormat(undefined, { style: "percent", maximumFractionDigits: 0 });

/** "smaller (62 %), bits come off": what is otherwise with a stand-in, in a few words. */
export const changesText = (changes: readonly StandInChange[]): string =>
  changes
    .map((one) => {
      if (one.what === "hazard") return `mind: ${HAZARD_WORDS[one.hazard]}`;
      if (one.what === "hazard-gone") return one.hazard ? `not any more: ${HAZARD_WORDS[one.hazard]}` : "";
      return one.share === undefined ? WORDS[one.what] : `${WORDS[one.what]} (${PERCENT.format(one.share)})`;
    })
    .filter(Boolean)
    .join(", ");
