import { planConsumption, spoilingSoon } from "../../core/day";
import { pause } from "../store/pause";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** The number of ways in which each holding that spoils can be used until then, by its id. */
export const usesBeforeSpoiling = query(NoParameters, async ({ situation, tables, on }) => {
  const uses = new Map<string, number>();
  for (const { holding, material, by } of spoilingSoon(tables, situation, on)) {
    await pause();
    const { quantity } = holding;
    const asked = { quantity, by, children: situation.planned };
    uses.set(holding.id, planConsumption(situation, tables, material.id, asked).steps.length);
  }
  return uses;
});
