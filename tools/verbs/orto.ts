import { readFileSync } from "node:fs";
import { parseArgs } from "node:util";
import { z } from "zod";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import { GUIDES } from "../../app/catalogue/guides";
import { MAKINGS } from "../../app/catalogue/makings";
import { WARDROBE } from "../../app/catalogue/wardrobe";
import { ageOn } from "../../app/core/age";
import { csvText, cupboardTable, notesTable, rotationsTable } from "../../app/core/csv";
import { catalogueOf } from "../../app/core/household";
import { mergeBackups } from "../../app/core/merge";
import {
  type Backup,
  type Child,
  type Issue,
  livingTables,
  PACK_FORMAT,
  Pack,
  PieceShape,
  PlainDate,
  parseWith,
  type Result,
  readBackup,
  readBackupText,
} from "../../app/core/model";
import { readLine } from "../../app/core/paste";
import { smallPartFit, tubeFit } from "../../app/core/safety";
import { demoBackup } from "../../app/demo";
import { AssessInput, assessVerb } from "./assessVerb";
import { dayVerb } from "./dayVerb";
import { HELP } from "./help";
import { icsVerb } from "./icsVerb";
import { planVerb } from "./planVerb";
import { prepVerb } from "./prepVerb";
import { readyVerb } from "./readyVerb";
import { SetUpInput, setUpAllVerb, setUpVerb } from "./setUpVerb";
import { sheetVerb } from "./sheetVerb";
import { simulateVerb } from "./simulateVerb";
import { summaryVerb } from "./summaryVerb";

/** Faults in the input: one line each on standard error, exit 2. */
class Faults extends Error {
  constructor(readonly issues: readonly Issue[]) {
    super(issues.map((p) => `${p.path || "(input)"}: ${p.message} [${p.code}]`).join("\n"));
  }
}

const fault = (path: string, message: string, code = "bad-option") => new Faults([{ code, path, message }]);

function must<T>(result: Result<T>): T {
  if (!result.ok) throw new Faults(result.issues);
  return result.value;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw fault("", `is not JSON: ${(error as Error).message}`, "not-json");
  }
}

interface Options {
  /** What stands on standard input, read as JSON. */
  input: () => unknown;
  /** What stands after the verb. */
  files?: readonly string[];
  all?: boolean;
  svg?: boolean;
  on?: string;
  from?: string;
  to?: string;
  child?: string;
  weeks?: string;
  lp?: string;
  limit?: string;
  children?: string;
}

const AgeInput = z.strictObject({ birth: PlainDate, on: PlainDate, due: PlainDate.optional() });

function age({ input }: Options) {
  const { birth, on, due } = must(parseWith(AgeInput, input()));
  return must(ageOn(birth, on, due));
}

function smallPart({ input }: Options) {
  const piece = must(parseWith(PieceShape, input()));
  const { fits, scale } = smallPartFit(piece);
  return { fits, scale, ...tubeFit(piece) };
}

const isPack = (value: unknown): boolean =>
  typeof value === "object" && value !== null && "format" in value && value.format === PACK_FORMAT;

function check({ input }: Options) {
  const value = input();
  if (isPack(value)) must(parseWith(Pack, value));
  else must(readBackup(value, CATALOGUE));
}

function dateOption(value: string | undefined, name = "--on"): PlainDate {
  if (value === undefined) throw fault(name, "is missing; give a date, YYYY-MM-DD");
  const parsed = PlainDate.safeParse(value);
  if (!parsed.success) throw fault(name, `"${value}" is not a calendar date, YYYY-MM-DD`);
  return parsed.data;
}

function numberOption(name: string, value: string | undefined, fallback: number, max: number): number {
  if (value === undefined) return fallback;
  const number = Number(value);
  if (!Number.isFinite(number) || number <= 0 || number > max) {
    throw fault(name, `"${value}" is not a number above 0 and up to ${max}`);
  }
  return number;
}

const backupInput = ({ input }: Options): Backup => must(readBackup(input(), CATALOGUE));

function childOption(backup: Backup, id: string | undefined): Child {
  const child = livingTables(backup.tables).children.find((one) => one.id === id);
  if (child) return child;
  const ids = backup.tables.children.map((one) => one.id).join(", ");
  throw fault("--child", `"${id ?? ""}" is not a child of this household; it has ${ids}`);
}

/** A backup from a file that is named on the command line. */
function backupFrom(file: string | undefined, which: string): Backup {
  if (file === undefined) throw fault(which, "is missing; name a backup file");
  let text: string;
  try {
    text = readFileSync(file, "utf8");
  } catch {
    throw fault(which, `"${file}" could not be read`, "no-file");
  }
  return must(readBackupText(text, CATALOGUE));
}

const prep = (options: Options) => {
  const on = dateOption(options.on);
  return prepVerb(backupInput(options), on);
};

const ics = (options: Options) => {
  const on = dateOption(options.on);
  return icsVerb(backupInput(options), on);
};

