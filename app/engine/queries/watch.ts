import { z } from "zod";
import { standingRotation } from "../../core/household";
import { activityOf } from "../../core/model";
import { watchOf } from "../../core/rotation";
import { several } from "./parameters";
import { query } from "./query";

/** The trays that are watched, and the others that stand. */
export const watch = query(z.object({ tray: several(z.string()) }), (home, { tray: wanted }) => {
  const { tables, children, today, site, catalogue } = home;
  const rotation = standingRotation(tables, site.id, today);
  const named = tables.trays
    .filter((tray) => tray.rotation === rotation?.id)
    .flatMap((tray) => {
      const activity = activityOf(catalogue, tray.activity);
      const child = children.find((one) => one.id === tray.child);
      if (!activity || !child) return [];
      const { id } = tray;
      return [{ id, name: activity.name, child: child.name, watch: watchOf(tables.watches, id) }];
    });
  return {
    watched: wanted.flatMap((id) => named.find((one) => one.id === id) ?? []),
    others: named.filter((one) => !wanted.some((id) => id === one.id)),
  };
});
