import type { Move, PlainDate, Routine, Row } from "../core/model";
import { withinSentence } from "./barriers";
import { plainDay } from "./dates";
import { graspText } from "./grasps";
import { ROUTINE_NAMES } from "./moments";
import { MOVE_WORDS } from "./moves";
import { CONDITION_WORDS, ENDED_WORDS, HAND_WORDS, HELP_LABELS, INTEREST_WORDS } from "./notes";

/** What fields of rows are called where their own name would not be understood. */
const FIELD_NAMES: Record<string, string> = {
  also: "who else uses it",
  at: "time",
  allotted: "things on it",
  because: "why it is out of reach",
  downOn: "taken down",
  heightCm: "height in cm",
  help: "how much help",
  interest: "how it was liked",
  mouthed: "in the mouth",
  mouths: "puts things into the mouth",
  on: "day",
  outOfReachOf: "out of reach of",
  planFor: "whether it is planned for",
  reachedBy: "who gets at it",
  saidOn: "when that was said",
  servesOnly: "whom it is for",
  where: "where it is kept",
};

/** "takenDown" as "taken down". */
const spelled = (field: string): string => field.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

export const fieldName = (field: string): string => FIELD_NAMES[field] ?? spelled(field);

const OF_THE_ROW: ReadonlySet<string> = new Set(["id", "createdAt", "updatedAt", "fieldStamps"]);

const fieldsOf = (row: Row) => new Map<string, unknown>(Object.entries(row));

/** The fields in which two states of a row differ, as they are called. */
export function changedFields(before: Row, after: Row): string[] {
  const [was, is] = [fieldsOf(before), fieldsOf(after)];
  return [...new Set([...was.keys(), ...is.keys()])]
    .filter(
      (field) => !OF_THE_ROW.has(field) && JSON.stringify(was.get(field)) !== JSON.stringify(is.get(field)),
    )
    .map(fieldName);
}

type Worded = (value: never) => string | undefined;
/** What the values of some fields are called. */
const VALUE_WORDS: Record<string, Worded> = {
  help: (value: string) => HELP_LABELS.find((one) => one.value === value)?.label.toLowerCase(),
  interest: (value: keyof typeof INTEREST_WORDS) => INTEREST_WORDS[value],
  ended: (value: keyof typeof ENDED_WORDS) => ENDED_WORDS[value],
  hand: (value: keyof typeof HAND_WORDS) => HAND_WORDS[value],
  condition: (value: keyof typeof CONDITION_WORDS) => CONDITION_WORDS[value],
  grasp: graspText,
  move: (value: Move) => MOVE_WORDS[value].done,
  routine: (value: Routine) => withinSentence(ROUTINE_NAMES[value]),
};

const DAY = /^\d{4}-\d\d-\d\d$/;

/** What a field says, in words; ids by their names. */
export function valueText(field: string, value: unknown, nameOf: (id: string) => string | undefined): string {
  if (value === undefined || value === null || value === "") return "nothing";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number") return String(value);
  if (typeof value === "string") {
    const word = VALUE_WORDS[field]?.(value as never) ?? nameOf(value);
    return word ?? (DAY.test(value) ? plainDay(value as PlainDate) : `“${value}”`);
  }
  if (Array.isArray(value)) {
    return value.length === 0 ? "none" : value.map((one) => valueText(field, one, nameOf)).join(", ");
  }
  return Object.entries(value)
    .map(([key, one]) => `${fieldName(key)} ${valueText(key, one, nameOf)}`)
    .join(", ");
}
