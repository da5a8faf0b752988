import { standingRotation } from "../../household";
import {
  type ActivityId,
  addDays,
  type ChildId,
  daysBetween,
  type PlainDate,
  RotationId,
  type Row,
  type RungId,
  type SiteId,
  type Tables,
  type Tray,
  TrayId,
} from "../../model";
import type { PlannedRotation } from "../plan";

const stamp = (id: string, on: PlainDate): Row => ({
  id,
  createdAt: `${on}T00:00:00.000Z`,
  updatedAt: `${on}T00:00:00.000Z`,
});

/** Since when a planned tray has been out in this form: it keeps its date when it is carried over. */
const outSinceOf = (
  planned: { child: ChildId; activity: ActivityId; rung: RungId; second?: true },
  standing: readonly Tray[],
  from: PlainDate,
): PlainDate =>
  standing.filter(
    (old) => old.child === planned.child && old.activity === planned.activity && old.rung === planned.rung,
  )[planned.second ? 1 : 0]?.outSince ?? from;

const DAYS_OF_A_WEEK = 7;

/** Days that have passed before the rotation begins come a week later, on the same day of the week. */
const notBefore = (days: readonly PlainDate[], from: PlainDate): PlainDate[] => {
  const later = days.map((day) => {
    const missed = daysBetween(day, from);
    return missed > 0 ? addDays(day, DAYS_OF_A_WEEK * Math.ceil(missed / DAYS_OF_A_WEEK)) : day;
  });
  return [...new Set(later)].sort();
};

/** A planned tray as it is stored once it is accepted from a date on. */
export const trayFieldsOf = (
  tray: PlannedRotation["trays"][number],
  rotation: RotationId,
  from: PlainDate,
  standing: readonly Tray[],
): Omit<Tray, keyof Row> => ({
  rotation,
  child: tray.child,
  also: tray.also,
  activity: tray.activity,
  rung: tray.rung,
  place: tray.place,
  ...(tray.when ? { when: { ...tray.when, days: notBefore(tray.when.days, from) } } : {}),
  state: tray.state,
  allotted: tray.allotted,
  ...(tray.filling ? { filling: tray.filling } : {}),
  outSince: outSinceOf(tray, standing, from),
});

/** The tables as they would be had the rotation been accepted on its date. Nothing is stored. */
export function asIfAccepted(tables: Tables, plan: PlannedRotation, site: SiteId, name: string): Tables {
  const id = RotationId.parse(name);
  const standing = standingRotation(tables, site, plan.from);
  const old = tables.trays.filter((tray) => tray.rotation === standing?.id);
  const rotation = { ...stamp(name, plan.from), id, site, from: plan.from };
  return {
    ...tables,
    rotations: [
      ...tables.rotations.map((one) => (one.id === standing?.id ? { ...one, to: plan.from } : one)),
      rotation,
    ],
    trays: [
      ...tables.trays,
      ...plan.trays.map((tray, i) => ({
        ...stamp(`${name}-${i}`, plan.from),
        id: TrayId.parse(`${name}-${i}`),
        ...trayFieldsOf(tray, id, plan.from, old),
      })),
    ],
  };
}
