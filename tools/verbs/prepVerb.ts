import { CATALOGUE } from "../../app/catalogue/catalogue";
import { prepareView } from "../../app/core/day";
import { situationOf } from "../../app/core/household";
import { type Backup, livingTables, type PlainDate } from "../../app/core/model";
import { taskText } from "../../app/words/prep";

/** What is to be prepared at the household's first home, as seen on a day; null where no rotation stands or is accepted. */
export function prepVerb(backup: Backup, on: PlainDate) {
  const tables = livingTables(backup.tables);
  const s = situationOf(CATALOGUE, tables, on);
  const view = prepareView(tables, s, on);
  if (!view) return null;
  const { rotation, sheet, shopping, parts, low } = view;
  return {
    rotation: { from: rotation.from, to: rotation.to ?? null },
    minutes: sheet.minutes,
    clearMinutes: sheet.clearMinutes,
    lines: sheet.lines.map((line) => ({
      step: line.step,
      text: taskText(line, s.household.units),
      material: line.material ?? null,
      quantity: line.quantity ?? null,
      minutes: line.minutes,
      evening: line.evening,
      times: line.times ?? 1,
      trays: line.trays,
    })),
    shopping: shopping.lines.map(({ material, needed, have, get }) => ({
      material: material.id,
      needed,
      have,
      get,
    })),
    parts: parts.map(({ name, unit, quantity, have }) => ({ name, unit, quantity, have: have ?? null })),
    runsOut: low.map((one) => ({ material: one.material.id, on: one.on })),
  };
}
