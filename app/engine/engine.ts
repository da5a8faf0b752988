import { fault, ok, parseWith, type Result } from "../core/model";
import { type CommandAnswer, type CommandName, commandNamed } from "./commands";
import { type QueryName, type QueryView, queryNamed } from "./queries";
import { type Home, readHome } from "./store/home";

const NO_HOUSEHOLD = fault("no-household", "", "There is no household here yet. Set one up first.");
const NOT_THERE = fault("not-there", "", "There is no such thing here. It may have been removed.");

/** The point of view of a question or a command. */
export interface Standpoint {
  /** The months that the screen looks ahead; 0 for today. */
  monthsAhead?: number;
  /** Ends the work, where nobody waits for it any more. */
  signal?: AbortSignal;
  /** All that is asked with the same object, as the parts of one screen are, is answered from one reading of the household. */
  navigation?: object;
}

/** The reading of the household of each navigation, for as long as the navigation is known to anybody. */
const readings = new WeakMap<object, Promise<Home | undefined>>();

function homeFor({ monthsAhead = 0, navigation }: Standpoint): Promise<Home | undefined> {
  const known = navigation && readings.get(navigation);
  if (known) return known;
  const reading = readHome(monthsAhead);
  if (navigation) readings.set(navigation, reading);
  return reading;
}

/**
 * Asks for the view of a screen, or of a part of one.
 * @param name For example `shelf`.
 * @param parameters What an address says; the query's own schema reads it.
 * @returns Plain data; or a fault: `no-household`, or `not-there` where what the parameters name is not there.
 */
export async function ask<N extends QueryName>(
  name: N,
  parameters: unknown,
  standpoint: Standpoint = {},
): Promise<Result<QueryView<N>>> {
  const [home, query] = await Promise.all([homeFor(standpoint), queryNamed(name)]);
  if (!home) return NO_HOUSEHOLD;
  const read = parseWith(query.parameters, parameters);
  if (!read.ok) return NOT_THERE;
  const view = await query.ask(home, read.value, standpoint.signal);
  return view === undefined ? NOT_THERE : ok(view as QueryView<N>);
}

/**
 * Runs a command by its name. Its input is read by the command's own schema, and a fault of that names the field.
 * @param name For example `notes.take`.
 * @param input What came from a form or a test; nothing is taken on trust.
 */
export async function run<N extends CommandName>(
  name: N,
  input: unknown,
  { monthsAhead = 0 }: Standpoint = {},
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
