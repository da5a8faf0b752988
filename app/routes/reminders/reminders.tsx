import { Button } from "antd";
import { href, Link } from "react-router";
import { minuteOf } from "../../core/model";
import { saveFile } from "../../ui/saveFile";
import { dayFrom } from "../../words/dates";
import { clockText } from "../../words/moments";
import { countText } from "../../words/numbers";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/reminders";

export const meta = () => titled("Reminders");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "reminders");

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
      <ul className="bare lines" style={{ "--first": "150px" }}>
        {events.map((one) => (
          <li key={`${one.id} ${one.on}`} className="pair">
            <span className="quiet">
              {dayFrom(one.on, today)}
              {one.time ? `, ${clockText(minuteOf(one.time.at))}` : ""}
            </span>
            <span>
              {one.title}
              {one.every && (
                <small>
                  and every {countText(one.every.days, "day")} after, {countText(one.every.times, "time")} in
                  all
                </small>
              )}
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
