import { asSetOut, isAway, type NeedState, needStates } from "../materials";
import {
  type Activity,
  activityOf,
  type Catalogue,
  type Material,
  type Rung,
  type RungId,
  type Tables,
  type Tray,
} from "../model";
import type { SetOut } from "../setup";
import type { Situation } from "./situation";

const measuredAs = (material: Material, piece: Material["piece"]): Material =>
  piece ? { ...material, piece } : material;

/** A thing with its size as it was measured in this home. */
export function thingHere({ materials, stock }: Pick<Situation, "materials" | "stock">, id: string) {
  const material = materials.get(id);
  return material && measuredAs(material, stock.find((one) => one.material.id === id)?.holding?.measured);
}

/** What is on a tray, each thing as the holding that it came from was measured. */
export const setOutOn = (tables: Tables, { materials }: Pick<Situation, "materials">, tray: Tray): SetOut[] =>
  tray.allotted.flatMap((one) => {
    const material = materials.get(one.material);
    const measured = tables.holdings.find((holding) => holding.id === one.holding)?.measured;
    return material
      ? [{ need: one.need, quantity: one.quantity, material: measuredAs(material, measured) }]
      : [];
  });

/** The activity of a tray, and its rung as it is set out there; undefined where it is no longer in the catalogue. */
export function rungOfTray(
  catalogue: Pick<Catalogue, "activities">,
  { activity: id, rung: rungId, allotted }: Pick<Tray, "activity" | "allotted"> & { rung: RungId },
): { activity: Activity; rung: Rung } | undefined {
  const activity = activityOf(catalogue, id);
  const rung = activity?.rungs.find((one) => one.id === rungId);
  return activity && rung && { activity, rung: asSetOut(rung, allotted) };
}

/**
 * What would be set out for a rung: what is here or stands in, as it was measured; otherwise the usual thing, and nothing for
 * what may stay away.
 */
export const wouldSetOut = (
  s: Pick<Situation, "materials" | "stock">,
  rung: Rung,
  states: readonly NeedState[] = needStates(rung, s.materials, s.stock),
): SetOut[] =>
  states.flatMap((state) => {
    if (isAway(state)) return [];
    const material = thingHere(s, state.state === "stand-in" ? state.material : state.need.material);
    return material ? [{ need: state.need.id, quantity: state.need.quantity, material }] : [];
  });
