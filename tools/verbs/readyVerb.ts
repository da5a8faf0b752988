import { CATALOGUE } from "../../app/catalogue/catalogue";
import { catalogueOf } from "../../app/core/household";
import { type Backup, type Child, livingTables, type PlainDate } from "../../app/core/model";

import { readinessOf } from "../../app/core/readiness";

/** The chance for every skill and every rung, for one child on a date. */
export function readyVerb(backup: Backup, child: Child, on: PlainDate) {
  const tables = livingTables(backup.tables);
  const catalogue = catalogueOf(CATALOGUE, tables);
  const ready = readinessOf(catalogue, child, tables.observations, tables.skillNotes, on);
  return {
    skills: catalogue.skills.map((skill) => ({ id: skill.id, area: skill.area, ...ready.skill(skill.id) })),
    rungs: catalogue.activities.flatMap((activity) =>
      activity.rungs.map((rung) => {
        const { chance, word } = ready.rung(activity, rung);
        return { activity: activity.id, rung: rung.id, chance, word };
      }),
    ),
  };
}
