import { fault, parseWith, type Result } from "../core/model";
import { type CommandAnswer, type CommandName, commandNamed } from "./commands";
import { readHome } from "./store/home";

const NO_HOUSEHOLD = fault("no-household", "", "There is no household here yet. Set one up first.");

/**
 * Runs a command by its name. Its input is read by the command's own schema, and a fault of that names the field.
 * @param name For example `notes.take`.
 * @param input What came from a form or a test; nothing is taken on trust.
 * @param monthsAhead How far ahead the screen looks that it came from, in months; 0 for today.
 */
export async function run<N extends CommandName>(
  name: N,
  input: unknown,
  monthsAhead = 0,
): Promise<Result<CommandAnswer<N>>> {
  const command = await commandNamed(name);
  if (!command) return fault("unknown-command", "", `There is no command ${name}.`);
  const read = parseWith(command.input, input);
  if (!read.ok) return read;
  if ("runWithoutHome" in command) {
    return (await command.runWithoutHome(read.value)) as Result<CommandAnswer<N>>;
  }
  const home = await readHome(monthsAhead);
  if (!home) return NO_HOUSEHOLD;
  return (await command.run(home, read.value)) as Result<CommandAnswer<N>>;
}
