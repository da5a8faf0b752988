import { CATALOGUE } from "../../app/catalogue/catalogue";
import { catalogueOf } from "../../app/core/household";
import { type Backup, type Child, livingTables, type PlainDate } from "../../app/core/model";
import { summaryOf } from "../../app/core/report/summary";
import { summaryMarkdown } from "../../app/words/summary";

/** What was noted of a child from a day to a day, as Markdown. */
export function summaryVerb(backup: Backup, child: Child, from: PlainDate, to: PlainDate): string {
  const tables = livingTables(backup.tables);
  const catalogue = catalogueOf(CATALOGUE, tables);
  const names = new Map<string, string>(catalogue.skills.map((one) => [one.id, one.name]));
  const summary = summaryOf(catalogue, tables, { child, from, to, areas: [], named: true });
  return summaryMarkdown(summary, (id) => names.get(id) ?? id);
}
