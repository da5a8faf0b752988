import { type Situation, standingRotation, turningUnsafe, upcomingRotation } from "../household";
import { materialIndex } from "../materials";
import {
  type Activity,
  activityOf,
  addDays,
  type Guide,
  type PlainDate,
  type Tables,
  type Tray,
} from "../model";
import type { RemindersQuestion } from "../report/calendar";
import { insertOn, insertRows, piecesOf } from "../rotation";
import { nextReachChanges } from "../safety";

/** So many days ahead safety is looked at for reminders. */
const FORESEEN_DAYS = 60;

/** What changes for safety: trays to take down, and who will get at what. */
function safetyOf(
  tables: Tables,
  s: Situation,
  today: PlainDate,
  trays: readonly Tray[],
): RemindersQuestion["safety"] {
  const turning = turningUnsafe(s, tables, trays, FORESEEN_DAYS);
  return [
    ...turning.map(({ tray, on, becomes }) => {
      const name = activityOf(s.catalogue, tray.activity)?.name ?? tray.activity;
      const reason = becomes.findings.find((one) => one.effect !== "caution")?.reason ?? "";
      const what = becomes.state === "blocked" ? ("take-down" as const) : ("adult-held" as const);
      return { id: tray.id, on, what, activity: name, reason };
    }),
    ...nextReachChanges(s.places, s.people, today, FORESEEN_DAYS).map((change) => ({
      id: `reach-${change.child.id}`,
      on: change.on,
      what: "reach" as const,
      change,
    })),
  ];
}

/** What there is to be reminded of at a home, as the calendar asks for it; `guideOf` gives the guide of an activity. */
export async function remindersQuestion(
  tables: Tables,
  s: Situation,
  today: PlainDate,
  guideOf: (activity: Activity) => Promise<Guide | undefined>,
): Promise<RemindersQuestion> {
  const { catalogue, household, site } = s;
  const names = materialIndex(catalogue);
  const standing = standingRotation(tables, site, today);
  const upcoming = upcomingRotation(tables, site, today);
  const due = standing ? addDays(standing.from, household.rotationDays) : today;
  const trays = tables.trays.filter((tray) => tray.rotation === standing?.id && tray.downOn === undefined);
  const inserts = await Promise.all(
    trays.map(async (tray) => {
      const activity = activityOf(catalogue, tray.activity);
      const labels = piecesOf(tables, tray, activity && (await guideOf(activity))?.inserts);
      const state = insertOn(labels, insertRows(tables, tray), today);
      const from = state ? state.today.number - (state.today.used ? 0 : 1) : labels.length;
      return { tray: tray.id, name: activity?.name ?? "", labels: labels.slice(from), first: from };
    }),
  );
  return {
    today,
    site,
    next: upcoming?.from ?? [due, today].sort().at(-1) ?? today,
    rotationDays: household.rotationDays,
    inserts: inserts.filter((one) => one.labels.length > 0),
    moments: trays.flatMap(({ id, activity, place, when }) => {
      const moment = tables.moments.find((one) => one.id === when?.moment);
      const days = when?.days.filter((day) => day >= today) ?? [];
      const name = activityOf(catalogue, activity)?.name;
      const at = s.places.find((one) => one.id === place)?.name;
      return moment && name && at ? [{ tray: id, name, place: at, moment, days }] : [];
    }),
    safety: safetyOf(tables, s, today, trays),
    due: tables.holdings
      .filter((one) => one.site === site && one.quantity > 0)
      .flatMap((one) => {
        const name = names.get(one.material)?.name ?? one.material;
        return [
          ...(one.dueBack ? [{ id: one.id, name, on: one.dueBack, kind: "back" as const }] : []),
          ...(one.useBy ? [{ id: one.id, name, on: one.useBy, kind: "use-by" as const }] : []),
        ];
      }),
  };
}
