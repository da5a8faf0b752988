import type { Issue } from "../../core/model";
import type { CommandAnswer, CommandName } from "../commands";
import { run } from "../engine";

/** What a command answers to an input, as a screen hears it: its faults, or what it gave. */
export async function act<N extends CommandName>(
  name: N,
  input: unknown,
  monthsAhead = 0,
): Promise<{ issues: readonly Issue[]; answer?: CommandAnswer<N> }> {
  const done = await run(name, input, monthsAhead);
  return done.ok ? { issues: [], answer: done.value } : { issues: done.issues };
}
