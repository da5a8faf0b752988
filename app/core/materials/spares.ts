import type { Allotment, NeedId, Rung } from "../model";

/** A rung as it is set out where some of its needs, by their ids, stay away: with what is left, and how that goes together. */
export function without(rung: Rung, away: ReadonlySet<string>): Rung {
  if (away.size === 0) return rung;
  const stays = (need: NeedId) => !away.has(need);
  return {
    ...rung,
    materials: rung.materials.filter((need) => stays(need.id)),
    fits: rung.fits.filter((fit) => stays(fit.a) && stays(fit.b)),
    prep: rung.prep.filter((rule) => stays(rule.need)),
    ...(rung.floor ? { floor: rung.floor.filter((one) => one.kind === "mark" || stays(one.need)) } : {}),
  };
}

/** A rung without anything that may stay away. */
export const bareRung = (rung: Rung): Rung =>
  without(rung, new Set(rung.materials.filter((need) => need.spare).map((need) => need.id)));

/** The needs of a rung that may stay away and are not among those that are on a tray. */
export const awayFrom = (
  rung: Pick<Rung, "materials">,
  allotted: readonly Pick<Allotment, "need">[],
): Rung["materials"] =>
  rung.materials.filter((need) => need.spare && !allotted.some((one) => one.need === need.id));

/** The rung of a tray as it stands: what may stay away and is not on it is no part of it. */
export const asSetOut = (rung: Rung, allotted: readonly Pick<Allotment, "need">[]): Rung =>
  without(rung, new Set(awayFrom(rung, allotted).map((need) => need.id)));
