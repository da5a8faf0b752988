import { wouldSetOut } from "../../core/household";
import { howUsed, materialName } from "../../core/materials";
import {
  type Activity,
  activityOf,
  type Child,
  type Material,
  type Moment,
  type Observation,
  type Rung,
  type Sitting,
  type SittingStep,
} from "../../core/model";
import type { Home } from "../../data/home";

export interface StepView {
  /** Which step of the sitting. */
  at: number;
  step: SittingStep;
  activity: Activity;
  rung: Rung;
  moment?: Moment;
  /** What was noted of it, by child. */
  notes: readonly Observation[];
}

/** Something to fetch for a sitting: reusable things once for all steps, what is used up for each. */
export interface Gathered {
  material: Material;
  quantity: number;
}

export interface SittingView {
  sitting: Sitting;
  name: string;
  children: readonly Child[];
  steps: readonly StepView[];
  gather: readonly Gathered[];
  minutes: number;
}

/** What is fetched for all steps together. */
function gatherFor(home: Home, steps: readonly StepView[]): Gathered[] {
  const wanted = new Map<string, Gathered>();
  for (const { rung } of steps) {
    for (const { need: id, material, quantity } of wouldSetOut(home.situation, rung)) {
      const known = wanted.get(material.id)?.quantity ?? 0;
      const need = rung.materials.find((one) => one.id === id);
      const isKept = howUsed(need ?? {}, material) === "kept";
      const together = isKept ? Math.max(known, quantity) : known + quantity;
      wanted.set(material.id, { material, quantity: together });
    }
  }
  return [...wanted.values()].sort((a, b) => (a.material.name < b.material.name ? -1 : 1));
}

/** A sitting that was kept, with all that is wanted while it is on; undefined where it is not there any more. */
export function sittingView(home: Home, id: string): SittingView | undefined {
  const { tables, situation, catalogue } = home;
  const sitting = tables.sittings.find((one) => one.id === id);
  if (!sitting) return undefined;
  const steps = sitting.steps.flatMap((step, at): StepView[] => {
    const activity = activityOf(catalogue, step.activity);
    const rung = activity?.rungs.find((one) => one.id === step.rung);
    if (!activity || !rung) return [];
    const moment = tables.moments.find((one) => one.id === step.moment);
    const notes = tables.observations.filter(
      (one) => one.sitting === id && one.activity === step.activity && one.rung === step.rung,
    );
    return [{ at, step, activity, rung, ...(moment ? { moment } : {}), notes }];
  });
  return {
    sitting,
    name: materialName(situation.materials, sitting.material),
    children: home.children.filter((one) => sitting.children.includes(one.id)),
    steps,
    gather: gatherFor(home, steps),
    minutes: steps.reduce((sum, one) => sum + one.activity.prepMinutes + one.activity.playMinutes, 0),
  };
}
