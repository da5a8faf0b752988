import type { z } from "zod";
import { ok, type Result } from "../../core/model";
import type { Home } from "../store/home";

/**
 * One thing that somebody can do to a household: the schema of what it is told, and its work. Faulty input changes nothing. The
 * work gives a value, or the faults that stand in its way.
 */
export interface Command<Input extends z.ZodType, Answer> {
  input: Input;
  run(home: Home, input: z.output<Input>): Promise<Result<Answer>>;
}

/** A command that works before there is a household, or beside it. */
export interface HomelessCommand<Input extends z.ZodType, Answer> {
  input: Input;
  runWithoutHome(input: z.output<Input>): Promise<Result<Answer>>;
}

/** Makes a command, so that the input of its work is typed by its schema. */
export const command = <Input extends z.ZodType, Answer>(
  input: Input,
  run: Command<Input, Answer>["run"],
): Command<Input, Answer> => ({ input, run });

/** Makes a command that needs no household. */
export const homelessCommand = <Input extends z.ZodType, Answer>(
  input: Input,
  runWithoutHome: HomelessCommand<Input, Answer>["runWithoutHome"],
): HomelessCommand<Input, Answer> => ({ input, runWithoutHome });

/** The result of work that has nothing to give. */
export async function done(work: Promise<unknown>): Promise<Result<null>> {
  await work;
  return ok(null);
}
