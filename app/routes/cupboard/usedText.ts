import type { InUse } from "../../engine/queries/cupboard";
import { shortDay } from "../../words/dates";

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
