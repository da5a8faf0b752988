import { href, redirect } from "react-router";
import { z } from "zod";
import { ask } from "../engine/engine";
import type { QueryName, QueryView } from "../engine/queries";
import { tellPageFault } from "../ui/command/pageFaults";

/** So far ahead a preview looks, in months. */
export const MOST_MONTHS_AHEAD = 48;

/** Months of preview named in an address: `?ahead=6`. Anything odd counts as none. */
const Ahead = z.coerce.number().int().min(0).max(MOST_MONTHS_AHEAD).catch(0);

/** The parts of an address by their names: a text, or several where a name stands there several times. */
function addressOf(request: Request): Record<string, string | string[]> {
  const search = new URL(request.url).searchParams;
  return Object.fromEntries(
    [...new Set(search.keys())].map((name) => {
      const [first = "", ...more] = search.getAll(name);
      return [name, more.length > 0 ? [first, ...more] : first];
    }),
  );
}

/**
 * Asks the engine for what a screen shows. Leads to the first start where there is no household.
 * @param request Its address holds the parameters of the query.
 * @param named What the path names, for example the id of an activity.
 * @throws A response with the status 404 where there is no such thing.
 */
export async function askFor<N extends QueryName>(
  request: Request,
  name: N,
  named: Readonly<Record<string, string | undefined>> = {},
): Promise<QueryView<N>> {
  const address = addressOf(request);
  const asked = await ask(
    name,
    { ...address, ...named },
    { monthsAhead: Ahead.parse(address.ahead), signal: request.signal, navigation: request },
  );
  if (asked.ok) return asked.value;
  if (asked.issues.some((one) => one.code === "no-household")) throw redirect(href("/start"));
  throw new Response(asked.issues[0]?.message, { status: 404 });
}

/** Asks for what a screen shows; leads to another address where there is no such thing. */
export async function askOrLeadTo<N extends QueryName>(
  request: Request,
  name: N,
  address: string,
): Promise<QueryView<N>> {
  try {
    return await askFor(request, name);
  } catch (error) {
    if (error instanceof Response && error.status === 404) throw redirect(address);
    throw error;
  }
}

/** Asks for what comes in once the screen stands; its failure is told by the part that shows it. */
export function askLater<N extends QueryName>(request: Request, name: N): Promise<QueryView<N>> {
  const asked = askFor(request, name);
  asked.catch(() => undefined);
  return asked;
}

/** Asks at a tap, for today. A fault is told across the page, and gives undefined. */
export async function askAtTap<N extends QueryName>(
  name: N,
  parameters: object = {},
): Promise<QueryView<N> | undefined> {
  const asked = await ask(name, parameters);
  if (asked.ok) return asked.value;
  tellPageFault({ message: asked.issues[0]?.message ?? "It could not be read.", isNotKept: false });
  return undefined;
}
