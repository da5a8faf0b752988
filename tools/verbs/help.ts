/** What each verb takes and gives, in a line. */
export const HELP: Record<string, string> = {
  age: "age < {birth, on, due?}            → {days, months, weeks, decimalMonths, correctedMonths, applies}",
  "small-part":
    "small-part < {shape, mm}            → {fits, scale, tubeFits, tubeDiameterMm}; lengths in mm",
  catalogue: "catalogue                           → the built-in pack",
  demo: "demo                                → the demo household as a backup file",
  check: "check < backup or pack              → nothing and exit 0, or one line a fault and exit 2",
  ready: "ready --child ID --on DATE < backup → chance for every skill and rung",
  simulate: "simulate [--children N] [--weeks N]  → tables: made-up children under four policies",
  paste: "paste < {lines: [...]}              → what the reader of pasted lists makes of each line",
  assess:
    "assess < {backup, on, activity, rung, place, child} → {state, rules, until, safeWays}: judged as this home has the things",
  setup:
    "setup < {backup, on, activity, rung} → {ok, relations, faults}: how the things meet; setup --all: the whole catalogue",
  makings: "makings                             → how things are made at home, by the material",
  themes: "themes                              → themes and what each dresses",
  day: "day --on DATE < backup              → the day's moments: what is on, to prepare, to use up",
  summary: "summary --child ID --from DATE --to DATE < backup → what was noted of a child, as Markdown",
  prep: "prep --on DATE < backup             → what is to be prepared: lines, minutes, shopping",
  ics: "ics --on DATE < backup              → the reminders from that day on, as a calendar file",
  csv: "csv notes|cupboard|rotations < backup → the table as comma-separated values (RFC 4180)",
  merge: "merge A B                           → two backup files of one household as one backup",
  sheet: "sheet KIND [--svg] < {paper?, …fields} → the sheet as PDF (its first page as SVG), at true size",
  plan: "plan --on DATE [--weeks N] [--lp FILE] [--limit SECONDS] < backup → the next rotations",
};
