import { Button } from "antd";
import { href, Link } from "react-router";
import { loadGuide } from "../../catalogue";
import { type Situation, standingRotation, turningUnsafe, upcomingRotation } from "../../core/household";
import { materialIndex } from "../../core/materials";
import { activityOf, addDays, minuteOf, type Tray } from "../../core/model";
import type { RemindersQuestion } from "../../core/report/calendar";
import { insertOn, insertRows, piecesOf } from "../../core/rotation";
import { nextReachChanges } from "../../core/safety";
import type { Home } from "../../data/home";
import { saveFile } from "../../ui/saveFile";
import { dayFrom } from "../../words/dates";
import { clockText } from "../../words/moments";
import { countText } from "../../words/numbers";
import { eventOf } from "../../words/reminders";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/reminders";

/** So many days ahead safety is looked at for reminders. */
const FORESEEN_DAYS = 60;

/** What changes for safety: trays to take down, and who will get at what. */
function safetyOf(home: Home, situation: Situation, trays: readonly Tray[]): RemindersQuestion["safety"] {
  const turning = turningUnsafe(situation, home.tables, trays, FORESEEN_DAYS);
  return [
    ...turning.map(({ tray, on, becomes }) => {
      const name = activityOf(situation.catalogue, tray.activity)?.name ?? tray.activity;
      const reason = becomes.findings.find((one) => one.effect !== "caution")?.reason ?? "";
      const what = becomes.state === "blocked" ? ("take-down" as const) : ("adult-held" as const);
      return { id: tray.id, on, what, activity: name, reason };
    }),
    ...nextReachChanges(situation.places, situation.people, home.today, FORESEEN_DAYS).map((change) => ({
      id: `reach-${change.child.id}`,
      on: change.on,
      what: "reach" as const,
      change,
    })),
  ];
}

/** What there is to be reminded of, as the calendar asks for it. */
async function questionOf(home: Home): Promise<RemindersQuestion> {
  const { tables, today, household, site } = home;
  const situation = home.situation;
  const { catalogue } = situation;
  const names = materialIndex(catalogue);
  const standing = standingRotation(tables, site.id, today);
  const upcoming = upcomingRotation(tables, site.id, today);
  const due = standing ? addDays(standing.from, household.rotationDays) : today;
  const trays = tables.trays.filter((tray) => tray.rotation === standing?.id && tray.downOn === undefined);
  const inserts = await Promise.all(
    trays.map(async (tray) => {
      const activity = activityOf(catalogue, tray.activity);
      const labels = piecesOf(home.tables, tray, activity && (await loadGuide(activity))?.inserts);
      const state = insertOn(labels, insertRows(home.tables, tray), today);
      const from = state ? state.today.number - (state.today.used ? 0 : 1) : labels.length;
      return { tray: tray.id, name: activity?.name ?? "", labels: labels.slice(from) };
    }),
  );
  return {
    today,
    next: upcoming?.from ?? [due, today].sort().at(-1) ?? today,
    rotationDays: household.rotationDays,
    inserts: inserts.filter((one) => one.labels.length > 0),
    moments: trays.flatMap(({ id, activity, place, when }) => {
      const moment = tables.moments.find((one) => one.id === when?.moment);
      const days = when?.days.filter((day) => day >= today) ?? [];
      const name = activityOf(catalogue, activity)?.name;
      const at = situation.places.find((one) => one.id === place)?.name;
      return moment && name && at ? [{ tray: id, name, place: at, moment, days }] : [];
    }),
    safety: safetyOf(home, situation, trays),
    due: tables.holdings
      .filter((one) => one.site === site.id && one.quantity > 0)
      .flatMap((one) => {
        const name = names.get(one.material)?.name ?? one.material;
        return [
          ...(one.dueBack ? [{ id: one.id, name, on: one.dueBack, kind: "back" as const }] : []),
          ...(one.useBy ? [{ id: one.id, name, on: one.useBy, kind: "use-by" as const }] : []),
        ];
      }),
  };
}

export const meta = () => titled("Reminders");

export async function clientLoader({ context }: Route.ClientLoaderArgs) {
  const home = await homeOf(context);
  const { calendarText, remindersFor } = await import("../../core/report/calendar");
  const events = remindersFor(await questionOf(home)).map(eventOf);
  return { events, text: calendarText(events, new Date().toISOString()), today: home.today };
}

/** What can be put into a calendar: a file, no service; the days that it holds are seen before. */
export default function Reminders({ loaderData }: Route.ComponentProps) {
  const { events, text, today } = loaderData;
  return (
    <main className="main wide">
      <h1>Reminders</h1>
      <p className="quiet">
        A file for the calendar that you use: whole days, and moments at their hour; no alarm, nothing is sent
        anywhere. Take it in again when plans change; what is the same replaces itself.
      </p>
      <p>
        <Button type="primary" onClick={() => saveFile("orto.ics", text, "text/calendar")}>
          Save the calendar file
        </Button>{" "}
        <Link to={href("/")}>Back to the shelf</Link>
      </p>
      <ul className="reminder-list">
        {events.map((one) => (
          <li key={`${one.id} ${one.on}`}>
            <span className="when">
              {dayFrom(one.on, today)}
              {one.time ? `, ${clockText(minuteOf(one.time.at))}` : ""}
            </span>{" "}
            {one.title}
            {one.every && (
              <small>
                and every {countText(one.every.days, "day")} after, {countText(one.every.times, "time")} in
                all
              </small>
            )}
          </li>
        ))}
      </ul>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
