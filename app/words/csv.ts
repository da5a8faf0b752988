import type { NotesReading, RowFault } from "../core/csv";
import { countText } from "./numbers";

const FAULTS: Record<RowFault["code"], (value: string) => string> = {
  "no-date": (value) => (value === "" ? "there is no date" : `“${value}” is no date`),
  future: (value) => `${value} has not come yet`,
  "no-child": (value) => (value === "" ? "it does not say whose it is" : `nobody here is called “${value}”`),
  "no-step": (value) =>
    value === "" ? "the step of the activity is missing" : `the activity has no step “${value}”`,
  "no-words": () => "there is neither an activity nor a word",
  "not-a-number": (value) => `“${value}” is no number that can be`,
  "not-known": (value) => `“${value}” is not one of its words`,
  "too-long": (value) => `more than 2000 characters: “${value}…”`,
};

/** "Row 5, date: “31/02/2026” is no date." */
export const faultText = ({ row, field, code, value }: RowFault): string =>
  `Row ${row}, ${field}: ${FAULTS[code](value)}.`;

/** What of a table can be taken, in a sentence. */
export function readingText({ notes, faults, known }: NotesReading): string {
  const seen = notes.filter((one) => !one.activity).length;
  const parts = [
    `${countText(notes.length - seen, "note")} to take`,
    seen > 0 ? `${seen} of something that is no activity here, kept in its words` : "",
    known > 0 ? `${known} here already` : "",
    faults.length > 0 ? `${countText(faults.length, "row")} that can’t be read` : "",
  ];
  return `${parts.filter(Boolean).join("; ")}.`;
}
