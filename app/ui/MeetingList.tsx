import type { MeetingHere } from "../core/setup";
import type { Units } from "../core/units";
import { meetingText } from "../words/setUp";

/** How the things of a tray meet, by their sizes here; nothing where no two have to. */
export function MeetingList({ meetings, units }: { meetings: readonly MeetingHere[]; units: Units }) {
  if (meetings.length === 0) return null;
  return (
    <ul aria-label="How the things meet">
      {meetings.map((one) => (
        <li key={`${one.how} ${one.a.need} ${one.b.need}`} className={one.meeting.ok ? undefined : "fault"}>
          {meetingText(one, units)}.
        </li>
      ))}
    </ul>
  );
}
