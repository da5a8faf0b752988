import { z } from "zod";
import { planConsumption, sittingUses } from "../../core/day";
import { lacking, needStates } from "../../core/materials";
import type { Child, MaterialId } from "../../core/model";
import type { Home } from "../store/home";
import { several } from "./parameters";
import { query } from "./query";
import { toUseUp } from "./toUseUp";

const Parameters = z.object({
  material: z.string(),
  /** The children who sit together; the eldest where none is named. */
  child: several(z.string()),
});

/** The uses of a thing that spoils, spread over the days that are left; undefined where nothing of it spoils. */
function spreadUntilSpoilt(home: Home, material: MaterialId, children: readonly Child[]) {
  const holding = toUseUp(home, material);
  const by = holding?.useBy;
  if (!by || home.ahead > 0) return undefined;
  const { quantity } = holding;
  return {
    by,
    quantity,
    plan: planConsumption(home.situation, home.tables, material, { quantity, by, children }),
  };
}

/** A whole sitting with one thing, in rising order; undefined where there is no such thing. */
export const materialSitting = query(Parameters, (home, { material: id, child: wanted }) => {
  const { situation } = home;
  const { materials, planned, stock } = situation;
  const material = materials.get(id);
  if (!material) return undefined;
  const named = planned.filter((child) => wanted.some((one) => one === child.id));
  const children = named.length > 0 ? named : planned.slice(0, 1);
  const { uses, later } = sittingUses(situation, material.id, children);
  return {
    today: home.today,
    preview: home.ahead > 0,
    units: home.household.units,
    useUp: spreadUntilSpoilt(home, material.id, children),
    material,
    children,
    everyone: planned,
    later,
    materials: [...materials.values()].sort((a, b) => (a.name < b.name ? -1 : 1)),
    uses: uses.map((use) => ({
      ...use,
      lacks: lacking(needStates(use.rung, materials, stock)).map((one) => materials.get(one)?.name ?? one),
    })),
  };
});
