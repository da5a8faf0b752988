import {
  type Activity,
  type Catalogue,
  type Child,
  type ChildId,
  Ended,
  GRASPS,
  HELP_LEVELS,
  Interest,
  type Observation,
  PlainDate,
  type Rung,
  type Tables,
} from "../model";
import type { CsvTable } from "./csv";
import { type DateOrder, dateIn, type Mapping, type NoteField, numberIn } from "./fields";

/** What a row of a table becomes: a note of an activity; or what was seen away from any, where none of ours is named. */
export interface ReadNote {
  /** The row's number in the file, the names of the columns being row 1. */
  row: number;
  on: PlainDate;
  child: Child;
  activity?: Activity;
  rung?: Rung;
  words?: string;
  /** What else is told; a field that nothing was said of is left out. */
  told: Partial<
    Pick<
      Observation,
      "help" | "interest" | "minutes" | "repeats" | "ended" | "hand" | "grasp" | "mouthed" | "condition"
    >
  >;
}

/** Why a row can't be taken: in which column, and what stands there. */
export interface RowFault {
  row: number;
  field: NoteField;
  code:
    | "no-date"
    | "future"
    | "no-child"
    | "no-step"
    | "no-words"
    | "not-a-number"
    | "not-known"
    | "too-long";
  value: string;
}

export interface NotesReading {
  notes: ReadNote[];
  faults: RowFault[];
  /** Rows that say what a note here says already. */
  known: number;
}

export interface NotesQuestion {
  mapping: Mapping<NoteField>;
  order: DateOrder;
  /** Whose notes they are where no column says so. */
  child?: ChildId | undefined;
  today: PlainDate;
}

const HANDS = ["left", "right", "both"];
const CONDITIONS = ["usual", "tired", "ill"];
const MOST_WORDS = 2000;
const MOST_MINUTES = 600;
const MOST_TIMES = 500;

const plain = (text: string): string => text.normalize("NFC").toLowerCase().replace(/\s+/g, " ").trim();

/** By id and by name, whatever the case. */
const finder = <T extends { id: string }>(rows: readonly T[], nameOf: (row: T) => string) => {
  const found = new Map(
    rows.flatMap((row): [string, T][] => [
      [plain(nameOf(row)), row],
      [row.id, row],
    ]),
  );
  return (text: string): T | undefined => found.get(plain(text));
};

class Fault extends Error {
  constructor(
    readonly field: NoteField,
    readonly code: RowFault["code"],
    readonly value: string,
  ) {
    super(code);
  }
}

/**
 * Reads a table of notes by the columns it was said to have. A row with a fault is left out and told; so is one that is here
 * already (the same child, day, activity, step and words). An activity that is not known is named in the words instead.
 */
export function readNotes(
  { rows }: CsvTable,
  { mapping, order, child: usual, today }: NotesQuestion,
  catalogue: Catalogue,
  tables: Pick<Tables, "children" | "observations" | "anecdotes">,
): NotesReading {
  const childOf = finder(tables.children, (one) => one.name);
  const activityFor = finder(catalogue.activities, (one) => one.name);
  const here = new Set([
    ...tables.observations.map((one) => keyOf(one.child, one.on, one.activity, one.rung, one.words)),
    ...tables.anecdotes.map((one) => keyOf(one.child, one.on, "", "", one.words)),
  ]);
  const read = (cells: readonly string[], row: number): ReadNote => {
    const cell = (field: NoteField) => {
      const at = mapping[field];
      return at === undefined ? "" : (cells[at] ?? "").trim();
    };
    const one = (field: NoteField, among: readonly string[]) => {
      const value = plain(cell(field)).replaceAll(" ", "-");
      if (value !== "" && !among.includes(value)) throw new Fault(field, "not-known", cell(field));
      return value === "" ? undefined : value;
    };
    const number = (field: NoteField, most: number) => {
      const value = cell(field);
      if (value === "") return undefined;
      const read = numberIn(value);
      if (read === undefined || read > most) throw new Fault(field, "not-a-number", value);
      return read;
    };
    const on = PlainDate.safeParse(dateIn(cell("date"), order));
    if (!on.success) throw new Fault("date", "no-date", cell("date"));
    if (on.data > today) throw new Fault("date", "future", cell("date"));
    const child = childOf(cell("child") || (usual ?? ""));
    if (!child) throw new Fault("child", "no-child", cell("child"));
    const named = cell("activity");
    const activity = activityFor(named);
    const rung = activity && rungOf(activity, cell("step"));
    const words =
      activity || named === "" ? cell("words") : [named, cell("words")].filter(Boolean).join(": ");
    if (!activity && words === "") throw new Fault("words", "no-words", "");
    if (words.length > MOST_WORDS) throw new Fault("words", "too-long", words.slice(0, 40));
    const repeats = number("times", MOST_TIMES);
    const mouthed = one("mouthed", ["yes", "no"]);
    const told = {
      help: one("help", HELP_LEVELS),
      interest: one("interest", Interest.options),
      minutes: number("minutes", MOST_MINUTES),
      repeats: repeats === undefined ? undefined : Math.round(repeats),
      ended: one("ended", Ended.options),
      hand: one("hand", HANDS),
      grasp: one("grasp", GRASPS),
      condition: one("condition", CONDITIONS),
      mouthed: mouthed === undefined ? undefined : mouthed === "yes",
    };
    const said = Object.entries(told).filter(([, value]) => value !== undefined);
    return {
      ...{ row, on: on.data, child, activity, rung, words: words || undefined },
      told: Object.fromEntries(said) as ReadNote["told"],
    };
  };
  const reading: NotesReading = { notes: [], faults: [], known: 0 };
  for (const [i, cells] of rows.entries()) {
    const row = i + 2;
    try {
      const note = read(cells, row);
      const key = keyOf(note.child.id, note.on, note.activity?.id ?? "", note.rung?.id ?? "", note.words);
      if (here.has(key)) reading.known += 1;
      else reading.notes.push(note);
      here.add(key);
    } catch (error) {
      if (!(error instanceof Fault)) throw error;
      reading.faults.push({ row, field: error.field, code: error.code, value: error.value });
    }
  }
  return reading;
}

const keyOf = (child: string, on: string, activity: string, rung: string, words: string | undefined) =>
  JSON.stringify([child, on, activity, rung, words ?? ""]);

/** The step that is named; the only one where none is. */
function rungOf(activity: Activity, text: string): Rung {
  const [only, second] = activity.rungs;
  const rung = text === "" && !second ? only : finder(activity.rungs, (one) => one.title)(text);
  if (!rung) throw new Fault("step", "no-step", text);
  return rung;
}
