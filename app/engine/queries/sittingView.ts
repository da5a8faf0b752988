import { offerContext, placeDuring, wouldSetOut } from "../../core/household";
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
import { broughtTo, type Offer, offersAt } from "../../core/safety";
import { DAY_NAMES } from "../../words/days";
import type { Home } from "../store/home";

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
  /** What is set out for it, and what to mind, with all of the sitting about; undefined where it can't be set out here. */
  offer?: Offer;
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

/** What is fetched for all steps together: of each what was judged, and nothing that stays away. */
function gatherFor(home: Home, steps: readonly StepView[]): Gathered[] {
  const wanted = new Map<string, Gathered>();
  for (const { rung, offer } of steps) {
    const things =
      offer?.things.map(({ material, need }) => ({ material, need, quantity: need.quantity })) ??
      wouldSetOut(home.situation, rung).map((one) => ({
        ...one,
        need: rung.materials.find((need) => need.id === one.need),
      }));
    for (const { need, material, quantity } of things) {
      const known = wanted.get(material.id)?.quantity ?? 0;
      const isKept = howUsed(need ?? {}, material) === "kept";
      const together = isKept ? Math.max(known, quantity) : known + quantity;
      wanted.set(material.id, { material, quantity: together });
    }
  }
  return [...wanted.values()].sort((a, b) => (a.material.name < b.material.name ? -1 : 1));
}

/** So likely at least it is alone where something of a made day is for a child. */
const LEAST_CHANCE = 0.2;

/**
 * What is set out for a step, and how it is judged: at its moment's place, or where it is safe of the places where one plays;
 * on a board only where there is no other. The adult is there and brings it.
 */
function offerFor(
  { situation: s }: Home,
  { activity, rung, moment }: Pick<StepView, "activity" | "rung" | "moment">,
  children: readonly Child[],
): Offer | undefined {
  const places = s.places
    .filter((place) => !moment || place.id === moment.place)
    .map((place) => broughtTo(moment ? placeDuring(place, moment) : place))
    .sort((a, b) => Number(a.kind === "bay") - Number(b.kind === "bay"));
  const offers = offersAt(activity, rung, places, offerContext(s, children));
  return offers.find((one) => one.judgement.state !== "blocked") ?? offers[0];
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
    const offer = offerFor(home, { activity, rung, ...(moment ? { moment } : {}) }, children);
    return [
      {
        at,
        step,
        activity,
        rung,
        ...(moment ? { moment } : {}),
        notes,
        children: suited,
        ...(offer ? { offer } : {}),
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