function csv(options: Options) {
  const [what = ""] = options.files ?? [];
  const tableOf = { notes: notesTable, cupboard: cupboardTable, rotations: rotationsTable }[what];
  if (!tableOf) throw fault("table", `"${what}" is none of notes, cupboard, rotations`);
  const tables = livingTables(backupInput(options).tables);
  return csvText(tableOf(tables, catalogueOf(CATALOGUE, tables)));
}

const merge = ({ files: [a, b] = [] }: Options) => must(mergeBackups(backupFrom(a, "A"), backupFrom(b, "B")));

function summary(options: Options) {
  const [from, to] = [dateOption(options.from, "--from"), dateOption(options.to, "--to")];
  if (from > to) throw fault("--from", `${from} is after --to, ${to}`);
  const backup = backupInput(options);
  return summaryVerb(backup, childOption(backup, options.child), from, to);
}

function ready(options: Options) {
  const on = dateOption(options.on);
  const backup = backupInput(options);
  const child = childOption(backup, options.child);
  if (child.birth > on) throw fault("--on", `${on} is before ${child.name}'s birth on ${child.birth}`);
  return readyVerb(backup, child, on);
}

function plan(options: Options) {
  const on = dateOption(options.on);
  const weeks = Math.round(numberOption("--weeks", options.weeks, 1, 6));
  const seconds = numberOption("--limit", options.limit, 10, 600);
  return planVerb(backupInput(options), on, weeks, seconds, options.lp);
}

const day = (options: Options) => {
  const on = dateOption(options.on);
  return dayVerb(backupInput(options), on);
};

function simulation(options: Options) {
  const children = Math.round(numberOption("--children", options.children, 20, 1000));
  const weeks = Math.round(numberOption("--weeks", options.weeks, 26, 104));
  return simulateVerb({ children, weeks });
}

const PasteInput = z.strictObject({
  lines: z.array(z.string().max(500, "at most 500 characters")).max(10_000),
});

function paste({ input }: Options) {
  const { lines } = must(parseWith(PasteInput, input()));
  return lines.map((line) => {
    const { material, quantity, unit, danger } = readLine(line, CATALOGUE);
    return { line, material, quantity, unit, danger: danger && { id: danger.id, why: danger.why } };
  });
}

const assessed = ({ input }: Options) => must(assessVerb(must(parseWith(AssessInput, input()))));

const setUp = ({ all, input }: Options) =>
  all ? setUpAllVerb() : must(setUpVerb(must(parseWith(SetUpInput, input()))));

const sheet = async ({ files: [kind] = [], svg = false, input }: Options) =>
  must(await sheetVerb(kind, input(), svg));

const VERBS: Record<string, (options: Options) => unknown> = {
  age,
  "small-part": smallPart,
  catalogue: () => ({
    ...CATALOGUE,
    activities: CATALOGUE.activities.map((one) => ({ ...one, guide: GUIDES[one.id] })),
  }),
  demo: () => demoBackup(CATALOGUE),
  check,
  ready,
  paste,
  assess: assessed,
  setup: setUp,
  makings: () => MAKINGS,
  themes: () => WARDROBE.themes,
  day,
  summary,
  prep,
  ics,
  csv,
  merge,
  sheet,
  plan,
  simulate: simulation,
};

const OPTIONS = {
  help: { type: "boolean" },
  all: { type: "boolean" },
  svg: { type: "boolean" },
  on: { type: "string" },
  from: { type: "string" },
  to: { type: "string" },
  child: { type: "string" },
  weeks: { type: "string" },
  lp: { type: "string" },
  limit: { type: "string" },
  children: { type: "string" },
} as const;

/** What a command gives: its exit code, and what it writes. */
export interface Answered {
  code: 0 | 1 | 2;
  out: string | Uint8Array;
  err: string;
}

const isFaultOfInput = (error: unknown) =>
  error instanceof Faults || String((error as { code?: string }).code).startsWith("ERR_PARSE_ARGS");

async function answer(args: string[], standardInput: () => string): Promise<Answered> {
  const { values, positionals } = parseArgs({ args, allowPositionals: true, options: OPTIONS });
  const [verb = "", ...files] = positionals;
  const run = VERBS[verb];
  if (values.help || !run) {
    const help = `${(run ? [HELP[verb]] : Object.values(HELP)).join("\n")}\n`;
    return run || values.help ? { code: 0, out: help, err: "" } : { code: 2, out: "", err: help };
  }
  const output = await run({ ...values, files, input: () => parsed(standardInput()) });
  if (typeof output === "string" || output instanceof Uint8Array) return { code: 0, out: output, err: "" };
  return { code: 0, out: output === undefined ? "" : `${JSON.stringify(output, null, 1)}\n`, err: "" };
}

/**
 * A verb of the command line with its arguments. Standard input is read only where the verb asks for it. A fault in what was
 * given is a line each on `err` with code 2; whatever else goes wrong has code 1.
 */
export async function orto(args: string[], standardInput: () => string): Promise<Answered> {
  try {
    return await answer(args, standardInput);
  } catch (error) {
    return { code: isFaultOfInput(error) ? 2 : 1, out: "", err: `${(error as Error).message}\n` };
  }
}
