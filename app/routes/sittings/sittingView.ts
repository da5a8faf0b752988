import { offerContext, wouldSetOut } from "../../core/household";
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
import { type Judgement, offersAt, STATE_ORDER } from "../../core/safety";
import type { Home } from "../../data/home";
import { DAY_NAMES } from "../../words/days";

export interface StepView {
  /** Which step of the sitting. */
  at: number;
  step: SittingStep;
  activity: Activity;
  rung: Rung;
  moment?: Moment;
  /** What was noted of it, by child. */
  notes: readonly Observation[];
  /** For whom it can be noted: of a made day those to whom it says something yet. */
  children: readonly Child[];
  /** What to mind where it is safest, with all of the sitting about; undefined where it can't be set out here. */
  safety?: Judgement;
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

/** So likely at least it is alone where something of a made day is for a child. */
const LEAST_CHANCE = 0.2;

/** How a step is judged at the place of the home where that is mildest: the adult is there and brings it. */
function safestOf({ situation: s }: Home, activity: Activity, rung: Rung, children: readonly Child[]) {
  const places = s.places.map((place) => ({ ...place, servesOnly: [] }));
  const [safest] = offersAt(activity, rung, places, offerContext(s, children))
    .map((one) => one.judgement)
    .sort((a, b) => STATE_ORDER.indexOf(a.state) - STATE_ORDER.indexOf(b.state));
  return safest;
}

/** A sitting that was kept, with all that is wanted while it is on; undefined where it is not there any more. */
export function sittingView(home: Home, id: string): SittingView | undefined {
  const { tables, situation, catalogue } = home;
  const sitting = tables.sittings.find((one) => one.id === id);
  if (!sitting) return undefined;
  const children = home.children.filter((one) => sitting.children.includes(one.id));
  const steps = sitting.steps.flatMap((step, at): StepView[] => {
    const activity = activityOf(catalogue, step.activity);
    const rung = activity?.rungs.find((one) => one.id === step.rung);
    if (!activity || !rung) return [];
    const moment = tables.moments.find((one) => one.id === step.moment);
    const notes = tables.observations.filter(
      (one) => one.sitting === id && one.activity === step.activity && one.rung === step.rung,
    );
    const suited = children.filter(
      (child) =>
        !sitting.day ||
        notes.some((one) => one.child === child.id) ||
        (situation.readiness.get(child.id)?.rung(activity, rung).chance ?? 0) >= LEAST_CHANCE,
    );
    const safety = safestOf(home, activity, rung, children);
    return [
      {
        at,
        step,
        activity,
        rung,
        ...(moment ? { moment } : {}),
        notes,
        children: suited,
        ...(safety ? { safety } : {}),
      },
    ];
  });
  return {
    sitting,
    name: sitting.day ? DAY_NAMES[sitting.day] : materialName(situation.materials, sitting.material ?? ""),
    children,
    steps,
    gather: gatherFor(home, steps),
    minutes: steps.reduce((sum, one) => sum + one.activity.prepMinutes + one.activity.playMinutes, 0),
  };
}
