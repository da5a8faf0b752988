import { rungOfTray, type Situation, standingRotation, standingSafety } from "../household";
import { howUsed } from "../materials";
import type { Material, PlainDate, Tables, Tray } from "../model";

/** What is to be done with it: water poured away, thrown away as it does not keep, shut into its pot, or put up high. */
export type NightTask = "pour-away" | "throw-away" | "shut" | "up-high";

/** Something that does not stay out overnight. */
export interface PutAway {
  tray: Tray;
  name: string;
  task: NightTask;
  /** What of it; nothing where it is all of the tray. */
  materials: Material[];
}

/** It is poured away at night: water on its own, without what is mixed into it. */
const isWater = (material: Material): boolean => material.id === "water" || material.id === "ice-large";

/** What keeps no longer than the day, and what keeps in a closed pot. */
function taskFor(material: Material, stays: true | undefined): NightTask | undefined {
  if (isWater(material)) return "pour-away";
  const { recipe } = material;
  if (!recipe || recipe.orBought || howUsed({ stays }, material) === "kept") return undefined;
  return recipe.keepsDays <= 1 ? "throw-away" : "shut";
}

/** What has to be put away before the night, of what was out on the day: by tray, in the order of the shelf. */
export function putAwayTonight(s: Situation, tables: Tables, on: PlainDate): PutAway[] {
  const rotation = standingRotation(tables, s.site, on);
  return tables.trays
    .filter((tray) => tray.rotation === rotation?.id && tray.downOn === undefined)
    .filter((tray) => !tray.when || tray.when.days.includes(on))
    .flatMap((tray): PutAway[] => {
      const opened = rungOfTray(s.catalogue, tray);
      if (!opened) return [];
      const { name } = opened.activity;
      const byTask = new Map<NightTask, Material[]>();
      for (const { material: id, stays } of tray.allotted) {
        const material = s.materials.get(id);
        const task = material && taskFor(material, stays);
        if (material && task) byTask.set(task, [...(byTask.get(task) ?? []), material]);
      }
      // What stands is up high by its place; what came by a moment was brought down for it.
      const isBrought = tray.when !== undefined && standingSafety(s, tables, tray)?.state === "adult-held";
      return [
        ...[...byTask].map(([task, materials]): PutAway => ({ tray, name, task, materials })),
        ...(isBrought ? [{ tray, name, task: "up-high" as const, materials: [] }] : []),
      ];
    });
}
