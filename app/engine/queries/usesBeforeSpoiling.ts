import { dayOf, planConsumption } from "../../core/day";
import { pause } from "../store/pause";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** For each holding that spoils, by its id, in how many ways it can be used until then. */
export const usesBeforeSpoiling = query(NoParameters, async ({ situation, tables, on }) => {
  const uses = new Map<string, number>();
  for (const { holding, material, by } of dayOf(tables, situation, on).useUp) {
    await pause();
    const { quantity } = holding;
    const asked = { quantity, by, children: situation.planned };
    uses.set(holding.id, planConsumption(situation, tables, material.id, asked).steps.length);
  }
  return uses;
});
