import type { Issue } from "../../core/model";
import type { CommandAnswer, CommandName } from "../commands";
import { run } from "../engine";

/** Runs a command and gives its result as a screen hears it: its faults, or its answer. */
export async function act<N extends CommandName>(
  name: N,
  input: unknown,
  monthsAhead = 0,
): Promise<{ issues: readonly Issue[]; answer?: CommandAnswer<N> }> {
  const done = await run(name, input, { monthsAhead });
  return done.ok ? { issues: [], answer: done.value } : { issues: done.issues };
}
