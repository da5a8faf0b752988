import { CATALOGUE } from "../../app/catalogue/catalogue";
import { type DayUse, dayOf } from "../../app/core/day";
import { situationOf } from "../../app/core/household";
import { type Backup, clockTimeOf, livingTables, type PlainDate } from "../../app/core/model";

import { taskText } from "../../app/words/prep";

/** A day of a household by its moments, at its first home: what is on, what to prepare for it, what has to be used up. */
export function dayVerb(backup: Backup, on: PlainDate) {
  const tables = livingTables(backup.tables);
  const s = situationOf(CATALOGUE, tables, on);
  const { moments, useUp, uses } = dayOf(tables, s, on);
  const told = (all: readonly DayUse[]) =>
    all.map(({ sitting, activity, rung, quantity, isNoted }) => ({
      ...{ sitting: sitting.id, activity: activity.id, rung: rung.id },
      ...{ quantity: quantity ?? null, noted: isNoted },
    }));
  return {
    on,
    moments: moments.map(({ moment, place, invitation, lines, prepMinutes, beginAt, asleep, uses: own }) => ({
      moment: moment.id,
      routine: moment.routine,
      at: moment.at,
      minutes: moment.minutes,
      place: place.id,
      activity: invitation?.activity.id ?? null,
      rung: invitation?.rung.id ?? null,
      child: invitation?.tray.child ?? null,
      prepare: lines.map((line) => taskText(line, s.household.units)),
      prepMinutes,
      begin: clockTimeOf(beginAt),
      putAwayBefore: asleep.map((child) => child.id),
      uses: told(own),
    })),
    uses: told(uses),
    useUp: useUp.map(({ material, holding, by }) => ({
      material: material.id,
      quantity: holding.quantity,
      by,
    })),
  };
}
