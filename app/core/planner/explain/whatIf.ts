import type { Highs } from "highs";
import { elementAt } from "../../collections";
import type { Situation } from "../../household";
import type { Limits } from "../../model";
import { buildProblem } from "../candidates/buildProblem";
import { singleWeek } from "../candidates/horizon";
import { type Assignment, childrenOf } from "../candidates/problem";
import { type Solution, solveHorizon } from "../plan";
import { worthBuying } from "./worthBuying";

/** A small change of what the household can do, and what the rotation would gain by it. */
export interface WhatIf {
  change: { limit: keyof Limits; by: number } | { buy: string; quantity: number; cents: number };
  /** Points; more than 0. */
  gain: number;
  /** Trays that would come. */
  brings: string[];
}

/** By how much each limit is eased: the least that usually makes a difference. */
const EASED: Partial<Record<keyof Limits, number>> = {
  prepMinutes: 10,
  wet: 1,
  messy: 1,
  loud: 1,
  adultBeside: 1,
  adultHeld: 1,
  trays: 1,
};
/** So many purchases are tried: those that would make most rungs complete. */
const PURCHASES_TRIED = 4;
/** Gains below this are noise. */
const LEAST_GAIN = 0.05;

const keyOf = ({ candidate }: Assignment) =>
  `${childrenOf(candidate).join("+")} ${candidate.activity.id} ${candidate.rung.id}`;

/** A gain counts from the best that there might have been before: where the time ran out, that is more than was found. */
function gained(before: Solution, after: Solution, change: WhatIf["change"]): WhatIf[] {
  const gain = after.objective - before.objective - before.gap * Math.abs(before.objective);
  if (gain < LEAST_GAIN) return [];
  const had = new Set(elementAt(before.chosen, 0).map(keyOf));
  return [
    {
      change,
      gain,
      brings: elementAt(after.chosen, 0)
        .filter((one) => !had.has(keyOf(one)))
        .map((one) => `${one.candidate.activity.name} (${one.candidate.rung.title})`),
    },
  ];
}

/** What the rotation would gain if one limit were eased or one small thing bought, the largest gain first. */
export function whatIf(highs: Highs, s: Situation, seconds: number): WhatIf[] {
  const problem = buildProblem(s);
  const solve = (changed: Situation) => solveHorizon(highs, singleWeek(changed), { seconds });
  const before = solveHorizon(highs, singleWeek(s, problem), { seconds });
  const { limits } = s.household;
  const eased = Object.entries(EASED).flatMap(([key, by]) => {
    const limit = key as keyof Limits;
    const household = { ...s.household, limits: { ...limits, [limit]: limits[limit] + by } };
    return gained(before, solve({ ...s, household }), { limit, by });
  });
  const bought = worthBuying(s, problem)
    .slice(0, PURCHASES_TRIED)
    .flatMap(({ material, pack }) => {
      const stock = [...s.stock, { key: `tried ${material.id}`, material, quantity: pack.quantity }];
      return gained(before, solve({ ...s, stock }), {
        buy: material.id,
        quantity: pack.quantity,
        cents: pack.cents,
      });
    });
  return [...eased, ...bought].sort((a, b) => b.gain - a.gain);
}
