import type { PlannedRotation } from "../core/planner";
import { shortDay } from "./dates";

/** "safe to the end of Saturday 6 June; then not any more: what hangs can be pulled down." Undefined where nothing changes. */
export function safeUntilText({ safeUntil, becomes }: PlannedRotation["trays"][number]): string | undefined {
  if (!safeUntil || !becomes) return undefined;
  const then = becomes.state === "blocked" ? "take it down then" : "an adult-held tray from then on";
  return `as it is to the end of ${shortDay(safeUntil)}; ${then}. ${becomes.reason}`;
}
