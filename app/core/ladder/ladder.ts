import { type Activity, AXIS_IDS, type AxisId, type Rung } from "../model";
import { type Chance, type ChildReadiness, NOW_FROM } from "../readiness";

/** A rung with the child's chance on it. */
export interface PlacedRung {
  rung: Rung;
  chance: Chance;
}

/** The ladder with the child on it: `at` is the rung to go for now. */
export interface PlacedLadder {
  rungs: PlacedRung[];
  at: number;
}

/**
 * Where the child stands on a ladder: at the hardest rung with a chance of 50 % and more, or at the
 * first one where there is none yet.
 */
export function placeOnLadder(activity: Activity, readiness: ChildReadiness): PlacedLadder {
  const rungs = activity.rungs.map((rung) => ({ rung, chance: readiness.rung(activity, rung) }));
  const at = rungs.findLastIndex((one) => one.chance.chance >= NOW_FROM);
  return { rungs, at: Math.max(0, at) };
}

export interface AxisChange {
  axis: AxisId;
  /** Steps up (harder) or down (easier). */
  by: number;
}

/** What changes from one rung to another, the axes with the greatest change first. */
export function changesBetween(from: Rung, to: Rung): AxisChange[] {
  return AXIS_IDS.flatMap((axis) => {
    const by = (to.axes[axis] ?? 0) - (from.axes[axis] ?? 0);
    return by === 0 ? [] : [{ axis, by }];
  }).sort((a, b) => Math.abs(b.by) - Math.abs(a.by));
}

export interface AxisStep extends AxisChange {
  rung: Rung;
  /** The other axes that change with it. */
  also: AxisChange[];
}

/**
 * One step easier (−1) or harder (1) on every axis on which there is one: the rung that is nearest on that
 * axis, and among these the one that changes least besides, then the nearest in age.
 */
export function stepsFrom(activity: Activity, rung: Rung, direction: 1 | -1): AxisStep[] {
  const others = activity.rungs.filter((one) => one.id !== rung.id);
  return AXIS_IDS.flatMap((axis) => {
    const steps = others.flatMap((other): AxisStep[] => {
      const changes = changesBetween(rung, other);
      const on = changes.find((change) => change.axis === axis);
      return on && Math.sign(on.by) === direction
        ? [{ ...on, rung: other, also: changes.filter((change) => change.axis !== axis) }]
        : [];
    });
    const sizeOf = (changes: readonly AxisChange[]) =>
      changes.reduce((sum, one) => sum + Math.abs(one.by), 0);
    const ageFrom = (other: Rung) => Math.abs(Math.log(other.window.median / rung.window.median));
    const [nearest] = steps.sort(
      (a, b) =>
        Math.abs(a.by) - Math.abs(b.by) ||
        sizeOf(a.also) - sizeOf(b.also) ||
        ageFrom(a.rung) - ageFrom(b.rung),
    );
    return nearest ? [nearest] : [];
  });
}
