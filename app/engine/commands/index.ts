import type { z } from "zod";
import type { Command, HomelessCommand } from "./command";

/** Each subject's commands. A subject is loaded when the first of its commands is run, so that no screen carries them all. */
const SUBJECTS = {
  activities: async () => (await import("./activities")).activities,
  anecdotes: async () => (await import("./anecdotes")).anecdotes,
  care: async () => (await import("./care")).care,
  cupboard: async () => (await import("./cupboard")).cupboard,
  household: async () => (await import("./household")).household,
  moments: async () => (await import("./moments")).moments,
  notes: async () => (await import("./notes")).notes,
  packs: async () => (await import("./packs")).packs,
  plan: async () => (await import("./plan")).plan,
  preparing: async () => (await import("./preparing")).preparing,
  settings: async () => (await import("./settings")).settings,
  sheets: async () => (await import("./sheets")).sheets,
  sittings: async () => (await import("./sittings")).sittings,
  skills: async () => (await import("./skills")).skills,
  start: async () => (await import("./start")).start,
  tables: async () => (await import("./tables")).tables,
  trays: async () => (await import("./trays")).trays,
  watches: async () => (await import("./watches")).watches,
  wishes: async () => (await import("./wishes")).wishes,
} as const;

export type SubjectName = keyof typeof SUBJECTS;
type Subjects = { [S in SubjectName]: Awaited<ReturnType<(typeof SUBJECTS)[S]>> };

/** The name of a command: its subject and what is done, for example `notes.take`. */
export type CommandName = {
  [S in SubjectName]: `${S}.${Extract<keyof Subjects[S], string>}`;
}[SubjectName];

type CommandNamed<N extends CommandName> = N extends `${infer S extends SubjectName}.${infer C}`
  ? C extends keyof Subjects[S]
    ? Subjects[S][C]
    : never
  : never;

type AnyCommand = Command<z.ZodType, unknown> | HomelessCommand<z.ZodType, unknown>;

/** The input of a command, as its schema reads it. */
export type CommandInput<N extends CommandName> =
  CommandNamed<N> extends { input: infer Input extends z.ZodType } ? z.output<Input> : never;

/** The value of a command that had no faults. */
export type CommandAnswer<N extends CommandName> =
  CommandNamed<N> extends Command<z.ZodType, infer Answer> | HomelessCommand<z.ZodType, infer Answer>
    ? Answer
    : never;

const isSubject = (name: string): name is SubjectName => Object.hasOwn(SUBJECTS, name);

/** Loads a subject before the first of its commands is run, so that the first tap waits for nothing. */
export const preloadSubject = (name: SubjectName): Promise<unknown> => SUBJECTS[name]();

/** The command of a name; undefined where there is none. */
export async function commandNamed(name: string): Promise<AnyCommand | undefined> {
  const [subject = "", what = "", ...more] = name.split(".");
  if (!isSubject(subject) || more.length > 0) return undefined;
  const commands: Readonly<Record<string, AnyCommand>> = await SUBJECTS[subject]();
  return Object.hasOwn(commands, what) ? commands[what] : undefined;
}

/** Commands that only look at something: they write nothing, so nothing has to be read anew. */
const LOOKS: ReadonlySet<string> = new Set<CommandName>(["cupboard.readList", "packs.look"]);
export const isLook = (name: string): boolean => LOOKS.has(name);
