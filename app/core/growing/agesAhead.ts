import { offerContext, type Situation } from "../household";
import { missingNeeds } from "../materials";
import { type Activity, addMonths, type Child, type Rung, type Tables } from "../model";
import { readinessOf } from "../readiness";
import { isSafeSomewhere } from "../safety";

/** A rung that will come within reach, with what the home lacks for it. */
export interface Coming {
  activity: Activity;
  rung: Rung;
  /** Materials by their ids. */
  lacks: string[];
}

/** What will be about right in so many months that is not yet, the nearest to it first; an activity once. */
export interface AgeAhead {
  months: number;
  coming: Coming[];
}

const MOST_AHEAD = 8;

/**
 * What will fit in one, two, three months: rungs that are coming now and about right then, safe in this home by then, an
 * activity at its first month and rung. Nothing but age is taken to change.
 */
export function upcomingRungs(
  s: Situation,
  tables: Tables,
  child: Child,
  months: readonly number[],
): AgeAhead[] {
  const now = s.readiness.get(child.id);
  if (!now) return [];
  const told = new Set<string>();
  const context = offerContext(s, [child]);
  return months.map((ahead): AgeAhead => {
    const then = readinessOf(
      s.catalogue,
      child,
      tables.observations,
      tables.skillNotes,
      addMonths(s.on, ahead),
    );
    const able = s.catalogue.activities.flatMap((activity) =>
      activity.rungs.flatMap((rung) => {
        const [before, after] = [now.rung(activity, rung), then.rung(activity, rung)];
        if (before.word !== "coming" || after.word !== "now" || told.has(activity.id)) return [];
        return [{ activity, rung, off: Math.abs(after.chance - 0.65) }];
      }),
    );
    const coming: Coming[] = [];
    for (const { activity, rung } of able.sort((a, b) => a.off - b.off)) {
      if (coming.length >= MOST_AHEAD) break;
      if (told.has(activity.id) || !isSafeSomewhere(activity, rung, s.places, context)) continue;
      told.add(activity.id);
      const lacks = missingNeeds(rung.materials, s.materials, s.stock, 0).map((need) => need.material);
      coming.push({ activity, rung, lacks: [...new Set(lacks)] });
    }
    return { months: ahead, coming };
  });
}
