import type { SkillId } from "../core/model";
import type { Document } from "../core/print/textPages";
import type { Summary, SummaryEntry } from "../core/report/summary";
import { AREA_NAMES } from "./areas";
import { dayText, plainDay } from "./dates";
import { MOVE_WORDS } from "./moves";
import { noteWords } from "./notes";

/** The headings of a summary besides its areas. */
export const SUMMARY_PARTS = {
  questions: "What we would like to ask",
  ticks: "Seen, or not yet",
  changes: "What was changed",
  standing: "What stood ready on the last day",
} as const;

/** "17.4 months": the age that counted. */
export const monthsText = (months: number): string => `${(Math.floor(months * 10) / 10).toFixed(1)} months`;

/** What one entry says, without its day. */
export function entryText(entry: SummaryEntry): string {
  if (entry.kind === "told") {
    return entry.skill ? `${entry.skill.name}: “${entry.anecdote.words}”` : `“${entry.anecdote.words}”`;
  }
  const { note, activity, rung } = entry;
  const details = noteWords(note);
  const what = rung ? `${activity.name} (${rung.title})` : activity.name;
  return `${what}: ${details.join(", ") || "no details"}${note.words ? `. “${note.words}”` : ""}`;
}

/** What the adult changed about a tray. */
export const changeLine = ({ decision, activity }: Summary["changes"][number]): string =>
  `${plainDay(decision.on)}: ${activity.name}, ${MOVE_WORDS[decision.move].done}`;

/** What stood on the last day, and since when. */
export const standingLine = ({ tray, activity, rung }: Summary["standing"][number]): string =>
  `${rung ? `${activity.name} (${rung.title})` : activity.name}, since ${plainDay(tray.outSince)}`;

/** Whom it is about: by name, or as the child. */
export const subjectOf = ({ question: { child, named } }: Summary): string =>
  named ? child.name : "The child";

/** What a worry or a lost skill is about, in a sentence. */
export function careLine(care: Summary["care"][number], nameOf: (skill: SkillId) => string): string {
  switch (care.kind) {
    case "worry":
      return `Asked on ${dayText(care.worry.on)}: ${care.worry.words ?? "something worries the parent"}`;
    case "skill":
      return `${nameOf(care.skill)}: seen on ${dayText(care.seenOn)}, not since ${dayText(care.missingOn)}`;
    case "rung":
      return `Done alone up to ${dayText(care.aloneOn)}, and not since ${dayText(care.missingOn)}`;
  }
}

/** The parent's own questions, a line each. */
export const questionsIn = (typed: string): string[] =>
  typed.split("\n").flatMap((line) => line.trim() || []);

/**
 * The whole in words, part by part: it says what was noted, and judges nothing. What the parent wants to ask comes first.
 */
export function summaryDocument(
  summary: Summary,
  nameOf: (skill: SkillId) => string,
  questions: readonly string[] = [],
): Document {
  const { question, months, care, areas, changes, standing, ticks } = summary;
  const parts = [
    { title: SUMMARY_PARTS.questions, entries: questions },
    { title: "Asked, and to keep an eye on", entries: care.map((one) => careLine(one, nameOf)) },
    ...areas.map(({ area, entries }) => ({
      title: AREA_NAMES[area],
      entries: entries.map((one) => `${plainDay(one.on)} (${monthsText(one.months)}): ${entryText(one)}`),
    })),
    {
      title: SUMMARY_PARTS.ticks,
      entries: ticks.map((one) => `${plainDay(one.on)}: ${one.skill.name}, ${one.seen ? "seen" : "not yet"}`),
    },
    { title: SUMMARY_PARTS.changes, entries: changes.map(changeLine) },
    { title: SUMMARY_PARTS.standing, entries: standing.map(standingLine) },
  ];
  return {
    title: `${subjectOf(summary)}: what was noted`,
    lead: `From ${dayText(question.from)} to ${dayText(question.to)}; ${monthsText(months)} on the last day${question.child.due ? ", corrected where that applies" : ""}. Observations by the family, no judgement.`,
    parts: parts.filter((one) => one.entries.length > 0),
  };
}

const escaped = (text: string) => text.replace(/([\\`*_{}[\]<>#|])/g, "\\$1").replace(/\s+/g, " ");

/** The document as Markdown. */
export function documentMarkdown({ title, lead, parts }: Document): string {
  const lines = [`# ${escaped(title)}`, "", lead];
  for (const part of parts)
    lines.push("", `## ${part.title}`, "", ...part.entries.map((one) => `- ${escaped(one)}`));
  return `${lines.join("\n")}\n`;
}

/** The whole as Markdown. */
export const summaryMarkdown = (summary: Summary, nameOf: (skill: SkillId) => string): string =>
  documentMarkdown(summaryDocument(summary, nameOf));
