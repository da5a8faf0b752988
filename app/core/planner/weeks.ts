import type { Highs } from "highs";
import { addDays, type Catalogue, type PlainDate, type Row, type Tables, type Tray } from "../model";
import { makePlan, type Plan } from "./plan";
import { situationOf, standingRotation } from "./situation";
import type { SolveLimits } from "./solve";

const stamp = (id: string, on: PlainDate): Row => ({
  id,
  createdAt: `${on}T00:00:00.000Z`,
  updatedAt: `${on}T00:00:00.000Z`,
});

/** Since when a planned tray has been out in this form: it keeps its date when it is carried over. */
export const outSinceOf = (
  planned: { child: string; activity: string; rung: string },
  standing: readonly Tray[],
  from: PlainDate,
): PlainDate =>
  standing.find(
    (old) => old.child === planned.child && old.activity === planned.activity && old.rung === planned.rung,
  )?.outSince ?? from;

/** The tables as they would be had the plan been accepted on its date. Nothing is stored. */
export function asIfAccepted(tables: Tables, plan: Plan, site: string, name: string): Tables {
  const standing = standingRotation(tables, site, plan.on);
  const old = tables.trays.filter((tray) => tray.rotation === standing?.id);
  const rotation = { ...stamp(name, plan.on), site, from: plan.on };
  return {
    ...tables,
    rotations: [
      ...tables.rotations.map((one) => (one.id === standing?.id ? { ...one, to: plan.on } : one)),
      rotation,
    ],
    trays: [
      ...tables.trays,
      ...plan.trays.map((tray, i) => ({
        ...stamp(`${name}-${i}`, plan.on),
        rotation: name,
        child: tray.child,
        activity: tray.activity,
        rung: tray.rung,
        place: tray.place,
        state: tray.state,
        allotted: tray.allotted,
        outSince: outSinceOf(tray, old, plan.on),
      })),
    ],
  };
}

/**
 * Plans several rotations, each to its own optimum, one after the other: the later ones take
 * the earlier ones as if they had stood. Not yet one model over all weeks.
 */
export function planWeeks(
  highs: Highs,
  catalogue: Catalogue,
  tables: Tables,
  on: PlainDate,
  weeks: number,
  limits: SolveLimits,
): { from: PlainDate; to: PlainDate; plan: Plan }[] {
  let so = tables;
  let from = on;
  return Array.from({ length: weeks }, (_, week) => {
    const situation = situationOf(catalogue, so, from);
    const plan = makePlan(highs, situation, limits);
    const to = addDays(from, situation.household.rotationDays);
    so = asIfAccepted(so, plan, situation.site, `planned-${week}`);
    const made = { from, to, plan };
    from = to;
    return made;
  });
}
