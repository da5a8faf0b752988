import { usualThings } from "../draw";
import { layOut } from "../draw/layout";
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
  const things = usualThings(rung, known.materials);
  return things.length === 0 || layOut(rung, things, "bay").fits
    ? []
    : [
        {
          code: "no-room",
          path: `${path}/use`,
          message: "Its things don't stand side by side in a bay: take smaller ones, or another place.",
        },
      ];
}
