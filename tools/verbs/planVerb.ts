import { writeFileSync } from "node:fs";
import loadHighs from "highs";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import type { Backup, PlainDate } from "../../app/core/model";
import { horizonOf, lpTextOf, makePlan, mipModelOf, type PlannedRotation } from "../../app/core/planner";
import { boughtForText, conflictText, emptyText, reasonText } from "../../app/words/plan";

function cautionsOf(rotation: PlannedRotation) {
  return rotation.trays.flatMap((tray) =>
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
  const horizon = horizonOf(CATALOGUE, backup.tables, on, weeks);
  if (lpFile) writeFileSync(lpFile, lpTextOf(highs, mipModelOf(horizon)));
  const { status, gap, objective, rotations } = makePlan(highs, horizon, { seconds });
  return {
    on,
    status,
    gap,
    objective,
    rotations: rotations.map(({ from, to, trays, empty }) => ({
      from,
      to,
      trays: trays.map(({ activity, rung, child, also, place, state, chance, allotted, reasons }) => ({
        activity,
        rung,
        child,
        ...(also.length > 0 ? { also } : {}),
        place,
        state,
        chance,
        allotted: allotted.map(({ need, material, quantity }) => ({ need, material, quantity })),
        reasons: reasons.map((one) => ({ term: one.term, value: one.value, text: reasonText(one) })),
      })),
      empty: empty.map(({ place, because }) => ({ place, because: emptyText(because) })),
    })),
    shopping: rotations.flatMap((one) =>
      one.shopping.map((line) => ({
        material: line.material,
        quantity: line.quantity,
        because: boughtForText(line),
      })),
    ),
    cautions: rotations.flatMap(cautionsOf),
    conflicts: rotations.flatMap((one) => one.conflicts.map(conflictText)),
  };
}
