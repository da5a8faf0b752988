import type { Material, Need } from "../model";
import { optionsFor, type Stock } from "./options";

/** How one need of a rung can be served from the cupboard. */
export type NeedState =
  | { state: "have"; need: Need; where?: string }
  | { state: "stand-in"; need: Need; material: string; serves: number }
  /** There is some, but not enough. */
  | { state: "too-few"; need: Need; have: number }
  | { state: "buy"; need: Need; packs: number; cents: number }
  | { state: "missing"; need: Need };

/** Need by need: have it, a stand-in, too few, a small purchase, or missing. Needs are looked at one by one. */
export function needStates(
  needs: readonly Need[],
  materials: ReadonlyMap<string, Material>,
  stock: readonly Stock[],
): NeedState[] {
  const held = stock.filter((one) => one.holding !== undefined);
  return needs.map((need) => {
    const [option] = optionsFor(need, materials, held, 0);
    if (option) {
      const from = held.find((one) => one.key === option.stock);
      return option.serves === 1
        ? { state: "have", need, where: from?.holding?.where }
        : { state: "stand-in", need, material: from?.material.id ?? need.material, serves: option.serves };
    }
    const have = held
      .filter((one) => one.material.id === need.material)
      .reduce((sum, one) => sum + one.quantity, 0);
    const pack = materials.get(need.material)?.pack;
    if (pack) {
      const packs = Math.ceil((need.quantity - have) / pack.quantity - 1e-9);
      return { state: "buy", need, packs, cents: packs * pack.cents };
    }
    return have > 0 ? { state: "too-few", need, have } : { state: "missing", need };
  });
}

/** The materials that are not there, a stand-in counting as there. */
export const lacking = (states: readonly NeedState[]): string[] =>
  states.filter((one) => one.state !== "have" && one.state !== "stand-in").map((one) => one.need.material);
