import { standsInBay, usualThings } from "../draw";
import type { Activity, Issue, Rung } from "../model";
import type { Known } from "./checkActivity";

/** A rung that may stand in a bay, and has no room there: neither on a usual tray nor on the bay's board. */
export function withoutRoom(
  activity: Pick<Activity, "places">,
  rung: Rung,
  path: string,
  known: Pick<Known, "materials">,
): Issue[] {
  if (!(rung.places ?? activity.places).includes("bay")) return [];
  return standsInBay(rung, usualThings(rung, known.materials))
    ? []
    : [
        {
          code: "no-room",
          path: `${path}/use`,
          message: "Its things don't stand side by side in a bay: take smaller ones, or another place.",
        },
      ];
}
