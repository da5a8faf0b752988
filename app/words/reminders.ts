import type { CalendarEvent, Reminder } from "../core/report/calendar";
import { ROUTINE_NAMES } from "./moments";
import { countText } from "./numbers";
import { changeText } from "./reach";

function wordsOf(reminder: Reminder): Pick<CalendarEvent, "title" | "text"> {
  switch (reminder.what) {
    case "change-shelf":
      return { title: "Change the shelf", text: "Open Orto: decide on the trays, plan, prepare." };
    case "insert":
      return {
        title: `${reminder.activity}: ${reminder.label}`,
        text: "Lay out today’s piece. A day without play puts the others off by a day.",
      };
    case "moment":
      return {
        title: `${reminder.activity}, ${reminder.place}`,
        text: `${ROUTINE_NAMES[reminder.routine]}, about ${countText(reminder.minutes, "minute")}.`,
      };
    case "give-back":
      return { title: `Give back: ${reminder.thing}` };
    case "use-up":
      return { title: `Use up today: ${reminder.thing}` };
    case "take-down":
      return { title: `Take down by today: ${reminder.activity}`, text: reminder.reason };
    case "adult-held":
      return { title: `Adult-held from today: ${reminder.activity}`, text: reminder.reason };
    case "reach": {
      const places = reminder.change.places.map((place) => place.name).join(", ");
      return { title: `Look again: ${changeText(reminder.change)}`, text: `They can reach then: ${places}.` };
    }
  }
}

/** A reminder as an event of a calendar. */
export const eventOf = (reminder: Reminder): CalendarEvent => ({
  id: reminder.id,
  on: reminder.on,
  every: reminder.every,
  ...(reminder.what === "moment" ? { time: { at: reminder.at, minutes: reminder.minutes } } : {}),
  ...wordsOf(reminder),
});
