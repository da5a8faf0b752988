import type { PlainDate } from "../../core/model";
import { shortDay } from "../../words/dates";

/** Where a thing is just now: on which trays, kept for which, until when it lasts. */
export interface InUse {
  out: readonly string[];
  /** Names of trays of the rotation that is accepted for later. */
  keptFor: readonly string[];
  runsOutOn?: PlainDate;
}

/** "out: Discs in a slot; runs out on Friday 22 May" */
export function usedText({ out, keptFor, runsOutOn }: InUse): string {
  return [
    out.length > 0 ? `out: ${out.join(", ")}` : "",
    keptFor.length > 0 ? `kept for ${keptFor.join(", ")}` : "",
    runsOutOn ? `runs out on ${shortDay(runsOutOn)}` : "",
  ]
    .filter(Boolean)
    .join("; ");
}
