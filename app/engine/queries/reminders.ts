import { loadGuide } from "../../catalogue";
import { remindersQuestion } from "../../core/day";
import { calendarText, remindersFor } from "../../core/report/calendar";
import { eventOf } from "../../words/reminders";
import { NoParameters } from "./parameters";
import { query } from "./query";

/** The days that can be put into a calendar, and the calendar file itself. */
export const reminders = query(NoParameters, async ({ tables, situation, today }) => {
  const events = remindersFor(await remindersQuestion(tables, situation, today, loadGuide)).map(eventOf);
  return { events, text: calendarText(events, new Date().toISOString()), today };
});
