import { Holding, Place, plainDate, Tray } from "../../model";
import { FIXTURE } from "../../testing/fixtures";
import type { PrepTray } from "../lines";

export const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };
export const materials = new Map(FIXTURE.materials.map((one) => [one.id, one]));
export const place = (id: string, kind: string, name: string) =>
  Place.parse({ ...stamp, id, site: "home", kind, name });
export const PLACES = [
  place("p", "bay", "Top board"),
  place("w", "window", "the sill"),
  place("l", "line", "the line"),
];

export const known = {
  materials,
  from: plainDate("2026-05-11"),
  places: PLACES,
  moments: [],
};

/** A tray of the catalogue, made from holdings that are named after their material. */
export function prepTray(activityId: string, rungId: string, stays = false): PrepTray {
  const activity = FIXTURE.activities.find((one) => one.id === activityId);
  const rung = activity?.rungs.find((one) => one.id === rungId);
  if (!activity || !rung) throw new Error(`no ${activityId}/${rungId}`);
  const tray = Tray.parse({
    ...stamp,
    id: `t-${activityId}`,
    rotation: "r",
    child: "c",
    activity: activityId,
    rung: rungId,
    place: "p",
    state: "free",
    outSince: "2026-05-11",
    allotted: rung.materials.map((need) => ({
      need: need.id,
      material: need.material,
      holding: need.material,
      quantity: need.quantity,
      stays: need.stays,
    })),
  });
  return { tray, activity, rung, placeName: "Top board", stays };
}
/** What the trays are made from, so much of each. */
export const holdingsFor = (trays: readonly PrepTray[], quantity = 1000, where = "Cupboard") =>
  new Map(
    trays
      .flatMap((one) => one.tray.allotted)
      .map((one) => [
        one.material,
        Holding.parse({ ...stamp, id: one.material, site: "home", material: one.material, quantity, where }),
      ]),
  );
