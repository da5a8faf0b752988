import type { Activity, Catalogue, Material, Rung } from "../model";
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
const FROM_CHANCE = 0.25;
const MOST_OUTGROWN = 0.97;
export const MOST_USES = 6;

/** The materials that a need can be served with: itself, and those it names as stand-ins. */
function serves(needed: string, material: string, materials: ReadonlyMap<string, Material>): boolean {
  if (needed === material) return true;
  return materials.get(needed)?.standIns.some((one) => one.material === material) ?? false;
}

/** Everything the material can be used for, each activity at the rungs that use it. */
export function usesOf(catalogue: Catalogue, material: string): { activity: Activity; rung: Rung }[] {
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

/**
 * A sitting from one material: up to six uses in rising order, each of another form, at the rung that suits
 * best. With several children a use belongs in where it suits at least one of them, and those that suit
 * all come first of a form.
 */
export function sittingFor(
  catalogue: Catalogue,
  material: string,
  readiness: ReadonlyMap<string, ChildReadiness>,
): Sitting {
  const all = usesOf(catalogue, material).map(({ activity, rung }) => ({
    activity,
    rung,
    chances: new Map([...readiness].map(([child, ready]) => [child, ready.rung(activity, rung)] as const)),
  }));
  const suits = (use: SittingUse) =>
    [...use.chances.values()].filter((one) => one.chance >= FROM_CHANCE && one.chance <= MOST_OUTGROWN)
      .length;
  const mean = (use: SittingUse) =>
    [...use.chances.values()].reduce((sum, one) => sum + one.chance, 0) / Math.max(1, use.chances.size);
  const byForm = new Map<string, SittingUse>();
  for (const use of all) {
    if (suits(use) === 0) continue;
    const known = byForm.get(use.activity.form);
    const better =
      !known ||
      suits(use) > suits(known) ||
      (suits(use) === suits(known) && Math.abs(mean(use) - 0.65) < Math.abs(mean(known) - 0.65));
    if (better) byForm.set(use.activity.form, use);
  }
  const rising = [...byForm.values()].sort((a, b) => mean(b) - mean(a) || (a.rung.id < b.rung.id ? -1 : 1));
  const later = all.filter((use) =>
    [...use.chances.values()].every((one) => one.chance < FROM_CHANCE),
  ).length;
  return { uses: spreadOut(rising, MOST_USES), later };
}
