import { pushTo } from "../collections";
import type { Activity, Catalogue, Material, MaterialId, Rung } from "../model";
import type { Chance, ChildReadiness } from "../readiness";

/** One use of a material in a sitting, for one or two children. */
export interface SittingUse {
  activity: Activity;
  rung: Rung;
  /** By child id. */
  chances: ReadonlyMap<string, Chance>;
}

export interface Sitting {
  /** Rising from easy to hard. */
  uses: SittingUse[];
  /** Uses that only suit later. */
  later: number;
}

/** Chances between which a use belongs into a sitting: easy to begin with, up to one that may fail. */
const FROM_CHANCE = 0.15;
const MOST_OUTGROWN = 0.995;
/** Of one form so many uses at the most, apart by at least so much chance: the same, and then a little harder. */
const MOST_OF_A_FORM = 2;
const APART = 0.15;
export const MOST_USES = 6;

/** The materials that a need can be served with: itself, and those it names as stand-ins. */
function serves(needed: string, material: MaterialId, materials: ReadonlyMap<string, Material>): boolean {
  if (needed === material) return true;
  return materials.get(needed)?.standIns.some((one) => one.material === material) ?? false;
}

/** Everything the material can be used for, each activity at the rungs that use it. */
export function usesOf(catalogue: Catalogue, material: MaterialId): { activity: Activity; rung: Rung }[] {
  const materials = new Map(catalogue.materials.map((one) => [one.id, one]));
  return catalogue.activities.flatMap((activity) =>
    activity.rungs
      .filter((rung) => rung.materials.some((need) => serves(need.material, material, materials)))
      .map((rung) => ({ activity, rung })),
  );
}

/** From a list sorted by ease, so many that are spread over it, ends included. */
function spreadOut<T>(all: readonly T[], most: number): T[] {
  if (all.length <= most) return [...all];
  const picked = Array.from({ length: most }, (_, i) => Math.round((i * (all.length - 1)) / (most - 1)));
  return [...new Set(picked)].flatMap((i) => all[i] ?? []);
}

/** How many of the children the use suits. */
const suits = (use: SittingUse): number =>
  [...use.chances.values()].filter((one) => one.chance >= FROM_CHANCE && one.chance <= MOST_OUTGROWN).length;

const meanChance = (use: SittingUse): number =>
  [...use.chances.values()].reduce((sum, one) => sum + one.chance, 0) / Math.max(1, use.chances.size);

/** Of the uses of one form those that suit most children, then those nearest to just within reach, well apart. */
function bestOfForm(uses: readonly SittingUse[]): SittingUse[] {
  const ranked = [...uses].sort(
    (a, b) => suits(b) - suits(a) || Math.abs(meanChance(a) - 0.65) - Math.abs(meanChance(b) - 0.65),
  );
  const taken: SittingUse[] = [];
  for (const use of ranked) {
    const apart = taken.every((one) => Math.abs(meanChance(one) - meanChance(use)) >= APART);
    if (taken.length < MOST_OF_A_FORM && apart) taken.push(use);
  }
  return taken;
}

/**
 * A sitting from one material: up to six uses in rising order, at most two of one form. With several
 * children a use belongs in where it suits at least one of them; those that suit all come before others. `mayBeSetOut`
 * tells what is safe in this home: nothing else is offered.
 */
export function sittingFor(
  catalogue: Catalogue,
  material: MaterialId,
  readiness: ReadonlyMap<string, ChildReadiness>,
  mayBeSetOut: (activity: Activity, rung: Rung) => boolean,
): Sitting {
  const safe = usesOf(catalogue, material).filter(({ activity, rung }) => mayBeSetOut(activity, rung));
  const all = safe.map(({ activity, rung }) => ({
    activity,
    rung,
    chances: new Map([...readiness].map(([child, ready]) => [child, ready.rung(activity, rung)] as const)),
  }));
  const byForm = new Map<string, SittingUse[]>();
  for (const use of all.filter((one) => suits(one) > 0)) {
    pushTo(byForm, use.activity.form, use);
  }
  const rising = [...byForm.values()]
    .flatMap(bestOfForm)
    .sort((a, b) => meanChance(b) - meanChance(a) || (a.rung.id < b.rung.id ? -1 : 1));
  const later = all.filter((use) =>
    [...use.chances.values()].every((one) => one.chance < FROM_CHANCE),
  ).length;
  return { uses: spreadOut(rising, MOST_USES), later };
}
