import { addTo } from "../collections";
import { drawnFrom } from "../materials";
import {
  type Activity,
  type Allotment,
  activityOf,
  type Child,
  type HoldingId,
  type PlaceId,
  type RotationId,
  type Rung,
  type Tables,
  type Tray,
} from "../model";
import { besides, type Reserved } from "./freeStock";
import { type Change, rearrangeTray, type TrayChangeResult } from "./rearrangeTray";
import { standingRotation } from "./rotations";
import type { Situation } from "./situation";

/** One step of a tray's ladder from where it stands. */
export interface Step {
  rung: Rung;
  easier: boolean;
  result: TrayChangeResult;
}

/** The step down and the step up of a tray, as far as its ladder goes. */
export function stepsOf(
  s: Situation,
  tables: Tables,
  tray: Tray,
  activity: Activity,
  reserved?: Reserved,
): Step[] {
  const at = activity.rungs.findIndex((one) => one.id === tray.rung);
  if (at < 0) return [];
  return [activity.rungs[at - 1], activity.rungs[at + 1]].flatMap((rung, i): Step[] =>
    rung
      ? [{ rung, easier: i === 0, result: rearrangeTray(s, tables, tray, { rung: rung.id }, reserved) }]
      : [],
  );
}

/** The children besides its own whom a tray could be given to, each with the rungs that may be set out for them now. */
export interface Heir {
  child: Child;
  /** As it is and one step down, where that can be. */
  rungs: { rung: Rung; place: PlaceId; placeName: string; result: TrayChangeResult }[];
}

/** To whom a tray can be handed on now: as it is, or a step down; at its place, or else where that child gets at it. */
export function heirsOf(s: Situation, tables: Tables, tray: Tray, activity: Activity): Heir[] {
  const at = activity.rungs.findIndex((one) => one.id === tray.rung);
  const rungs = [activity.rungs[at], activity.rungs[at - 1]].flatMap((one) => one ?? []);
  const taken = new Set<string>(besides(tables, tray).flatMap((one) => (one.when ? [] : [one.place])));
  // What comes by a moment stays at it.
  const others = tray.when ? [] : s.places.map((one) => one.id).filter((id) => !taken.has(id));
  const places = [tray.place, ...others.filter((id) => id !== tray.place)];
  return s.planned
    .filter((child) => child.id !== tray.child && !tray.also.includes(child.id))
    .map((child) => ({
      child,
      rungs: rungs.map((rung) => {
        const tried = places.map((place) => ({
          rung,
          place,
          placeName: s.places.find((one) => one.id === place)?.name ?? "",
          result: rearrangeTray(s, tables, tray, { rung: rung.id, child: child.id, place }),
        }));
        const [here] = tried;
        const able = tried.find((one) => "change" in one.result);
        return able ?? (here as (typeof tried)[number]);
      }),
    }));
}

/** What lies ready behind a tray for its step down and its step up; a thing lies behind one tray alone. */
export interface LaidReady {
  tray: Tray;
  activity: Activity;
  steps: { rung: Rung; easier: boolean; more: Change[] }[];
}

/** What can be laid ready behind the trays of the rotation that stands, or of another, in their order. */
export function laidReady(
  s: Situation,
  tables: Tables,
  rotation: RotationId | undefined = standingRotation(tables, s.site, s.on)?.id,
): LaidReady[] {
  const reserved = new Map<string, number>();
  return tables.trays
    .filter((one) => one.rotation === rotation && one.downOn === undefined)
    .flatMap((tray): LaidReady[] => {
      const activity = activityOf(s.catalogue, tray.activity);
      if (!activity) return [];
      const able = stepsOf(s, tables, tray, activity, reserved).flatMap(({ rung, easier, result }) =>
        "change" in result ? [{ rung, easier, made: result.change }] : [],
      );
      const own = (holding: HoldingId, allotted: readonly Allotment[]) =>
        allotted
          .flatMap(drawnFrom)
          .reduce((sum, one) => sum + (one.holding === holding ? one.quantity : 0), 0);
      const holdings = new Set(
        able.flatMap(({ made }) => made.tray.allotted.flatMap(drawnFrom).map((one) => one.holding)),
      );
      // One step is taken at a time: of each thing the bag holds as much as the larger of the two asks for.
      for (const holding of holdings) {
        const most = Math.max(...able.map(({ made }) => own(holding, made.tray.allotted)));
        const extra = most - own(holding, tray.allotted);
        if (extra > 0) addTo(reserved, holding, extra);
      }
      const steps = able.map(({ rung, easier, made }) => ({ rung, easier, more: made.more }));
      return steps.length > 0 ? [{ tray, activity, steps }] : [];
    });
}
