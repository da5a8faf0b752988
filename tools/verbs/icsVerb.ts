import { CATALOGUE } from "../../app/catalogue/catalogue";
import { GUIDES } from "../../app/catalogue/guides";
import { remindersQuestion } from "../../app/core/day";
import { situationOf } from "../../app/core/household";
import { type Backup, livingTables, type PlainDate } from "../../app/core/model";
import { calendarText, remindersFor } from "../../app/core/report/calendar";
import { eventOf } from "../../app/words/reminders";

/** What the household may want to be reminded of from a day on, at its first home, as a calendar file (RFC 5545). */
export async function icsVerb(backup: Backup, on: PlainDate): Promise<string> {
  const tables = livingTables(backup.tables);
  const s = situationOf(CATALOGUE, tables, on);
  const question = await remindersQuestion(tables, s, on, async (one) => one.guide ?? GUIDES[one.id]);
  return calendarText(remindersFor(question).map(eventOf), `${on}T00:00:00.000Z`);
}
