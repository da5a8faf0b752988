import type { Material, MaterialId, Need, Rung } from "../model";
import { fittingWays, type Served } from "./fits";
import { lackingParts } from "./mixable";
import { optionsFor, type Stock } from "./options";

/** How one need of a rung can be served from the cupboard. */
export type NeedState =
  | { state: "have"; need: Need; where?: string }
  | { state: "stand-in"; need: Need; material: MaterialId; serves: number }
  /** It can be mixed from things that are there. */
  | { state: "mix"; need: Need }
  /** There is some, but not enough. */
  | { state: "too-few"; need: Need; have: number }
  | { state: "buy"; need: Need; packs: number; cents: number }
  /** Of what is mixed at home: for want of which of its parts, by name. */
  | { state: "missing"; need: Need; parts: readonly string[] };

const isStandIn = ({ serves }: Served["options"][number]) => serves < 1;

/** The ways that go together. Where two things do not meet as they should, what stands in for them is of no use. */
function goingTogether(fits: Rung["fits"], ways: Served[], byKey: ReadonlyMap<string, Stock>): Served[] {
  const there = ways.filter(({ options }) => options.length > 0);
  const fitting = fittingWays(fits, there, byKey);
  if ("ways" in fitting) {
    const left = new Map(fitting.ways.map((one) => [one.need.id, one]));
    return ways.map((one) => left.get(one.need.id) ?? one);
  }
  const { a, b } = fitting.unfit;
  const isUnfit = ({ need, options }: Served) => (need.id === a || need.id === b) && options.some(isStandIn);
  if (!there.some(isUnfit)) return ways;
  const without = ways.map((one) =>
    isUnfit(one) ? { ...one, options: one.options.filter((option) => !isStandIn(option)) } : one,
  );
  return goingTogether(fits, without, byKey);
}

/**
 * Need by need: have it, a stand-in, to be mixed, too few, a small purchase, or missing. Needs are looked at one by one, but
 * a stand-in that does not go together with the other things of the rung is none.
 */
export function needStates(
  { materials: needs, fits }: Pick<Rung, "materials" | "fits">,
  materials: ReadonlyMap<string, Material>,
  stock: readonly Stock[],
): NeedState[] {
  const held = stock.filter((one) => one.holding !== undefined || one.mixedFrom !== undefined);
  const ways = needs.map((need) => ({ need, options: optionsFor(need, materials, held, 0) }));
  const byKey = new Map(held.map((one) => [one.key, one]));
  return goingTogether(fits, ways, byKey).map(({ need, options: [option] }) => {
    if (option) {
      const from = held.find((one) => one.key === option.stock);
      if (from?.mixedFrom) return { state: "mix", need };
      return option.serves === 1
        ? { state: "have", need, where: from?.holding?.where }
        : { state: "stand-in", need, material: from?.material.id ?? need.material, serves: option.serves };
    }
    const have = held
      .filter((one) => one.material.id === need.material && !one.mixedFrom)
      .reduce((sum, one) => sum + one.quantity, 0);
    const pack = materials.get(need.material)?.pack;
    if (pack) {
      const packs = Math.ceil((need.quantity - have) / pack.quantity - 1e-9);
      return { state: "buy", need, packs, cents: packs * pack.cents };
    }
    if (have > 0) return { state: "too-few", need, have };
    const material = materials.get(need.material);
    const parts = material ? lackingParts(material, need.quantity, materials, held) : [];
    return { state: "missing", need, parts };
  });
}

/** Is it there, in its own form, as a stand-in or to be mixed? */
export const isThereNow = ({ state }: NeedState): boolean =>
  state === "have" || state === "stand-in" || state === "mix";

const isLacking = (state: NeedState): boolean => !isThereNow(state);

/** The materials that are not there and can't stay away. */
export const lacking = (states: readonly NeedState[]): string[] =>
  states.filter((one) => isLacking(one) && !one.need.spare).map((one) => one.need.material);

/** Is it not there, and may stay away? */
export const isAway = (state: NeedState): boolean => state.need.spare === true && isLacking(state);
