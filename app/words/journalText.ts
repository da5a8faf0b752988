import type { Child, ChildId } from "../core/model";
import { type JournalAnecdote, type JournalEntry, type JournalRow, rungTitle } from "../core/report/journal";
import { dayText } from "./dates";
import { noteWords } from "./notes";

/** Marks that Markdown would read as its own are written as they stand. */
const plain = (text: string): string => text.replace(/([\\`*_{}[\]<>#|])/g, "\\$1").replace(/\s*\n\s*/g, " ");

type Names = ReadonlyMap<string, string>;

const forWhom = (names: Names, child: ChildId): string =>
  names.size > 1 ? ` (${plain(names.get(child) ?? "")})` : "";

function noteLine(entry: JournalEntry, names: Names): string {
  const { note, activity } = entry;
  const rung = rungTitle(entry);
  const what = `**${plain(activity?.name ?? "an activity that is no longer there")}**${rung ? `, ${plain(rung)}` : ""}`;
  const words = note.words ? ` “${plain(note.words)}”` : "";
  return `- ${what}${forWhom(names, note.child)}: ${plain(noteWords(note).join(", ") || "no details")}.${words}`;
}

const seenLine = ({ anecdote, skill }: JournalAnecdote, names: Names): string =>
  `- **Seen**${forWhom(names, anecdote.child)}: ${plain(anecdote.words)}${skill ? ` (${plain(skill.name)})` : ""}`;

function rowText(row: JournalRow, names: Names): string {
  switch (row.kind) {
    case "day":
      return `\n## ${dayText(row.on)}\n`;
    case "note":
      return noteLine(row.entry, names);
    case "anecdote":
      return seenLine(row.entry, names);
  }
}

/** The journal as Markdown: a heading a day, a line a note, in the order of the rows. */
export function journalMarkdown(rows: readonly JournalRow[], children: readonly Child[]): string {
  const names: Names = new Map(children.map((one) => [one.id, one.name]));
  return `# Journal\n${rows.map((row) => rowText(row, names)).join("\n")}\n`;
}
