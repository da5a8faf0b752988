import { writeFileSync } from "node:fs";
import loadHighs from "highs";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import type { Backup, PlainDate } from "../../app/core/model";
import {
  buildProblem,
  lpTextOf,
  mipModelOf,
  type Plan,
  planWeeks,
  situationOf,
} from "../../app/core/planner";

const WORST: readonly Plan["status"][] = ["optimal", "within-gap", "time-limit"];

function cautionsOf(plan: Plan) {
  return plan.trays.flatMap((tray) =>
    tray.findings.map((finding) => ({
      rule: finding.rule,
      tray: `${tray.activity}/${tray.rung}`,
      text: `${finding.reason} ${finding.advice}`,
    })),
  );
}

/** The plan in the shape that is promised: status, gap, rotations with trays and reasons, shopping, cautions. */
export async function planVerb(
  backup: Backup,
  on: PlainDate,
  weeks: number,
  seconds: number,
  lpFile?: string,
) {
  const highs = await loadHighs();
  if (lpFile) {
    const problem = buildProblem(situationOf(CATALOGUE, backup.tables, on));
    writeFileSync(lpFile, lpTextOf(highs, mipModelOf(problem)));
  }
  const planned = planWeeks(highs, CATALOGUE, backup.tables, on, weeks, { seconds });
  const plans = planned.map((one) => one.plan);
  return {
    on,
    status: WORST[Math.max(...plans.map((plan) => WORST.indexOf(plan.status)))],
    gap: Math.max(...plans.map((plan) => plan.gap)),
    objective: plans.reduce((sum, plan) => sum + plan.objective, 0),
    rotations: planned.map(({ from, to, plan }) => ({
      from,
      to,
      trays: plan.trays.map(({ activity, rung, child, place, state, chance, allotted, reasons }) => ({
        activity,
        rung,
        child,
        place,
        state,
        chance,
        allotted: allotted.map(({ need, material, quantity }) => ({ need, material, quantity })),
        reasons,
      })),
      empty: plan.empty,
    })),
    shopping: plans.flatMap((plan) =>
      plan.shopping.map(({ material, quantity, because }) => ({ material, quantity, because })),
    ),
    cautions: plans.flatMap(cautionsOf),
    conflicts: plans.flatMap((plan) => plan.conflicts),
  };
}
